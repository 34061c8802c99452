import { Link } from 'react-router';
import type { Athlete } from '../../../api/athletes';
import { formatLength, type LengthUnit } from '../../../lib/units';
import styles from './RopeLines.module.css';

interface Props {
  athletes: Athlete[];
  unit: LengthUnit;
}

/** All ropes to one scale, the longest first; those without one lead. */
export function RopeLines({ athletes, unit }: Props) {
  const longest = Math.max(1, ...athletes.map((athlete) => athlete.rope?.cableLengthM ?? 0));
  const sorted = [...athletes].sort(
    (a, b) =>
      (b.rope?.cableLengthM ?? Infinity) - (a.rope?.cableLengthM ?? Infinity) || a.name.localeCompare(b.name),
  );
  return (
    <ul className={styles.lines}>
      {sorted.map((athlete) => (
        <li key={athlete.id}>
          <Link to={`/ropes/${athlete.id}`}>
            <span className={styles.name}>{athlete.name}</span>
            {athlete.rope === null ? (
              <span className={styles.none}>no rope yet: size one</span>
            ) : (
              <>
                <span
                  className={styles.rope}
                  style={{ width: `${(100 * athlete.rope.cableLengthM) / longest}%` }}
                  aria-hidden="true"
                />
                <span className={styles.length}>{formatLength(athlete.rope.cableLengthM, unit)}</span>
              </>
            )}
          </Link>
        </li>
      ))}
    </ul>
  );
}
