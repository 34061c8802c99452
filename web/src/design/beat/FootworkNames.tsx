import type { DrawnBeat } from './BeatArcs';
import styles from './BeatStrip.module.css';

/** Room for the names below the floor, and how wide a letter is at their size. */
export const NAMES_HEIGHT = 11;
const LETTER = 3.9;

/** What feet or hands do beside the jump, named once below the jumps it is done in. */
export function FootworkNames({ drawn, y }: { drawn: DrawnBeat[]; y: number }) {
  return (
    <>
      {runsOf(drawn).map((run) => (
        <text key={run.x} x={run.x} y={y} className={styles.footwork}>
          {fitting(run.name, run.width)}
        </text>
      ))}
    </>
  );
}

/** Neighbouring jumps with the same footwork are one run. */
function runsOf(drawn: DrawnBeat[]): { name: string; x: number; width: number }[] {
  const runs: { name: string; x: number; width: number }[] = [];
  drawn.forEach((beat, i) => {
    const name = beat.footwork ?? null;
    const last = runs.at(-1);
    if (name !== null && last !== undefined && drawn[i - 1]?.footwork === name) {
      last.width += beat.width;
    } else if (name !== null) {
      runs.push({ name, x: beat.x, width: beat.width });
    }
  });
  return runs;
}

function fitting(name: string, width: number): string {
  const letters = Math.floor(width / LETTER);
  return name.length <= letters ? name : `${name.slice(0, Math.max(letters - 1, 1))}…`;
}
