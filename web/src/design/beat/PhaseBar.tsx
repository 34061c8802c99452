import type { Phase } from '../../lib/setClock';
import styles from './PhaseBar.module.css';

interface Props {
  phases: Phase[];
  label: string;
  /** Seconds since the first phase; null: nothing runs. */
  atS?: number | null;
}

const WIDTH = 1000;
const HEIGHT = 46;
const BASE = 36;

/** A timed set to scale, a row for each round: work stands on the floor line, a rest is a flat bar of its length. */
export function PhaseBar({ phases, label, atS = null }: Props) {
  const rows = rounds(phases);
  const longest = Math.max(1, ...rows.map((row) => row.seconds));
  return (
    <ol className={styles.rows} aria-label={label}>
      {rows.map((row) => (
        <li key={row.round}>
          <span className={styles.number}>{row.round}</span>
          <svg viewBox={`0 0 ${WIDTH} ${HEIGHT}`} preserveAspectRatio="none" role="img" aria-label={row.said}>
            <line x1={0} x2={WIDTH} y1={BASE} y2={BASE} className={styles.floor} />
            {row.phases.map(({ phase, from }, i) => {
              const x = (from / longest) * WIDTH;
              const width = (phase.seconds / longest) * WIDTH;
              return phase.kind === 'work' ? (
                <rect
                  key={i}
                  x={x + 1}
                  y={6}
                  width={Math.max(1, width - 2)}
                  height={BASE - 6}
                  className={styles.work}
                />
              ) : (
                <rect
                  key={i}
                  x={x + 1}
                  y={BASE - 6}
                  width={Math.max(1, width - 2)}
                  height={6}
                  className={styles.rest}
                />
              );
            })}
            {atS !== null && atS >= row.from && atS < row.from + row.seconds && (
              <line
                x1={((atS - row.from) / longest) * WIDTH}
                x2={((atS - row.from) / longest) * WIDTH}
                y1={0}
                y2={HEIGHT}
                className={styles.head}
              />
            )}
          </svg>
          <span className={styles.names}>{row.names}</span>
        </li>
      ))}
    </ol>
  );
}

interface Row {
  round: number;
  /** On the clock. */
  from: number;
  seconds: number;
  phases: { phase: Phase; from: number }[];
  names: string;
  said: string;
}

function rounds(phases: Phase[]): Row[] {
  const rows: Row[] = [];
  let at = 0;
  for (const phase of phases) {
    let row = rows.at(-1);
    if (row?.round !== phase.round) {
      row = { round: phase.round, from: at, seconds: 0, phases: [], names: '', said: '' };
      rows.push(row);
    }
    row.phases.push({ phase, from: at - row.from });
    row.seconds += phase.seconds;
    at += phase.seconds;
  }
  return rows.map((row) => ({
    ...row,
    names: row.phases
      .flatMap(({ phase }) => (phase.kind === 'work' && phase.station !== null ? [phase.station] : []))
      .join(', '),
    said: row.phases
      .map(
        ({ phase }) =>
          `${phase.kind} ${phase.seconds} s${phase.kind === 'work' && phase.station !== null ? ` ${phase.station}` : ''}`,
      )
      .join(', '),
  }));
}
