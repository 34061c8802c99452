import { Select } from 'antd';
import type { ColumnMeaning, ListColumn } from '../../../../api/athleteList';
import { Card } from '../../../../design/page/Card';
import styles from '../../ListPage.module.css';

const MEANINGS: Record<ColumnMeaning, string> = {
  name: 'name',
  'first-name': 'first name',
  'last-name': 'last name',
  height: 'height',
  inches: 'inches, beside feet',
  birth: 'birth year or day',
  age: 'age',
  hand: 'dominant hand',
  experience: 'experience',
};
const NOT_READ = 'not read';

const options = [
  { value: NOT_READ, label: NOT_READ },
  ...Object.entries(MEANINGS).map(([value, label]) => ({ value, label })),
];

interface Props {
  columns: readonly ListColumn[];
  /** All of them, like `0:name,2:height`. */
  onChange: (columns: string) => void;
}

/** What each column is taken for; wrong guesses are mended here. */
export function ListColumns({ columns, onChange }: Props) {
  const mend = (column: number, meaning: string) =>
    onChange(
      columns
        .map((one) => [one.column, one.column === column ? meaning : (one.meaning ?? NOT_READ)] as const)
        // What one column is now, no other is any more.
        .filter(([of, taken]) => taken !== NOT_READ && (of === column || taken !== meaning))
        .map(([of, taken]) => `${of}:${taken}`)
        .join(','),
    );
  return (
    <Card label="Columns">
      <h2>Columns as they were understood</h2>
      <div className={styles.scroll}>
        <table className={styles.table}>
          <tbody>
            {columns.map((one) => (
              <tr key={one.column}>
                <th scope="row">{one.heading === '' ? `Column ${one.column + 1}` : one.heading}</th>
                <td className={styles.sample}>{one.sample.join(' · ')}</td>
                <td>
                  <Select
                    aria-label={`What column ${one.column + 1} holds`}
                    value={one.meaning ?? NOT_READ}
                    options={options}
                    onChange={(meaning) => mend(one.column, meaning)}
                    style={{ width: 170 }}
                  />
                </td>
              </tr>
            ))}
          </tbody>
        </table>
      </div>
    </Card>
  );
}
