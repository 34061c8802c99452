import styles from './SetPlanStrip.module.css';

interface Props {
  /** Set by set, in the order they are jumped. */
  plan: number[];
}

const REP = 9;
const REST = 22;
const BASE = 30;

/** The set plan in the strip's notation: a double is two nested arcs, a planned break a flat bar. */
export function SetPlanStrip({ plan }: Props) {
  const { sets, width } = place(plan);
  return (
    <svg
      viewBox={`0 0 ${width} 58`}
      className={styles.strip}
      role="img"
      aria-label={`Sets of ${plan.join(', then ')} doubles`}
    >
      <line x1={0} x2={width} y1={BASE + 2.5} y2={BASE + 2.5} className={styles.floor} />
      {sets.map((set, nth) => (
        <g key={set.at}>
          {Array.from({ length: set.reps }, (_, i) => (
            <path key={i} className={styles.double} d={arcs(set.at + i * REP)} />
          ))}
          <text
            x={set.at + (set.reps * REP) / 2}
            y={54}
            className={styles.count}
            // However long the strip, 11 px high on a phone.
            style={{ fontSize: Math.max(17, width / 27) }}
          >
            {set.reps}
          </text>
          {nth < sets.length - 1 && (
            <rect
              x={set.at + set.reps * REP + 3}
              y={BASE - 3}
              width={REST - 6}
              height={5}
              className={styles.rest}
            />
          )}
        </g>
      ))}
    </svg>
  );
}

function place(plan: number[]): { sets: { reps: number; at: number }[]; width: number } {
  let x = 6;
  const sets = plan.map((reps) => {
    const at = x;
    x += reps * REP + REST;
    return { reps, at };
  });
  return { sets, width: x - REST + 6 };
}

function arcs(x: number): string {
  const arc = (inset: number, height: number) =>
    `M${x + inset} ${BASE} C${x + inset + 1} ${BASE - height * 1.33} ${x + REP - inset - 1} ${BASE - height * 1.33} ${x + REP - inset} ${BASE}`;
  return arc(0, 20) + arc(1.6, 11);
}
