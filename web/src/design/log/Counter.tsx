import { Button } from 'antd';
import styles from './Counter.module.css';

interface Props {
  label: string;
  value: number;
  most: number;
  /** The bigger step beside one. */
  step: number;
  onChange: (value: number) => void;
}

/** A number set by thumb: one and ten up or down, or typed. */
export function Counter({ label, value, most, step, onChange }: Props) {
  const set = (next: number) => onChange(Math.min(most, Math.max(0, next)));
  const steps = step === 1 ? [1] : [step, 1];
  return (
    <div className={styles.counter} role="group" aria-label={label}>
      {steps.map((by) => (
        <Button key={`-${by}`} size="large" aria-label={`${by} less`} onClick={() => set(value - by)}>
          −{by}
        </Button>
      ))}
      <label className={styles.value}>
        <input
          inputMode="numeric"
          aria-label={label}
          value={value}
          onChange={(event) => set(Number(event.target.value.replace(/\D/g, '').slice(0, 4)))}
          onFocus={(event) => event.target.select()}
        />
        <span>{label}</span>
      </label>
      {[...steps].reverse().map((by) => (
        <Button key={`+${by}`} size="large" aria-label={`${by} more`} onClick={() => set(value + by)}>
          +{by}
        </Button>
      ))}
    </div>
  );
}
