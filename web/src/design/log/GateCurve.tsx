import styles from './GateCurve.module.css';

/** Of what the gate counts. */
export const GATE_UNIT = { streak: 'in a row', tries: 'clean of 10', hold: 's without a miss' } as const;

export interface GatePoint {
  count: number;
  chance: number;
  low: number;
  high: number;
}

interface Props {
  points: readonly GatePoint[];
  gate: number;
  /** "in a row", "clean of 10", "s without a miss". */
  unit: string;
}

const WIDTH = 340;
const HEIGHT = 150;
const LEFT = 34;
const FLOOR = HEIGHT - 22;

/** How likely each count is the next time, with the band that holds it eight times in ten; one touch below the sentence. */
export function GateCurve({ points, gate, unit }: Props) {
  const most = Math.max(gate, ...points.map((point) => point.count));
  const x = (count: number) => LEFT + (count / most) * (WIDTH - LEFT - 12);
  const y = (chance: number) => FLOOR - chance * (FLOOR - 12);
  const line = points.map((point) => `${x(point.count)},${y(point.chance)}`).join(' ');
  const band = [
    ...points.map((point) => `${x(point.count)},${y(point.high)}`),
    ...points.toReversed().map((point) => `${x(point.count)},${y(point.low)}`),
  ].join(' ');
  const here = points.find((point) => point.count === gate);
  const said = `${gate} ${unit}: ${inHundred(here?.chance ?? 0)} of 100, between ${inHundred(here?.low ?? 0)} and ${inHundred(here?.high ?? 0)}`;
  return (
    <details className={styles.curve}>
      <summary>The curve</summary>
      <svg viewBox={`0 0 ${WIDTH} ${HEIGHT}`} className={styles.plot} role="img" aria-label={said}>
        {[0, 0.5, 1].map((tick) => (
          <g key={tick}>
            <line x1={LEFT} x2={WIDTH} y1={y(tick)} y2={y(tick)} className={styles.rule} />
            <text x={LEFT - 6} y={y(tick) + 4} className={styles.tick} textAnchor="end">
              {100 * tick}
            </text>
          </g>
        ))}
        <polygon points={band} className={styles.band} />
        <polyline points={line} className={styles.line} />
        <line x1={x(gate)} x2={x(gate)} y1={12} y2={FLOOR} className={styles.gate} />
        <text x={x(gate) - 6} y={HEIGHT - 6} className={styles.tick} textAnchor="end">
          gate: {gate} {unit}
        </text>
      </svg>
      <p className={styles.said}>{said}. The band holds the truth eight times in ten.</p>
    </details>
  );
}

function inHundred(chance: number): number {
  return Math.round(100 * chance);
}
