import { Button } from 'antd';
import { useEndSession, useSessions } from '../../../api/ownSignIn';
import { Card } from '../../../design/page/Card';
import { Failed, Loading } from '../../../design/page/StateNote';
import styles from './SessionList.module.css';

const moment = (instant: string) =>
  new Date(instant).toLocaleString('en-GB', {
    weekday: 'short',
    day: 'numeric',
    month: 'short',
    hour: '2-digit',
    minute: '2-digit',
  });

/** Where one is signed in, and the end of it. */
export function SessionList() {
  const sessions = useSessions();
  const end = useEndSession();
  if (sessions.isPending) {
    return <Loading what="where you are signed in" />;
  }
  if (sessions.isError) {
    return <Failed error={sessions.error} onRetry={() => void sessions.refetch()} />;
  }
  return (
    <Card label="Where you are signed in">
      <h2>Where you are signed in</h2>
      <ul className={styles.list}>
        {sessions.data.map((one) => (
          <li key={one.id} className={styles.row}>
            <span>
              <strong>{one.device}</strong>
              {one.here && ' · this one'}
              <br />
              <span className={styles.quiet}>
                since {moment(one.signedInAt)} · last used {moment(one.usedAt)}
              </span>
            </span>
            {!one.here && (
              <Button
                aria-label={`Sign out ${one.device}`}
                loading={end.isPending && end.variables === one.id}
                onClick={() => end.mutate(one.id)}
              >
                Sign out there
              </Button>
            )}
          </li>
        ))}
      </ul>
      {end.isError && <p role="alert">{end.error.message}</p>}
    </Card>
  );
}
