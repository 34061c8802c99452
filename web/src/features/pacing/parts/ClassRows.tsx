import { Link } from 'react-router';
import type { ClassPacing } from '../../../api/pacing';
import { formatDuration } from '../../../lib/duration';
import { timesInHundred, wayNames } from './said';
import styles from '../pacing.module.css';

type Row = ClassPacing['rows'][number];

/** Everybody on one table, the likeliest to get stuck first; by thumb one under the other. */
export function ClassRows({ pacing }: { pacing: ClassPacing }) {
  const levelled = pacing.rows.some(({ level }) => level !== null);
  return (
    <table className={styles.table} aria-label="The class">
      <thead>
        <tr>
          <th scope="col">Athlete</th>
          <th scope="col">Gets stuck</th>
          <th scope="col">All of it</th>
          <th scope="col">Better</th>
          {levelled && <th scope="col">Together</th>}
        </tr>
      </thead>
      <tbody>
        {pacing.rows.map((row) => (
          <tr key={row.athleteId}>
            <th scope="row">
              <Link to={`/pacing?athlete=${row.athleteId}`}>{row.name}</Link>
            </th>
            {row.notToday !== null ? (
              <td colSpan={levelled ? 4 : 3}>{row.notToday.sentence}</td>
            ) : (
              <>
                <td data-label="Gets stuck">{timesInHundred(row.stuck)}</td>
                <td data-label="All of it">
                  {row.plan.length === 0 ? 'not asked of them' : formatDuration(row.expectedS)}
                  {row.plan.length > 0 && row.p90S - row.p10S >= 1 && (
                    <small>
                      {formatDuration(row.p10S)} to {formatDuration(row.p90S)}
                    </small>
                  )}
                  {row.plan.length > 0 && row.chanceInCap !== null && (
                    <small>in the cap {timesInHundred(row.chanceInCap)}</small>
                  )}
                </td>
                <td data-label="Better">{better(row)}</td>
                {levelled && <td data-label="Together">{together(row)}</td>}
              </>
            )}
          </tr>
        ))}
      </tbody>
    </table>
  );
}

function better(row: Row) {
  if (row.chosen !== null) {
    return (
      <>
        {wayNames[row.chosen.scaling]}
        <small>
          {formatDuration(row.scaledS)} · {row.scaledDoubles} doubles · {row.scaledContacts} contacts
        </small>
        <small>
          chosen{row.chosen.chosenBy !== '' && ` by ${row.chosen.chosenBy}`}
          {row.chosen.reason !== '' && `: ${row.chosen.reason}`}
        </small>
      </>
    );
  }
  if (row.recommended === null) {
    return row.why?.sentence;
  }
  const sets = row.recommended === 'full' && row.plan.length > 1 ? ` in ${row.plan.join('-')}` : '';
  return (
    <>
      {wayNames[row.recommended]}
      {sets}
      <small>
        {formatDuration(row.scaledS)} · {row.scaledDoubles} doubles · {row.scaledContacts} contacts
      </small>
      <small>{row.why?.sentence}</small>
    </>
  );
}

function together({ level }: Row) {
  if (level === null) {
    return null;
  }
  return (
    <>
      {level.tries ? `${String(level.number)} s of tries` : `${String(level.number)} a station`}
      <small>
        {formatDuration(level.expectedS)} · {level.doubles} doubles
        {level.change > 0 && `, ${String(level.change)} fewer`}
        {level.outside && ', not with the others'}
      </small>
    </>
  );
}
