import { Button } from 'antd';
import { Link } from 'react-router';
import { useClassPacing, useReadWorkout, usualCosts, type ClassPacing } from '../../api/pacing';
import { PacingNav } from '../../design/frame/PacingNav';
import { AtThumb } from '../../design/page/AtThumb';
import { Card } from '../../design/page/Card';
import { Dressed } from '../../design/page/Dressed';
import { Fetched } from '../../design/page/Fetched';
import { Empty } from '../../design/page/StateNote';
import { Workbench } from '../../design/page/Workbench';
import { formatDuration } from '../../lib/duration';
import { useCostsDraft, useWorkoutDraft } from '../../lib/workoutDraft';
import { wayNames } from './parts/said';
import styles from './cards.module.css';

/** Pacing › Cards: what each one does, on a card of A6, four to a sheet of A4. */
export function CardsPage() {
  const [text] = useWorkoutDraft();
  const [costs] = useCostsDraft(usualCosts);
  const workout = useReadWorkout(text).data?.workout ?? null;
  const pacing = useClassPacing(
    { ...costs, text: workout?.text ?? '', within: null, least: 0 },
    workout !== null,
  );
  return (
    <Fetched
      fetch={pacing}
      place="Cards"
      what="the cards"
      empty={{
        when: ({ rows }) => rows.length === 0,
        page: () => (
          <Workbench title="Nobody is here to make a card for" nav={<PacingNav />}>
            <Empty>
              Whoever is in the hall gets a card: <Link to="/class">to the hall</Link>.
            </Empty>
          </Workbench>
        ),
      }}
    >
      {(data) => (
        <Dressed>
          <Workbench
            title={`${String(data.rows.length)} cards for the workout`}
            nav={<PacingNav />}
            decision={
              <Card strong label="Print">
                <h2>Four to a sheet of A4</h2>
                <p>{data.workout.text}</p>
                <AtThumb>
                  <Button type="primary" size="large" block onClick={() => window.print()}>
                    Print the cards
                  </Button>
                </AtThumb>
              </Card>
            }
          >
            <ul className={styles.cards} aria-label="Cards">
              {data.rows.map((row) => (
                <WorkoutCard key={row.athleteId} row={row} />
              ))}
            </ul>
          </Workbench>
        </Dressed>
      )}
    </Fetched>
  );
}

function WorkoutCard({ row }: { row: ClassPacing['rows'][number] }) {
  const first = row.name.split(' ')[0] ?? row.name;
  // A card lies about in the hall: why somebody does not jump is not on it.
  const way = row.chosen?.scaling ?? row.recommended;
  if (row.notToday !== null || way === null) {
    return (
      <li>
        <h2>{first}</h2>
        <p>Without the rope today: ask the coach.</p>
      </li>
    );
  }
  return (
    <li>
      <h2>{first}</h2>
      <p className={styles.way}>{wayNames[way]}</p>
      <p className={styles.text}>{row.scaledText}</p>
      {way === 'full' && row.plan.length > 1 && <p className={styles.sets}>{row.plan.join(' – ')}</p>}
      <p>
        About {formatDuration(row.scaledS)}, {row.scaledDoubles} doubles. After a miss: one single, and on.
      </p>
    </li>
  );
}
