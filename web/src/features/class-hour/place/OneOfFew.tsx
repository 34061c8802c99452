import { Radio } from 'antd';
import { useId } from 'react';
import type { Option } from './twoMinutes';
import styles from '../pages.module.css';

interface Props<Value extends string | number> {
  label: string;
  options: readonly Option<Value>[];
  value: Value | undefined;
  onChange: (value: Value) => void;
}

/** One touch says it. */
export function OneOfFew<Value extends string | number>({ label, options, value, onChange }: Props<Value>) {
  const id = useId();
  return (
    <div className={styles.few}>
      <span id={id}>{label}</span>
      <Radio.Group
        aria-labelledby={id}
        optionType="button"
        buttonStyle="solid"
        size="large"
        {...(value === undefined ? {} : { value })}
        options={[...options]}
        onChange={({ target }) => onChange(target.value as Value)}
      />
    </div>
  );
}
