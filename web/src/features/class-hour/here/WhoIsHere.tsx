import { Button } from 'antd';
import { Link } from 'react-router';
import { useJoinGuest, useMark } from '../../../api/attendance';
import type { ClassAthlete } from '../../../api/classHour';
import { useMayChange } from '../../../api/session';
import styles from '../parts/Selected.module.css';

/** For whoever did not come, goes early, or came along and wants to stay. */
export function WhoIsHere({ athlete, onGone }: { athlete: ClassAthlete; onGone: () => void }) {
  const mark = useMark();
  const join = useJoinGuest();
  const gone = { onSuccess: onGone };
  if (!useMayChange()) {
    return null;
  }
  const error = mark.error ?? join.error;
  return (
    <p className={styles.here}>
      {athlete.entriesToday === 0 ? (
        <Button type="text" onClick={() => mark.mutate({ athleteId: athlete.id, mark: 'away' }, gone)}>
          Not here tonight
        </Button>
      ) : (
        <Button type="text" onClick={() => mark.mutate({ athleteId: athlete.id, mark: 'left' }, gone)}>
          Left early
        </Button>
      )}
      {athlete.guest && athlete.drill !== null && (
        <Link to={`/class/place/${athlete.id}`} className="touch">
          Place in two minutes
        </Link>
      )}
      {athlete.guest && (
        <Button type="text" onClick={() => join.mutate(athlete.id)}>
          Joins the gym
        </Button>
      )}
      {error !== null && <span role="alert">{error.message}</span>}
    </p>
  );
}
