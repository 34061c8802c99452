import { Button } from 'antd';
import { useState } from 'react';
import { NumberField } from '../form/NumberField';
import styles from './PainPad.module.css';

interface Props {
  /** How long a session usually is. */
  minutes: number;
  busy?: boolean;
  onSay: (effort: number, minutes: number) => void;
  onBack: () => void;
}

const degrees = [0, 1, 2, 3, 4, 5, 6, 7, 8, 9, 10];

/** How hard a session felt, of ten, and how long it took: one number, one touch. */
export function EffortPad({ minutes: usual, busy = false, onSay, onBack }: Props) {
  const [minutes, setMinutes] = useState(usual);
  return (
    <div className={styles.pad} role="group" aria-label="How hard it was">
      <NumberField label="Minutes it took" least={1} most={300} value={minutes} onChange={setMinutes} />
      <p>How hard was it? 0 is rest, 5 is hard, 10 is all there was.</p>
      <div className={styles.chips}>
        {degrees.map((degree) => (
          <Button
            key={degree}
            size="large"
            disabled={busy}
            aria-label={`${String(degree)} of 10`}
            onClick={() => onSay(degree, minutes)}
          >
            {degree}
          </Button>
        ))}
        <Button size="large" type="text" onClick={onBack}>
          Back
        </Button>
      </div>
    </div>
  );
}
