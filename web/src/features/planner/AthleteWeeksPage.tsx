import { Button } from 'antd';
import { useState } from 'react';
import { useParams } from 'react-router';
import { useMayChange } from '../../api/session';
import { useAcceptWeeks, useAthleteWeeks, type AthleteWeeks, type PlannedWeek } from '../../api/weeks';
import { NumberField } from '../../design/form/NumberField';
import { PathNav } from '../../design/frame/PathNav';
import { AtThumb } from '../../design/page/AtThumb';
import { Card } from '../../design/page/Card';
import { Dressed } from '../../design/page/Dressed';
import { Fetched } from '../../design/page/Fetched';
import { Empty } from '../../design/page/StateNote';
import { Workbench } from '../../design/page/Workbench';
import { dayText } from '../../lib/days';
import { CalendarLinks } from './parts/CalendarLinks';
import { Homework } from './parts/Homework';
import { DayKinds, WeekCells } from './parts/WeekCells';
import styles from './weeks.module.css';

/** The next four weeks of one athlete, beside those that were accepted. */
export function AthleteWeeksPage() {
  const { id = '' } = useParams();
  const mayChange = useMayChange();
  const [perWeek, setPerWeek] = useState<number | null>(null);
  const weeks = useAthleteWeeks(id, perWeek);
  if (!mayChange) {
    return (
      <Workbench title="The weeks are for coaches" nav={<PathNav athleteId={id} />}>
        <Empty>Helpers see what is done today.</Empty>
      </Workbench>
    );
  }
  return (
    <Fetched fetch={weeks} place="Four weeks" what="the weeks">
      {(data) => (
        <Dressed>
          <Page weeks={data} onPerWeek={setPerWeek} />
        </Dressed>
      )}
    </Fetched>
  );
}

function Page({ weeks, onPerWeek }: { weeks: AthleteWeeks; onPerWeek: (perWeek: number) => void }) {
  const { row } = weeks;
  const accept = useAcceptWeeks();
  const first = row.name.split(' ')[0] ?? row.name;
  const changed = row.changes.length > 0;
  return (
    <Workbench
      title={`${first}: ${weeks.title.sentence}`}
      nav={<PathNav athleteId={row.athleteId} />}
      decision={
        <>
          <Card strong label="The weeks">
            <h2>{saysState(row.acceptedBy, changed)}</h2>
            {row.changes.map((change) => (
              <p key={change.sentence} role="note">
                {change.sentence}.
              </p>
            ))}
            {(row.acceptedBy === null || changed) && (
              <AtThumb>
                <Button
                  type="primary"
                  size="large"
                  block
                  loading={accept.isPending}
                  onClick={() => accept.mutate(row.athleteId)}
                >
                  Accept these weeks
                </Button>
              </AtThumb>
            )}
            {accept.isError && <p role="alert">{accept.error.message}</p>}
          </Card>
          {weeks.forecast !== null && (
            <Card label="The gate">
              <h2>What if {first} comes more or less often?</h2>
              <NumberField
                label="Practices a week"
                least={1}
                most={7}
                value={weeks.perWeek}
                onChange={onPerWeek}
              />
              <p role="status">{weeks.forecast.sentence}.</p>
              <p>What is forgotten between two practices is not in it.</p>
            </Card>
          )}
          <CalendarLinks athleteId={row.athleteId} of={`${first}’s days`} />
        </>
      }
    >
      <WeekList weeks={row.weeks} label={changed ? 'As it would be now' : 'The next four weeks'} />
      {changed && <WeekList weeks={weeks.acceptedWeeks} label="As you accepted it" />}
      <DayKinds />
      {row.rope !== null && <p>With the rope, once the gate holds: {row.rope}.</p>}
      {weeks.homework !== null && <Homework homework={weeks.homework} first={first} />}
    </Workbench>
  );
}

function WeekList({ weeks, label }: { weeks: PlannedWeek[]; label: string }) {
  return (
    <section aria-label={label}>
      <h2>{label}</h2>
      <ol className={styles.list}>
        {weeks.map((week) => (
          <li key={week.monday} data-easier={week.easier}>
            <WeekCells week={week} />
            <span>
              From {dayText(week.monday)}. {week.why.sentence}
            </span>
          </li>
        ))}
      </ol>
    </section>
  );
}

function saysState(acceptedBy: string | null, changed: boolean): string {
  if (acceptedBy === null) {
    return 'Proposed: nobody has accepted it';
  }
  return changed ? `Changed since ${acceptedBy} accepted it` : `Accepted by ${acceptedBy}`;
}
