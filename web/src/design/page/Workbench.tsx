import { useState, type ReactNode } from 'react';
import { ThumbBar } from './AtThumb';
import { usePageHead } from './usePageHead';
import styles from './Workbench.module.css';

interface Props {
  /** A sentence about the state, not a noun. */
  title: string;
  /** Under the title: the parts of this place. */
  nav?: ReactNode;
  /** Left, on a phone first: who or what this is about. */
  subject?: ReactNode;
  /** Middle: the picture. */
  children: ReactNode;
  /** Right, on a phone last: what the tool recommends; its one action goes `AtThumb`. */
  decision?: ReactNode;
  /** On a phone the decision comes before the picture: it holds what is asked, or what one came for. */
  decisionFirst?: boolean;
  /** On paper too: the cue is in it. */
  decisionPrints?: boolean;
}

/** The three parts of every screen: subject, picture, decision; on a phone one under the other, the one action below. */
export function Workbench({
  title,
  nav,
  subject,
  children,
  decision,
  decisionFirst = false,
  decisionPrints = false,
}: Props) {
  const heading = usePageHead(title);
  const [bar, setBar] = useState<HTMLElement | null>(null);
  return (
    <ThumbBar value={bar}>
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
            className={[styles.decision, decisionFirst && styles.first, decisionPrints && styles.prints]
              .filter(Boolean)
              .join(' ')}
            aria-label="Decision"
          >
            {decision}
          </aside>
        )}
        <div className={styles.bar} ref={setBar} />
      </main>
    </ThumbBar>
  );
}
