import type { ReactNode } from 'react';
import styles from './Card.module.css';

interface Props {
  children: ReactNode;
  /** Strong: the one card with the decision. */
  strong?: boolean;
  label?: string;
}

/** White paper with a hairline; the decision's has an ink line. */
export function Card({ children, strong = false, label }: Props) {
  return (
    <div
      className={strong ? styles.strong : styles.card}
      {...(label === undefined ? {} : { role: 'group', 'aria-label': label })}
    >
      {children}
    </div>
  );
}
