import type { ReactNode } from 'react';
import { usePageHead } from '../page/usePageHead';
import styles from './Doorstep.module.css';

interface Props {
  title: string;
  /** In the tab, where the title is a greeting. */
  tab?: string;
  /** Under the title, quietly. */
  promise?: ReactNode;
  children: ReactNode;
}

/** A page for whoever is not signed in: one column, no places. */
export function Doorstep({ title, tab, promise, children }: Props) {
  const heading = usePageHead(tab ?? title);
  return (
    <main className={styles.page} id="main">
      <h1 ref={heading} tabIndex={-1}>
        {title}
      </h1>
      {promise !== undefined && <p className={styles.promise}>{promise}</p>}
      {children}
    </main>
  );
}
