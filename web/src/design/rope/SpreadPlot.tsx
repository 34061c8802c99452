import type { ReactNode } from 'react';
import styles from './SpreadPlot.module.css';

export interface SpreadRow {
  key: string;
  name: string;
  lengthM: number;
  /** "244", in the coach's unit. */
  printed: string;
}

interface Props {
  rows: SpreadRow[];
  /** Which length: "cable" or "overall". */
  what: string;
  chosen: string;
  recommended: string;
  onChoose: (key: string) => void;
  /** Behind the title: where the numbers come from. */
  help?: ReactNode;
}

/** What each school says, as dots on one scale; the choice is a plain radio group, so every key works. */
export function SpreadPlot({ rows, what, chosen, recommended, onChoose, help }: Props) {
  const lengths = rows.map((row) => row.lengthM);
  const low = Math.min(...lengths) - 0.04;
  const high = Math.max(...lengths) + 0.04;
  const percent = (metres: number) => `${(100 * (metres - low)) / (high - low)}%`;
  return (
    <fieldset className={styles.plot}>
      <legend>
        What the methods say: {what}
        {help}
      </legend>
      {rows.map((row) => (
        <label key={row.key} className={row.key === chosen ? styles.chosen : styles.row}>
          <input
            type="radio"
            name="school"
            value={row.key}
            checked={row.key === chosen}
            onChange={() => onChoose(row.key)}
          />
          <span className={styles.name}>
            {row.name}
            {row.key === recommended && <em> recommended</em>}
          </span>
          <span className={styles.scale} aria-hidden="true">
            <i style={{ left: percent(row.lengthM) }} />
          </span>
          <span className={styles.value}>{row.printed}</span>
        </label>
      ))}
    </fieldset>
  );
}
