import styles from './CueLines.module.css';

interface Props {
  cue: {
    cue: string;
    drill: string;
    reason: { sentence: string };
    watch: { sentence: string };
    stepBack: { sentence: string } | null;
  };
}

/** One cue as a coach needs it: what to say, why, what to drill first, what to look at, when to step back. */
export function CueLines({ cue }: Props) {
  return (
    <div className={styles.lines}>
      <h2>“{cue.cue}”</h2>
      <p className={styles.reason}>{cue.reason.sentence}</p>
      {cue.drill !== cue.cue && (
        <p>
          <strong>First the drill:</strong> {cue.drill}.
        </p>
      )}
      <p>{cue.watch.sentence}</p>
      {cue.stepBack !== null && <p className={styles.reason}>{cue.stepBack.sentence}</p>}
    </div>
  );
}
