import { Input, Select } from 'antd';
import { useId, useState, type ReactNode } from 'react';
import styles from './settings.module.css';

interface Common {
  label: string;
  /** What it changes. */
  effect: string;
  error: string | null;
  pending: boolean;
}

function Setting({
  id,
  label,
  effect,
  error,
  children,
}: Omit<Common, 'pending'> & { id: string; children: ReactNode }) {
  return (
    <div className={styles.setting}>
      <label htmlFor={id}>{label}</label>
      {children}
      <p className={styles.effect} id={`${id}-effect`}>
        {effect}
      </p>
      {error !== null && (
        <p role="alert" className={styles.refused}>
          {error}
        </p>
      )}
    </div>
  );
}

interface TextProps extends Common {
  value: string;
  example?: string;
  onKeep: (value: string) => void;
}

/** Kept when it is left, or by Enter; what was refused stays to be mended. */
export function TextSetting({ value, example, onKeep, pending, ...rest }: TextProps) {
  const id = useId();
  const [typed, setTyped] = useState<string>();
  const keep = () => {
    if (typed !== undefined && typed.trim() !== value) {
      onKeep(typed.trim());
    }
  };
  return (
    <Setting id={id} {...rest}>
      <Input
        id={id}
        aria-describedby={`${id}-effect`}
        size="large"
        value={rest.error === null && !pending && typed?.trim() === value ? value : (typed ?? value)}
        placeholder={example}
        onChange={(event) => setTyped(event.target.value)}
        onBlur={keep}
        onPressEnter={keep}
        style={{ maxWidth: 320 }}
      />
    </Setting>
  );
}

/** Several lines; kept when they are left. */
export function LinesSetting({ value, example, onKeep, pending, ...rest }: TextProps) {
  const id = useId();
  const [typed, setTyped] = useState<string>();
  return (
    <Setting id={id} {...rest}>
      <Input.TextArea
        id={id}
        aria-describedby={`${id}-effect`}
        autoSize={{ minRows: 3 }}
        value={typed ?? value}
        placeholder={example}
        disabled={pending}
        onChange={(event) => setTyped(event.target.value)}
        onBlur={() => {
          if (typed !== undefined && typed.trim() !== value) {
            onKeep(typed);
          }
        }}
        style={{ maxWidth: 480 }}
      />
    </Setting>
  );
}

/** A length as it is typed; shown as it was understood. */
export function LengthSetting(props: TextProps) {
  // Drawn anew with what the server made of it.
  return <TextSetting key={props.value} {...props} />;
}

interface ChoiceProps<Value extends string> extends Common {
  value: Value;
  options: { value: Value; label: string }[];
  onKeep: (value: Value) => void;
}

/** One of several; kept at once. */
export function ChoiceSetting<Value extends string>({
  value,
  options,
  onKeep,
  pending,
  ...rest
}: ChoiceProps<Value>) {
  const id = useId();
  return (
    <Setting id={id} {...rest}>
      <Select
        id={id}
        aria-describedby={`${id}-effect`}
        size="large"
        showSearch={{ optionFilterProp: 'label' }}
        value={value}
        options={options}
        disabled={pending}
        onChange={onKeep}
        style={{ maxWidth: 320, width: '100%' }}
      />
    </Setting>
  );
}
