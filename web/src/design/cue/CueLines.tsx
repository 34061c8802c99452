import styles from './CueLines.module.css';

interface Said {
  sentence: string;
}

interface Props {
  cue: {
    cue: string;
    drill: string;
    reason: Said;
    watch: Said;
    stepBack: Said | null;
    learned: Said | null;
    stepsBackNow: boolean;
  };
  /** What the fault costs on their own rope. */
  price?: Said | null;
}

/** One cue as a coach needs it: what to say, why, what to drill first, what to look at, when to step back. */
export function CueLines({ cue, price = null }: Props) {
  return (
    <div className={styles.lines}>
      {cue.stepsBackNow && cue.stepBack !== null && (
        <p role="note" className={styles.now}>
          {cue.stepBack.sentence}
        </p>
      )}
      {cue.cue !== '' && <h2>“{cue.cue}”</h2>}
      {cue.learned !== null && <p>{cue.learned.sentence}</p>}
      <p className={styles.reason}>{cue.reason.sentence}</p>
      {price !== null && <p>{price.sentence}</p>}
      {cue.drill !== cue.cue && (
        <p>
          <strong>First the drill:</strong> {cue.drill}.
        </p>
      )}
      <p>{cue.watch.sentence}</p>
      {!cue.stepsBackNow && cue.stepBack !== null && <p className={styles.reason}>{cue.stepBack.sentence}</p>}
    </div>
  );
}
