import { Button } from 'antd';
import { useArchive, useRestoreAthlete } from '../../../api/athletes';
import { newId } from '../../../lib/ids';
import styles from './Archive.module.css';

const day = (instant: string) =>
  new Date(instant).toLocaleDateString('en-GB', { day: 'numeric', month: 'short', year: 'numeric' });

/** Who was removed and is not forgotten yet. */
export function Archive() {
  const archive = useArchive();
  const restore = useRestoreAthlete();
  const removed = archive.data ?? [];
  if (removed.length === 0) {
    return null;
  }
  return (
    <details className={`no-print ${styles.archive ?? ''}`}>
      <summary>Removed: {removed.length}</summary>
      <ul>
        {removed.map((one) => (
          <li key={one.id}>
            <span>
              {one.name}{' '}
              <span className={styles.quiet}>{one.guest ? 'guest, went home' : day(one.removedAt)}</span>
            </span>
            <Button
              aria-label={`Bring back ${one.name}`}
              onClick={() =>
                restore.mutate({ id: one.id, change: { mutationId: newId(), version: one.version } })
              }
            >
              Bring back
            </Button>
          </li>
        ))}
      </ul>
      {restore.isError && <p role="alert">{restore.error.message}</p>}
      <p className={styles.quiet}>
        Three months after they were removed they are forgotten for good, guests after two weeks.
      </p>
    </details>
  );
}
