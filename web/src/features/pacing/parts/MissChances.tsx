import styles from '../pacing.module.css';

const WIDTH = 400;
const HEIGHT = 60;

/** The chance of a miss at each rep of a set. */
export function MissChances({ chances }: { chances: readonly number[] }) {
  const most = Math.max(0.02, ...chances);
  const each = WIDTH / chances.length;
  const [first, last] = [chances[0] ?? 0, chances.at(-1) ?? 0];
  const said = (chance: number) => `${(100 * chance).toFixed(chance < 0.1 ? 1 : 0)} %`;
  return (
    <figure className={styles.chances}>
      <figcaption>
        Chance of a miss at each rep: {said(first)} at the first, {said(last)} at number {chances.length}.
      </figcaption>
      <svg viewBox={`0 0 ${String(WIDTH)} ${String(HEIGHT)}`} aria-hidden preserveAspectRatio="none">
        {chances.map((chance, i) => (
          <rect
            key={i}
            x={i * each}
            y={HEIGHT - (HEIGHT * chance) / most}
            width={Math.max(0.5, each - 1)}
            height={(HEIGHT * chance) / most}
          />
        ))}
      </svg>
    </figure>
  );
}
