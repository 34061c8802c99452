import type { ReactNode } from 'react';
import { PlainButton } from './PlainButton';
import styles from './StateNote.module.css';

/** While something is fetched: says what, moves nothing. */
export function Loading({ what }: { what: string }) {
  return (
    <p className={styles.note} role="status">
      Fetching {what} …
    </p>
  );
}

/** After a failure: the sentence of the server, and the way back. */
export function Failed({ error, onRetry }: { error: Error; onRetry: () => void }) {
  return (
    <div className={styles.failed} role="alert">
      <p>{error.message}</p>
      <PlainButton onClick={onRetry}>Try again</PlainButton>
    </div>
  );
}

/** Nothing yet: teaches the first step. */
export function Empty({ children, action }: { children: ReactNode; action?: ReactNode }) {
  return (
    <div className={styles.empty}>
      <p>{children}</p>
      {action}
    </div>
  );
}
