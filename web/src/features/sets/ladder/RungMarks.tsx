import { Button } from 'antd';
import styles from './RungMarks.module.css';

interface Props {
  rung: { reps: number; text: string };
  /** Only whether it was clean is counted. */
  onlyClean: boolean;
  disabled: boolean;
  onMark: (made: boolean, reps: number) => void;
}

/** One touch for each go at a rung: made, or the reps before the miss. */
export function RungMarks({ rung, onlyClean, disabled, onMark }: Props) {
  return (
    <div className={styles.marks} role="group" aria-label="How the go ended">
      <Button
        type="primary"
        size="large"
        disabled={disabled}
        className={styles.made ?? ''}
        onClick={() => onMark(true, rung.reps)}
      >
        Made: {rung.text}
      </Button>
      {onlyClean ? (
        <Button danger size="large" disabled={disabled} onClick={() => onMark(false, 0)}>
          Miss
        </Button>
      ) : (
        <div className={styles.misses}>
          <span>Miss after</span>
          {Array.from({ length: rung.reps }, (_, reps) => (
            <Button
              key={reps}
              danger
              size="large"
              disabled={disabled}
              aria-label={`Miss after ${reps}`}
              onClick={() => onMark(false, reps)}
            >
              {reps}
            </Button>
          ))}
        </div>
      )}
    </div>
  );
}
