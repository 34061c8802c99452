import { Select } from 'antd';
import { Card } from '../page/Card';
import styles from './list.module.css';

const NOT_READ = 'not read';

/** A column as the server read it. */
interface ListColumn {
  column: number;
  heading: string;
  sample: string[];
  meaning: string | null;
}

interface Props {
  columns: readonly ListColumn[];
  /** What such lists hold, in words. */
  meanings: Record<string, string>;
  /** All of them, like `0:name,2:height`. */
  onChange: (columns: string) => void;
}

/** What each column is taken for; wrong guesses are mended here. */
export function ListColumns({ columns, meanings, onChange }: Props) {
  const options = [
    { value: NOT_READ, label: NOT_READ },
    ...Object.entries(meanings).map(([value, label]) => ({ value, label })),
  ];
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
