import { Card } from '../page/Card';
import styles from './list.module.css';

interface Props {
  faults: readonly { line: number; sentence: string }[];
  /** The text can be mended on the page. */
  pasted: boolean;
}

/** Lines that stay out, each with what would be right. */
export function LinesToLookAt({ faults, pasted }: Props) {
  if (faults.length === 0) {
    return null;
  }
  return (
    <Card label="Lines to look at">
      <h2>Lines to look at</h2>
      <ul className={styles.faults}>
        {faults.map((fault) => (
          <li key={fault.line}>{fault.sentence}</li>
        ))}
      </ul>
      <p className={styles.quiet}>
        {pasted
          ? 'Mend them in the list, or leave them out.'
          : 'Mend them in the file and choose it again, or leave them out.'}
      </p>
    </Card>
  );
}
