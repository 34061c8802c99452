import styles from './Cautions.module.css';

interface Caution {
  code: string;
  stopsJumping: boolean;
  sentence: string;
}

/** What to heed before this athlete jumps. The tool warns; it gives no medical advice. */
export function Cautions({ cautions, note }: { cautions: Caution[]; note: string | null }) {
  if (cautions.length === 0) {
    return null;
  }
  return (
    <div className={styles.cautions} role="note" aria-label="Cautions">
      <h2>Caution</h2>
      <ul>
        {cautions.map((caution) => (
          <li key={caution.code} className={caution.stopsJumping ? styles.stop : undefined}>
            {caution.sentence}
          </li>
        ))}
      </ul>
      {note !== null && note !== '' && <p>{note}</p>}
      <p className={styles.small}>Zumbo gives no medical advice.</p>
    </div>
  );
}
