import { Button, Popover } from 'antd';
import type { ReactNode } from 'react';
import styles from './WhereFrom.module.css';

interface Props {
  /** "the cable", for who can't see what it stands beside. */
  of: string;
  children: ReactNode;
}

/** Behind a number: where it comes from. */
export function WhereFrom({ of, children }: Props) {
  return (
    <Popover trigger="click" content={<div className={styles.text}>{children}</div>}>
      <Button
        type="text"
        size="small"
        className={`no-print ${styles.mark ?? ''}`}
        aria-label={`Where ${of} comes from`}
      >
        ?
      </Button>
    </Popover>
  );
}
