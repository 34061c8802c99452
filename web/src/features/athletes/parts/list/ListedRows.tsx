import type { AthleteList } from '../../../../api/athleteList';
import { Card } from '../../../../design/page/Card';
import { formatLength, type LengthUnit } from '../../../../lib/units';
import styles from '../../../../design/list/list.module.css';

/** Who comes in, as they were understood. */
export function ListedRows({ athletes, unit }: { athletes: AthleteList['athletes']; unit: LengthUnit }) {
  const born = athletes.some((one) => one.birthYear !== null);
  const experienced = athletes.some((one) => one.experience !== null);
  return (
    <Card label="Who comes in">
      <h2>Who comes in</h2>
      <div className={styles.scroll}>
        <table className={styles.table}>
          <thead>
            <tr>
              <th scope="col">Line</th>
              <th scope="col">Name</th>
              <th scope="col">Height</th>
              {born && <th scope="col">Born</th>}
              {experienced && <th scope="col">Experience</th>}
            </tr>
          </thead>
          <tbody>
            {athletes.map((one) => (
              <tr key={one.line}>
                <td className={styles.sample}>{one.line}</td>
                <td>{one.name}</td>
                <td>{formatLength(one.heightM, unit)}</td>
                {born && <td>{one.birthYear ?? 'not said'}</td>}
                {experienced && <td>{one.experience?.replace('-', ' ') ?? 'not said'}</td>}
              </tr>
            ))}
          </tbody>
        </table>
      </div>
    </Card>
  );
}
