import type { AthleteStory } from '../../../api/story';
import { ChartCard } from '../../../design/chart/ChartCard';
import { ForecastRows } from '../../../design/chart/ForecastRows';
import { formatDuration } from '../../../lib/duration';

/** What was said of paced workouts, against what they took. */
export function ForecastCard({ story }: { story: AthleteStory }) {
  return (
    <ChartCard
      title="Paced workouts: what was said, and what came"
      said={story.forecastsSaid.sentence}
      table={{
        head: ['day', 'workout', 'expected', 'from', 'to', 'took'],
        rows: story.forecasts.map((one) => [
          one.day,
          one.workout,
          formatDuration(one.expectedS),
          formatDuration(one.lowS),
          formatDuration(one.highS),
          formatDuration(one.tookS),
        ]),
      }}
      file="paced-workouts"
    >
      {story.forecasts.length === 0
        ? null
        : (width) => (
            <ForecastRows rows={story.forecasts} width={width} label={story.forecastsSaid.sentence} />
          )}
    </ChartCard>
  );
}
