import type { Rung } from '../../../api/sets';
import { BeatStrip } from '../../../design/beat/BeatStrip';
import styles from './Stair.module.css';

/** The ladder as a stair of beat strips, each step with its chance: a bar as long as the chance, and the words. */
export function Stair({ rungs, times }: { rungs: Rung[]; times: number }) {
  const longest = Math.max(...rungs.map((rung) => rung.beats.length));
  return (
    <>
      {times > 1 && <p>All of it {times} times:</p>}
      <ol className={styles.stair} aria-label="Rungs">
        {rungs.map((rung, i) => (
          <li key={i}>
            <span className={styles.number}>{i + 1}</span>
            <span
              className={styles.strip}
              style={{
                width: `${Math.max(8, (100 * Math.min(16, rung.beats.length)) / Math.min(16, longest))}%`,
              }}
            >
              <BeatStrip beats={rung.beats} text={rung.text} small />
            </span>
            <span className={styles.chance}>
              <i style={{ width: `${100 * rung.chance}%` }} aria-hidden="true" />
              {rung.inReach ? hundredths(rung.chance) : 'not today'}
              <em>{rung.inReach ? triesOf(rung) : ''}</em>
            </span>
          </li>
        ))}
      </ol>
    </>
  );
}

/** A chance with digits enough that each rung says its own. */
export function hundredths(chance: number): string {
  if (chance >= 0.995) {
    return 'almost always';
  }
  return chance < 0.005 ? 'hardly ever' : `${Math.round(100 * chance)} in 100`;
}

function triesOf(rung: Rung): string {
  return rung.tries < 1.05 ? 'once' : `${rung.tries.toFixed(1)} tries`;
}
