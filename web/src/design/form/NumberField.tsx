import { InputNumber } from 'antd';
import { useState } from 'react';

interface Props {
  label: string;
  least: number;
  most: number;
  value: number;
  onChange: (value: number) => void;
}

/** A whole number with its label above; told once it is typed, not while it is; what is no number changes nothing. */
export function NumberField({ label, least, most, value, onChange }: Props) {
  const [draft, setDraft] = useState<number | null>(null);
  const tell = () => {
    if (draft !== null && draft !== value) {
      onChange(draft);
    }
    setDraft(null);
  };
  return (
    <label>
      {label}
      <InputNumber<number>
        min={least}
        max={most}
        precision={0}
        aria-label={label}
        value={draft ?? value}
        onChange={setDraft}
        onStep={(next) => {
          setDraft(null);
          onChange(next);
        }}
        onBlur={tell}
        onPressEnter={tell}
        style={{ width: '100%' }}
      />
    </label>
  );
}
