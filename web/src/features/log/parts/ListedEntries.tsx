import type { EntryList } from '../../../api/entryList';
import { Card } from '../../../design/page/Card';
import styles from '../../../design/list/list.module.css';

const day = new Intl.DateTimeFormat('en-GB', {
  weekday: 'short',
  day: 'numeric',
  month: 'short',
  year: 'numeric',
  timeZone: 'UTC',
});

/** What comes in, as it was understood. */
export function ListedEntries({ entries, hasMisses }: { entries: EntryList['entries']; hasMisses: boolean }) {
  return (
    <Card label="Entries that come in">
      <h2>As it was understood</h2>
      {!hasMisses && (
        <p className={styles.quiet}>There are no misses in it: each line counts as one go, up to the miss.</p>
      )}
      <div className={styles.scroll}>
        <table className={styles.table}>
          <thead>
            <tr>
              <th scope="col">Line</th>
              <th scope="col">Day</th>
              <th scope="col">Name</th>
              <th scope="col">Reps</th>
              {hasMisses && <th scope="col">Misses</th>}
            </tr>
          </thead>
          <tbody>
            {entries.map((one) => (
              <tr key={one.line}>
                <td className={styles.sample}>{one.line}</td>
                <td>{day.format(new Date(one.day))}</td>
                <td>{one.name}</td>
                <td>{one.reps}</td>
                {hasMisses && <td>{one.misses}</td>}
              </tr>
            ))}
          </tbody>
        </table>
      </div>
    </Card>
  );
}
