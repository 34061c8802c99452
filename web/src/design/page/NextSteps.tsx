import { Link } from 'react-router';
import styles from './NextSteps.module.css';

/** Where a coach goes from an athlete: to the fault, the set, the workout. */
export function NextSteps({ athleteId, fault = 'Find a fault' }: { athleteId: string; fault?: string }) {
  const to = (place: string) => `/${place}?athlete=${athleteId}`;
  return (
    <p className={`no-print ${styles.steps ?? ''}`}>
      <Link to={to('faults')}>{fault}</Link>
      <Link to={to('sets')}>Build a set</Link>
      <Link to={to('pacing')}>Plan a workout</Link>
    </p>
  );
}
