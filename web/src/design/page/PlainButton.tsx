import type { ButtonHTMLAttributes } from 'react';
import styles from './PlainButton.module.css';

interface Props extends ButtonHTMLAttributes<HTMLButtonElement> {
  /** Words alone, without a frame. */
  quiet?: boolean;
}

/** A button of the frame around the pages, which is there before Ant Design is. */
export function PlainButton({ quiet = false, ...rest }: Props) {
  return <button type="button" className={quiet ? styles.quiet : styles.framed} {...rest} />;
}
