import { Link } from 'react-router';
import { useMayChange } from '../../api/session';
import { useClassWeeks, type ClassWeeks } from '../../api/weeks';
import { ClassNav } from '../../design/frame/ClassNav';
import { Dressed } from '../../design/page/Dressed';
import { Fetched } from '../../design/page/Fetched';
import { Empty } from '../../design/page/StateNote';
import { Workbench } from '../../design/page/Workbench';
import { dayText } from '../../lib/days';
import { CalendarLinks } from './parts/CalendarLinks';
import { DayKinds, WeekCells } from './parts/WeekCells';
import styles from './weeks.module.css';

/** The next four weeks of everybody: rows athletes, columns days. */
export function WeeksPage() {
  const mayChange = useMayChange();
  const weeks = useClassWeeks();
  if (!mayChange) {
    return (
      <Workbench title="The weeks are for coaches" nav={<ClassNav />}>
        <Empty>Helpers see the plan of tonight.</Empty>
      </Workbench>
    );
  }
  return (
    <Fetched
      fetch={weeks}
      place="Four weeks"
      what="the weeks"
      empty={{
        when: ({ rows }) => rows.length === 0,
        page: ({ title }) => (
          <Workbench title={title.sentence} nav={<ClassNav />}>
            <Empty>
              Athletes get their weeks as soon as they are there:{' '}
              <Link to="/athletes/new">add the first one</Link>.
            </Empty>
          </Workbench>
        ),
      }}
    >
      {(data) => (
        <Dressed>
          <Page weeks={data} />
        </Dressed>
      )}
    </Fetched>
  );
}

function Page({ weeks }: { weeks: ClassWeeks }) {
  const first = weeks.rows[0]?.weeks ?? [];
  return (
    <Workbench
      title={weeks.title.sentence}
      nav={<ClassNav />}
      decision={
        <>
          <DayKinds />
          <CalendarLinks athleteId={null} of="the classes" />
        </>
      }
    >
      <div className={styles.scroll} tabIndex={0} role="region" aria-label="Four weeks, day by day">
        <table className={styles.calendar}>
          <thead>
            <tr>
              <th scope="col">Athlete</th>
              {first.map((week) => (
                <th key={week.monday} scope="col" data-easier={week.easier}>
                  {dayText(week.monday)}
                  {week.easier && <small>easier</small>}
                </th>
              ))}
              <th scope="col">What has changed</th>
            </tr>
          </thead>
          <tbody>
            {weeks.rows.map((row) => (
              <tr key={row.athleteId}>
                <th scope="row">
                  <Link to={`/athletes/${row.athleteId}/weeks`} className="touch">
                    {row.name}
                  </Link>
                  <small>
                    {row.stageName}
                    {row.rope !== null && ` · rope: ${row.rope}`}
                  </small>
                </th>
                {row.weeks.map((week) => (
                  <td key={week.monday} data-easier={week.easier}>
                    <WeekCells week={week} />
                  </td>
                ))}
                <td className={styles.changed}>
                  {row.changes.map((change) => (
                    <span key={change.sentence}>{change.sentence}. </span>
                  ))}
                  {row.acceptedBy === null && 'not accepted yet'}
                </td>
              </tr>
            ))}
          </tbody>
        </table>
      </div>
    </Workbench>
  );
}
