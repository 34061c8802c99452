import type { JumpExplorer } from '../../../api/rhythm';
import styles from './JumpChart.module.css';

const WIDTH = 620;
const HEIGHT = 300;
const LEFT = 46;
const BOTTOM = 34;
const TOP = 12;
const MOST_TURNS = 420;
const MOST_CM = 45;
const names: Record<number, string> = { 1: 'singles', 2: 'doubles', 3: 'triples' };

/**
 * Turning rate against jump height: above a curve the rope gets through. The dashed line is the rate of an even turn at each
 * height; where it crosses the curve is the least even jump.
 */
export function JumpChart({ explorer, passes }: { explorer: JumpExplorer; passes: number }) {
  const x = (metres: number) => LEFT + (metres * 100 * (WIDTH - LEFT - 70)) / MOST_CM;
  const y = (turns: number) => HEIGHT - BOTTOM - (turns * (HEIGHT - BOTTOM - TOP)) / MOST_TURNS;
  const path = (points: { jumpM: number; turns: number | null }[]) =>
    points
      .filter((point) => point.turns !== null && point.turns <= MOST_TURNS)
      .map(
        (point, i) => `${i === 0 ? 'M' : 'L'}${x(point.jumpM).toFixed(1)} ${y(point.turns ?? 0).toFixed(1)}`,
      )
      .join('');
  const chosen = explorer.curves.find((curve) => curve.passes === passes);
  const said = explorer.curves.map(
    (curve) =>
      `${names[curve.passes] ?? ''}: an even turn needs a jump of ${(curve.leastEvenJumpM * 100).toFixed(0)} cm`,
  );
  return (
    <svg
      viewBox={`0 0 ${WIDTH} ${HEIGHT}`}
      role="img"
      aria-label={`Turns a minute against jump height. ${said.join('; ')}.`}
      className={styles.chart}
    >
      {[100, 200, 300, 400].map((turns) => (
        <g key={turns}>
          <line x1={LEFT} x2={WIDTH - 70} y1={y(turns)} y2={y(turns)} className={styles.grid} />
          <text x={LEFT - 6} y={y(turns) + 4} className={styles.left}>
            {turns}
          </text>
        </g>
      ))}
      <text x={LEFT + 6} y={TOP + 2} className={styles.name}>
        turns a minute
      </text>
      {[0, 10, 20, 30, 40].map((cm) => (
        <text key={cm} x={x(cm / 100)} y={HEIGHT - 18} className={styles.below}>
          {cm}
        </text>
      ))}
      <text x={WIDTH - 70} y={HEIGHT - 4} className={styles.axisName}>
        jump, cm
      </text>
      <line x1={LEFT} x2={WIDTH - 70} y1={y(0)} y2={y(0)} className={styles.axis} />
      {explorer.curves.map((curve) => {
        const points = curve.points.map((point) => ({ jumpM: point.jumpM, turns: point.leastTurnsPerMin }));
        const last = points.at(-1);
        return (
          <g key={curve.passes} className={curve.passes === passes ? styles.chosen : styles.other}>
            <path d={path(points)} />
            <text x={x(last?.jumpM ?? 0) + 6} y={y(last?.turns ?? 0) + 4}>
              {names[curve.passes]}
            </text>
          </g>
        );
      })}
      {chosen !== undefined && (
        <path
          d={path(chosen.points.map((point) => ({ jumpM: point.jumpM, turns: point.evenTurnsPerMin })))}
          className={styles.even}
        />
      )}
      {chosen !== undefined && (
        <text
          x={x(0.45) + 6}
          y={y(chosen.points.at(-1)?.evenTurnsPerMin ?? 0) + 4}
          className={styles.evenName}
        >
          even turn
        </text>
      )}
      <circle cx={x(explorer.now.jumpM)} cy={y(explorer.now.turnsPerMin)} r={5} className={styles.now} />
    </svg>
  );
}
