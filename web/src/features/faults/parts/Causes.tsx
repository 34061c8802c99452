import type { RankedFault } from '../../../api/faults';
import styles from './Causes.module.css';

/** The possible causes, the likeliest first, each with the signs that speak for it and how loudly. */
export function Causes({ ranked }: { ranked: RankedFault[] }) {
  return (
    <section aria-label="Causes" className={styles.causes}>
      <h2>What it could be</h2>
      <ol>
        {ranked.map((cause) => (
          <li key={cause.fault}>
            <p className={styles.name}>
              <strong>{cause.name}</strong>
              <span>{likely(cause.chance)}</span>
            </p>
            <i style={{ width: `${100 * cause.chance}%` }} aria-hidden="true" />
            {cause.evidence.length === 0 ? (
              <p className={styles.reason}>none of these signs speaks for it: usual at this stage</p>
            ) : (
              <ul>
                {cause.evidence.map((sign) => (
                  <li key={sign.sign} className={styles.reason}>
                    <Marks count={sign.marks} /> {sign.text}: {sign.reason}
                  </li>
                ))}
              </ul>
            )}
          </li>
        ))}
      </ol>
    </section>
  );
}

const loud = ['', 'comes with it sometimes', 'comes with it often', 'comes with it usually'] as const;

/** How often a sign comes with it: one to three ticks. */
function Marks({ count }: { count: number }) {
  return (
    <b className={styles.marks} role="img" aria-label={loud[count] ?? ''}>
      {'|'.repeat(count)}
    </b>
  );
}

/** The belief with the digits it deserves. */
function likely(chance: number): string {
  if (chance >= 0.9) {
    return 'almost certain';
  }
  const tenths = Math.round(10 * chance);
  return tenths === 0 ? 'hardly' : `${tenths} in 10`;
}
