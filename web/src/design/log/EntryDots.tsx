import styles from './EntryDots.module.css';

export interface Dot {
  id: string;
  value: number;
  said: string;
}

interface Props {
  dots: Dot[];
  /** The count of the gate, in the same countKind. */
  gate: number;
  label: string;
}

const WIDTH = 600;
const HEIGHT = 120;

/** The last entries against the gate: filled reaches it, hollow does not; the newest is on the right. */
export function EntryDots({ dots, gate, label }: Props) {
  const shown = dots.slice(-24);
  const top = Math.max(gate * 1.25, ...shown.map((dot) => dot.value));
  const y = (value: number) => HEIGHT - 8 - (value / top) * (HEIGHT - 20);
  const reached = shown.filter((dot) => dot.value >= gate).length;
  return (
    <svg
      viewBox={`0 0 ${WIDTH} ${HEIGHT}`}
      className={styles.plot}
      role="img"
      aria-label={`${label}: ${reached} of the last ${shown.length} reach ${gate}`}
    >
      <line x1={0} x2={WIDTH} y1={y(gate)} y2={y(gate)} className={styles.gate} />
      <text x={WIDTH} y={y(gate) - 5} className={styles.label}>
        gate: {gate}
      </text>
      <line x1={0} x2={WIDTH} y1={HEIGHT - 8} y2={HEIGHT - 8} className={styles.floor} />
      {shown.map((dot, i) => (
        <circle
          key={dot.id}
          cx={14 + (i * (WIDTH - 90)) / 24}
          cy={y(dot.value)}
          r={5}
          className={dot.value >= gate ? styles.reached : styles.below}
        >
          <title>{dot.said}</title>
        </circle>
      ))}
    </svg>
  );
}
