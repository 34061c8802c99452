import type { ReactNode } from 'react';
import styles from './Facts.module.css';

export interface Fact {
  name: string;
  value: ReactNode;
}

/** Names and values, a line each, parted by hairlines. */
export function Facts({ facts }: { facts: Fact[] }) {
  return (
    <dl className={styles.facts}>
      {facts.map((fact) => (
        <div key={fact.name} className={styles.row}>
          <dt>{fact.name}</dt>
          <dd>{fact.value}</dd>
        </div>
      ))}
    </dl>
  );
}
