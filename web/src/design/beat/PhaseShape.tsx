import styles from './PhaseShape.module.css';

export type Tone = 'ready' | 'work' | 'rest' | 'over';

/** In the strip's notation: work is two arcs over the floor, rest a flat bar, ready a hollow dot, over a filled one. */
export function PhaseShape({ tone }: { tone: Tone }) {
  return (
    <svg viewBox="0 0 120 60" className={styles.shape} aria-hidden="true">
      <line x1={4} x2={116} y1={54} y2={54} className={styles.floor} />
      {tone === 'work' && (
        <>
          <path d="M14 50 C 20 -10, 100 -10, 106 50" />
          <path d="M30 50 C 36 16, 84 16, 90 50" />
          <circle cx={14} cy={50} r={5} className={styles.dot} />
          <circle cx={106} cy={50} r={5} className={styles.dot} />
        </>
      )}
      {tone === 'rest' && <rect x={14} y={40} width={92} height={11} className={styles.dot} />}
      {tone === 'ready' && <circle cx={60} cy={42} r={9} />}
      {tone === 'over' && <circle cx={60} cy={42} r={10} className={styles.dot} />}
    </svg>
  );
}
