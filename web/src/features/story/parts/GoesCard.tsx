import type { AthleteStory } from '../../../api/story';
import { ChartCard } from '../../../design/chart/ChartCard';
import { StepCurves } from '../../../design/chart/StepCurves';

const names: Record<number, string> = { 0: 'now', 4: '4 weeks ago', 12: '12 weeks ago' };

/** How far goes reach, of ten: now, four and twelve weeks ago. */
export function GoesCard({ story }: { story: AthleteStory }) {
  const curves = story.curves.map(({ weeksAgo, points }) => ({
    name: names[weeksAgo] ?? String(weeksAgo),
    points,
  }));
  const percent = (share: number) => Math.round(100 * share);
  return (
    <ChartCard
      title="How far goes reach: of ten, so many"
      said={story.curvesSaid.sentence}
      table={{
        head: ['when', 'reps', 'of 100', 'at least', 'at most'],
        rows: curves.flatMap(({ name, points }) =>
          points.map((one) => [name, one.reps, percent(one.share), percent(one.low), percent(one.high)]),
        ),
      }}
      file="how-far-goes-reach"
    >
      {!story.curves.some(({ weeksAgo }) => weeksAgo === 0)
        ? null
        : (width) => <StepCurves curves={curves} width={width} label={story.curvesSaid.sentence} />}
    </ChartCard>
  );
}
