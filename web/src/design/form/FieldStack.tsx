import { Radio } from 'antd';
import type { ReactNode } from 'react';
import styles from './FieldStack.module.css';

/** Fields below each other, each with its label above. */
export function FieldStack({ children }: { children: ReactNode }) {
  return <div className={styles.fields}>{children}</div>;
}

interface ChoiceProps<Value extends string> {
  label: string;
  options: { value: Value; label: string }[];
  value: Value;
  onChange: (value: Value) => void;
  disabled?: boolean;
}

/** One of a few, all in sight. */
export function ChoiceField<Value extends string>({
  label,
  options,
  value,
  onChange,
  disabled = false,
}: ChoiceProps<Value>) {
  return (
    <Radio.Group
      aria-label={label}
      options={options}
      value={value}
      disabled={disabled}
      onChange={(event) => onChange(event.target.value as Value)}
      className={styles.choices ?? ''}
    />
  );
}
