import type { PastLength, Trim } from '../../../api/trim';
import { WhereFrom } from '../../../design/page/WhereFrom';
import { formatLength, formatLengthBare, type LengthUnit } from '../../../lib/units';
import styles from './LengthChart.module.css';

const WIDTH = 600;
const HEIGHT = 150;
const LEFT = 46;
const RIGHT = 92;
const TOP = 14;
const BOTTOM = 24;

/** The lengths an athlete had, as a stair over time, with the goal as a line; the same as a table below. */
export function LengthChart({ trim, unit }: { trim: Trim; unit: LengthUnit }) {
  const { history, goalM } = trim;
  if (history.length === 0 || goalM === null) {
    return null;
  }
  const days = history.map((past) => Date.parse(past.since));
  const start = days[0] ?? 0;
  const end = Math.max(days.at(-1) ?? 0, start + 86_400_000) + 7 * 86_400_000;
  const all = [...history.map((past) => past.cableLengthM), goalM];
  const low = Math.min(...all) - 0.02;
  const high = Math.max(...all) + 0.02;
  const x = (day: number) => LEFT + ((day - start) / (end - start)) * (WIDTH - LEFT - RIGHT);
  const y = (metres: number) => TOP + ((high - metres) / (high - low)) * (HEIGHT - TOP - BOTTOM);
  const stair = history
    .map((past, i) => {
      const until = days[i + 1] ?? end;
      return `${i === 0 ? 'M' : 'L'}${x(days[i] ?? start)} ${y(past.cableLengthM)}L${x(until)} ${y(past.cableLengthM)}`;
    })
    .join('');
  return (
    <section className={styles.history} aria-label="Lengths so far">
      <h2>Lengths so far</h2>
      <svg viewBox={`0 0 ${WIDTH} ${HEIGHT}`} role="img" aria-label={saidOf(history, goalM, unit)}>
        <line x1={LEFT} x2={WIDTH - RIGHT} y1={y(goalM)} y2={y(goalM)} className={styles.goal} />
        <text x={WIDTH - RIGHT + 6} y={y(goalM) + 4} className={styles.label}>
          goal {formatLengthBare(goalM, unit)}
        </text>
        <path d={stair} className={styles.stair} />
        {history.map((past, i) => (
          <g key={past.ropeId}>
            <circle cx={x(days[i] ?? start)} cy={y(past.cableLengthM)} r={3.5} className={styles.dot} />
            <text x={x(days[i] ?? start)} y={y(past.cableLengthM) - 7} className={styles.label}>
              {formatLengthBare(past.cableLengthM, unit)}
            </text>
            <text x={x(days[i] ?? start)} y={HEIGHT - 6} className={styles.label}>
              {past.since.slice(5)}
            </text>
          </g>
        ))}
      </svg>
      <table>
        <thead>
          <tr>
            <th scope="col">Since</th>
            <th scope="col">Cable</th>
            <th scope="col">Logged</th>
            <th scope="col">
              Misses in 100
              <WhereFrom of="the misses">{trim.sources.misses}</WhereFrom>
            </th>
            <th scope="col">Why</th>
          </tr>
        </thead>
        <tbody>
          {[...history].reverse().map((past) => (
            <tr key={past.ropeId}>
              <td>{past.since}</td>
              <td>{formatLength(past.cableLengthM, unit)}</td>
              <td>{past.entries}</td>
              <td>{past.missesPer100 === null ? '–' : past.missesPer100.toFixed(1)}</td>
              <td>{past.reason === '' ? 'as computed' : past.reason}</td>
            </tr>
          ))}
        </tbody>
      </table>
    </section>
  );
}

function saidOf(history: PastLength[], goalM: number, unit: LengthUnit): string {
  const parts = history.map((past) => `${formatLength(past.cableLengthM, unit)} since ${past.since}`);
  return `Cable ${parts.join(', ')}; goal ${formatLength(goalM, unit)}`;
}
