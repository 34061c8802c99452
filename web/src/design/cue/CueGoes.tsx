import { Button } from 'antd';
import { useUndoOffer } from '../log/useUndoOffer';
import styles from './CueGoes.module.css';

type Outcome = 'better' | 'same' | 'worse';
interface Go {
  id: string;
  version: number;
}

interface Props {
  /** Goes in a row that brought nothing. */
  withoutEffect: number;
  error: Error | null;
  log: (outcome: Outcome, done: (go: Go) => void) => void;
  takeBack: (go: Go) => void;
}

const outcomes: [Outcome, string][] = [
  ['better', 'Better'],
  ['same', 'The same'],
  ['worse', 'Worse'],
];

/** What came of the last go under the cue, by one touch, with the way back. */
export function CueGoes({ withoutEffect, error, log, takeBack }: Props) {
  const offerUndo = useUndoOffer();
  return (
    <div role="group" aria-label="The last go under this cue">
      <p className={styles.said}>
        The last go under this cue was
        {withoutEffect > 0 &&
          ` (${withoutEffect === 1 ? '1 go' : `${withoutEffect} goes`} without effect so far)`}
      </p>
      <div className={styles.goes}>
        {outcomes.map(([outcome, word]) => (
          <Button
            key={outcome}
            size="large"
            onClick={() =>
              log(outcome, (go) =>
                offerUndo({
                  key: go.id,
                  title: `Noted: ${word.toLowerCase()}`,
                  onUndo: () => takeBack(go),
                }),
              )
            }
          >
            {word}
          </Button>
        ))}
      </div>
      {error !== null && <p role="alert">{error.message}</p>}
    </div>
  );
}
