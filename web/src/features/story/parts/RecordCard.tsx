import type { AthleteStory } from '../../../api/story';
import { BarRows } from '../../../design/chart/BarRows';
import { ChartCard } from '../../../design/chart/ChartCard';

/** The best go of each stage. */
export function RecordCard({ story }: { story: AthleteStory }) {
  const rows = story.records.map(({ stageName, best }) => ({
    name: `${stageName}: ${String(best)}`,
    value: best,
  }));
  return (
    <ChartCard
      title="The best go of each stage"
      said={story.recordsSaid.sentence}
      table={{
        head: ['stage', 'best', 'of', 'day'],
        rows: story.records.map((one) => [one.stageName, one.best, one.what, one.day]),
      }}
      file="records"
    >
      {rows.length === 0
        ? null
        : (width) => <BarRows rows={rows} width={width} label={story.recordsSaid.sentence} />}
    </ChartCard>
  );
}
