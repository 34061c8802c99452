import type { AthleteStory } from '../../../api/story';
import { BeatLines } from '../../../design/chart/BeatLines';
import { ChartCard } from '../../../design/chart/ChartCard';

/** The beat of the takes that were logged, and how even it was. */
export function BeatCard({ story }: { story: AthleteStory }) {
  const said = story.beatsSaid.map(({ sentence }) => sentence).join(' ');
  const tenth = (value: number | null) => (value === null ? null : Math.round(10 * value) / 10);
  const share = (value: number | null) => tenth(value === null ? null : 100 * value);
  return (
    <ChartCard
      title="The beat of takes, and how even it was"
      said={said}
      table={{
        head: ['day', 'jumps a minute', 'the drill asks', 'above, smooth', 'off, %', 'smooth, %'],
        rows: story.beats.map((one) => [
          one.day,
          tenth(one.cadence),
          tenth(one.asked),
          tenth(one.line),
          share(one.variation),
          share(one.evenLine),
        ]),
      }}
      file="beat"
    >
      {story.beats.length === 0
        ? null
        : (width) => <BeatLines beats={story.beats} until={story.on} width={width} label={said} />}
    </ChartCard>
  );
}
