import { Link } from 'react-router';
import type { Athlete } from '../../../api/athletes';
import { formatLength, type LengthUnit } from '../../../lib/units';
import styles from './AthleteRows.module.css';

interface Props {
  athletes: Athlete[];
  unit: LengthUnit;
}

/** One line each; the whole line leads to the athlete. */
export function AthleteRows({ athletes, unit }: Props) {
  return (
    <table className={styles.table}>
      <thead>
        <tr>
          <th scope="col">Athlete</th>
          <th scope="col" className={styles.number}>
            Height
          </th>
          <th scope="col">Stage</th>
          <th scope="col">Rope</th>
        </tr>
      </thead>
      <tbody>
        {athletes.map((athlete) => (
          <tr key={athlete.id}>
            <th scope="row">
              <Link to={`/athletes/${athlete.id}`}>{athlete.name}</Link>
              {athlete.guest && <span className={styles.caution}>guest</span>}
              {athlete.cautions.length > 0 && <span className={styles.caution}>caution</span>}
            </th>
            <td className={styles.number}>{formatLength(athlete.statureM, unit)}</td>
            <td>
              <StageMark number={athlete.stageNumber} name={athlete.stageName} />
            </td>
            <td>
              <RopeCell athlete={athlete} unit={unit} />
            </td>
          </tr>
        ))}
      </tbody>
    </table>
  );
}

function StageMark({ number, name }: { number: number; name: string }) {
  return (
    <span className={styles.stage}>
      <span className={styles.path} aria-hidden="true">
        {Array.from({ length: 10 }, (_, i) => (
          <i key={i} className={i < number - 1 ? styles.done : i === number - 1 ? styles.now : undefined} />
        ))}
      </span>
      {name}
    </span>
  );
}

function RopeCell({ athlete, unit }: { athlete: Athlete; unit: LengthUnit }) {
  if (athlete.rope === null) {
    return <Link to={`/ropes/${athlete.id}`}>size one</Link>;
  }
  return (
    <Link to={`/ropes/${athlete.id}`} className={styles.rope}>
      {formatLength(athlete.rope.cableLengthM, unit)}
      {athlete.rope.byHand && <span className={styles.hand}>set by hand</span>}
    </Link>
  );
}
