import { useState } from 'react';
import { Link } from 'react-router';
import {
  classPacingFile,
  useClassPacing,
  useReadWorkout,
  usualCosts,
  type ClassPacing,
} from '../../api/pacing';
import { FieldStack } from '../../design/form/FieldStack';
import { NumberField } from '../../design/form/NumberField';
import { PacingNav } from '../../design/frame/PacingNav';
import { Card } from '../../design/page/Card';
import { Dressed } from '../../design/page/Dressed';
import { Fetched } from '../../design/page/Fetched';
import { PlainButton } from '../../design/page/PlainButton';
import { Empty } from '../../design/page/StateNote';
import { Workbench } from '../../design/page/Workbench';
import { formatDuration } from '../../lib/duration';
import { useCostsDraft, useWorkoutDraft } from '../../lib/workoutDraft';
import { CostFields } from './parts/CostFields';
import { ClassRows } from './parts/ClassRows';
import { timesInHundred } from './parts/said';
import { WorkoutEntry } from './parts/WorkoutEntry';
import styles from './pacing.module.css';

const WITHIN_S = 120;
const LEAST = 15;

/** Pacing › Class table: one workout for everybody who is here, and how all end together. */
export function ClassTablePage() {
  const [text, setText] = useWorkoutDraft();
  const [costs, setCosts] = useCostsDraft(usualCosts);
  const [level, setLevel] = useState<{ within: number; least: number } | null>(null);
  const read = useReadWorkout(text).data;
  const workout = read?.workout ?? null;
  const asked = {
    ...costs,
    text: workout?.text ?? '',
    within: workout?.form === 'for-time' ? (level?.within ?? null) : null,
    least: level?.least ?? 0,
  };
  const fields = (
    <FieldStack>
      <WorkoutEntry text={text} read={read} onText={setText} />
      <CostFields costs={costs} onCosts={setCosts} />
    </FieldStack>
  );
  return (
    <Fetched
      fetch={useClassPacing(asked, workout !== null)}
      place="Class table"
      what="the table"
      empty={{
        when: ({ rows }) => rows.length === 0,
        page: () => (
          <Workbench title="Nobody is here to pace yet" nav={<PacingNav />}>
            <Empty>
              Whoever is in the hall gets a row: <Link to="/class">to the hall</Link>.
            </Empty>
          </Workbench>
        ),
      }}
    >
      {(pacing) => (
        <Dressed>
          <Workbench
            title={titleOf(pacing)}
            nav={<PacingNav />}
            subject={fields}
            decision={
              <Card strong label="Together">
                <h2>{level === null ? 'All done together' : saysTogether(pacing)}</h2>
                {workout?.form === 'for-time' ? (
                  <div className={styles.together}>
                    <p>
                      Everybody within so much of each other: nobody gets more than the workout, the least
                      change.
                    </p>
                    <NumberField
                      label="Within, s"
                      least={10}
                      most={3600}
                      value={level?.within ?? WITHIN_S}
                      onChange={(within) => setLevel({ within, least: level?.least ?? LEAST })}
                    />
                    <NumberField
                      label="Doubles each keeps"
                      least={0}
                      most={5000}
                      value={level?.least ?? LEAST}
                      onChange={(least) => setLevel({ within: level?.within ?? WITHIN_S, least })}
                    />
                    <PlainButton
                      onClick={() => setLevel(level === null ? { within: WITHIN_S, least: LEAST } : null)}
                    >
                      {level === null ? 'Within two minutes of each other' : 'As it was'}
                    </PlainButton>
                  </div>
                ) : (
                  <p>The clock ends this workout for everybody at once.</p>
                )}
                <p className="no-print">
                  <a className="touch" href={classPacingFile(asked, 'csv')} download>
                    As CSV
                  </a>{' '}
                  <a className="touch" href={classPacingFile(asked, 'json')} download="workout.json">
                    As JSON
                  </a>{' '}
                  <Link className="touch" to="/pacing/cards">
                    Cards to print
                  </Link>
                </p>
              </Card>
            }
          >
            <ClassRows pacing={pacing} />
          </Workbench>
        </Dressed>
      )}
    </Fetched>
  );
}

function titleOf({ rows }: ClassPacing): string {
  const stuck = rows.filter((row) => row.stuck >= 0.5).map((row) => row.name.split(' ')[0] ?? row.name);
  return stuck.length === 0
    ? 'Nobody is likely to get stuck in all of it'
    : stuck.length > 3
      ? `${String(stuck.length)} of ${String(rows.length)} would get stuck in all of it`
      : `All of it would stop ${stuck.join(', ')}`;
}

function saysTogether({ change, spreadS, chanceTogether, rows }: ClassPacing): string {
  if (change === null) {
    return 'Working it out …';
  }
  const outside = rows.filter(({ level }) => level?.outside === true).length;
  const held = chanceTogether === null ? '' : `; holds ${timesInHundred(chanceTogether)}`;
  return outside > 0
    ? `${String(outside)} can’t be brought in`
    : `${String(change)} doubles fewer in all: ${formatDuration(spreadS ?? 0)} from first to last${held}`;
}
