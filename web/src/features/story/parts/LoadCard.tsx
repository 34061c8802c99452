import type { AthleteStory } from '../../../api/story';
import { ChartCard } from '../../../design/chart/ChartCard';
import { WeekBars } from '../../../design/chart/WeekBars';

/** Contacts week by week, under the line of what each might have held. */
export function LoadCard({ story }: { story: AthleteStory }) {
  return (
    <ChartCard
      title="Contacts a week, and what the week might have held"
      said={story.weeksSaid.sentence}
      table={{
        head: ['week from', 'contacts', 'at most', 'over'],
        rows: story.weeks.map((week) => [week.from, week.contacts, week.most, week.over ? 'yes' : 'no']),
      }}
      file="contacts-a-week"
    >
      {story.weeks.length === 0
        ? null
        : (width) => <WeekBars weeks={story.weeks} width={width} label={story.weeksSaid.sentence} />}
    </ChartCard>
  );
}
