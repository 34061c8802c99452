import { Button } from 'antd';
import { useState } from 'react';
import { useSayEffort, useTakeBackEffort, type Effort } from '../../../api/efforts';
import type { AthleteStory } from '../../../api/story';
import { ChartCard } from '../../../design/chart/ChartCard';
import { WeekBars } from '../../../design/chart/WeekBars';
import { EffortPad } from '../../../design/health/EffortPad';
import { dayText } from '../../../lib/days';
import { sayEffort, USUAL_SESSION_MIN } from '../../../lib/effortWords';
import styles from '../story.module.css';

/** So many are in sight at once. */
const FEW = 3;

/** Effort times minutes week by week, and where a coach writes it down. */
export function EffortCard({ story }: { story: AthleteStory }) {
  const weeks = story.effortWeeks.map(({ load, ...week }) => ({ ...week, contacts: load }));
  return (
    <div>
      <ChartCard
        title="Effort times minutes, a week"
        said={story.effortSaid.sentence}
        table={{
          head: ['week from', 'effort × minutes', 'at most', 'over'],
          rows: story.effortWeeks.map(({ from, load, most, over }) => [
            from,
            load,
            most,
            over ? 'yes' : 'no',
          ]),
        }}
        file="effort-a-week"
      >
        {weeks.length === 0
          ? null
          : (width) => <WeekBars weeks={weeks} width={width} label={story.effortSaid.sentence} />}
      </ChartCard>
      <Said story={story} />
    </div>
  );
}

function Said({ story }: { story: AthleteStory }) {
  const [open, setOpen] = useState(false);
  const [gone, setGone] = useState<Effort>();
  const [all, showAll] = useState(false);
  const shown = all ? story.efforts : story.efforts.slice(0, FEW);
  const say = useSayEffort(story.athleteId);
  const takeBack = useTakeBackEffort();
  return (
    <div className={`no-print ${styles.below ?? ''}`}>
      {open ? (
        <EffortPad
          minutes={USUAL_SESSION_MIN}
          busy={say.isPending}
          onSay={(effort, minutes) =>
            say.mutate({ on: story.on, effort, minutes }, { onSuccess: () => setOpen(false) })
          }
          onBack={() => setOpen(false)}
        />
      ) : (
        <Button size="large" onClick={() => setOpen(true)}>
          Write down how hard today was
        </Button>
      )}
      {[say.error, takeBack.error].map((error) => error !== null && <p role="alert">{error.message}</p>)}
      {gone !== undefined && (
        <p role="status">
          Taken back: {sayEffort(gone)}.{' '}
          <Button
            onClick={() => takeBack.mutate(gone, { onSuccess: () => setGone(undefined) })}
            disabled={takeBack.isPending}
          >
            Undo
          </Button>
        </p>
      )}
      <ul className={styles.rows}>
        {shown.map((one) => (
          <li key={one.id} className={styles.saidRow}>
            <span>
              {sayEffort(one)}{' '}
              <span className={styles.quiet}>
                {dayText(one.day)}, {one.selfReported ? 'their own word' : `by ${one.saidBy}`}
              </span>
            </span>
            <Button
              disabled={takeBack.isPending}
              aria-label={`Take back ${sayEffort(one)}, ${dayText(one.day)}`}
              onClick={() => takeBack.mutate(one, { onSuccess: setGone })}
            >
              Take back
            </Button>
          </li>
        ))}
      </ul>
      {shown.length < story.efforts.length && (
        <Button onClick={() => showAll(true)}>Show all {story.efforts.length}</Button>
      )}
    </div>
  );
}
