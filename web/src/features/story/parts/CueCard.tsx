import type { AthleteStory } from '../../../api/story';
import { BarRows } from '../../../design/chart/BarRows';
import { ChartCard } from '../../../design/chart/ChartCard';

/** Which cue helped, and how often. */
export function CueCard({ story }: { story: AthleteStory }) {
  const rows = story.cues.map(({ cue, better }) => ({ name: cue, value: better }));
  return (
    <ChartCard
      title="Goes that were better under a cue"
      said={story.cuesSaid.sentence}
      table={{
        head: ['cue', 'better', 'goes'],
        rows: story.cues.map(({ cue, better, goes }) => [cue, better, goes]),
      }}
      file="cues"
    >
      {rows.length === 0
        ? null
        : (width) => <BarRows rows={rows} width={width} label={story.cuesSaid.sentence} />}
    </ChartCard>
  );
}
