import type { ReactNode } from 'react';
import styles from './RopeVerdict.module.css';

interface Said {
  code: string;
  sentence: string;
}

export interface Verdict {
  stateName: string;
  nextName: string;
  reasons: Said[];
}

/** The one verdict about a rope: what it is, the one next step, and why. */
export function RopeVerdict({ verdict, help }: { verdict: Verdict; help?: ReactNode }) {
  const [first, ...more] = verdict.reasons;
  return (
    <section className={styles.verdict} aria-label="About this rope">
      <p className={styles.state}>
        {verdict.stateName} <span>· next: {verdict.nextName}</span>
      </p>
      <p>
        <strong>{first?.sentence}</strong>
        {help}
      </p>
      {more.map((reason) => (
        <p key={reason.code} className={styles.more}>
          {reason.sentence}
        </p>
      ))}
    </section>
  );
}
