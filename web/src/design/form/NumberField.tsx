import { InputNumber } from 'antd';

interface Props {
  label: string;
  least: number;
  most: number;
  value: number;
  onChange: (value: number) => void;
}

/** A whole number with its label above; what is no number changes nothing. */
export function NumberField({ label, least, most, value, onChange }: Props) {
  return (
    <label>
      {label}
      <InputNumber<number>
        min={least}
        max={most}
        precision={0}
        aria-label={label}
        value={value}
        onChange={(next) => next !== null && onChange(next)}
        style={{ width: '100%' }}
      />
    </label>
  );
}
