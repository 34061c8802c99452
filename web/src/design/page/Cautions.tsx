import styles from './Cautions.module.css';

interface Caution {
  code: string;
  sentence: string;
}

interface Props {
  cautions: Caution[];
  /** Jumping is off: said louder. */
  off: boolean;
}

/** What to heed before this athlete jumps. The tool warns; it gives no medical advice. */
export function Cautions({ cautions, off }: Props) {
  if (cautions.length === 0) {
    return null;
  }
  return (
    <div className={`no-print ${styles.cautions ?? ''}`} role="note" aria-label="Cautions">
      <h2>Caution</h2>
      <ul>
        {cautions.map((caution, i) => (
          <li key={`${caution.code} ${i}`} className={off ? styles.stop : undefined}>
            {caution.sentence}
          </li>
        ))}
      </ul>
      <p className={styles.small}>Zumbo gives no medical advice.</p>
    </div>
  );
}
