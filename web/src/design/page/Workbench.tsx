import type { ReactNode } from 'react';
import { usePageHead } from './usePageHead';
import styles from './Workbench.module.css';

interface Props {
  /** A sentence about the state, not a noun. */
  title: string;
  /** Under the title: the parts of this place. */
  nav?: ReactNode;
  /** Left: who or what this is about. */
  subject?: ReactNode;
  /** Middle: the picture. */
  children: ReactNode;
  /** Right, on a phone first: what the tool recommends, and the one action. */
  decision?: ReactNode;
  /** On a phone the decision comes after the picture: nothing has been chosen yet. */
  decisionLast?: boolean;
}

/** The three parts of every screen: subject, picture, decision. On a phone the decision comes before the picture. */
export function Workbench({ title, nav, subject, children, decision, decisionLast = false }: Props) {
  const heading = usePageHead(title);
  return (
    <main className={subject === undefined ? styles.two : styles.three} id="main">
      {subject !== undefined && (
        <section className={styles.subject} aria-label="Subject">
          {subject}
        </section>
      )}
      <div className={styles.head}>
        <h1 ref={heading} tabIndex={-1}>
          {title}
        </h1>
        {nav}
      </div>
      <section className={styles.picture} aria-label="Picture">
        {children}
      </section>
      {decision !== undefined && (
        <aside
          className={decisionLast ? `${styles.decision ?? ''} ${styles.last ?? ''}` : styles.decision}
          aria-label="Decision"
        >
          {decision}
        </aside>
      )}
    </main>
  );
}
