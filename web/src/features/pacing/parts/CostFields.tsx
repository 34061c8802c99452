import { InputNumber } from 'antd';
import { useState } from 'react';
import type { Aim, Costs, Pacing, Speed } from '../../../api/pacing';
import { ChoiceField } from '../../../design/form/FieldStack';
import { speedNames } from './said';

const AIMS: { value: Aim; label: string }[] = [
  { value: 'keep-moving', label: 'Keep moving' },
  { value: 'practise', label: 'Practise' },
  { value: 'race', label: 'Race' },
];

const SPEEDS = (['low-fast', 'natural', 'high-slow'] as const).map((value) => ({
  value,
  label: speedNames[value],
}));

interface Props {
  costs: Costs;
  /** What the plan took, of one athlete; of a class each has their own. */
  used?: Pacing['costs'] | undefined;
  onCosts: (costs: Costs) => void;
}

/** What a miss and a break cost, how fast is jumped, and what matters today. */
export function CostFields({ costs, used, onCosts }: Props) {
  return (
    <>
      <CostField
        label="A miss costs, s"
        value={costs.missCost}
        otherwise={otherwise(used?.missS, used?.ownMiss)}
        onChange={(missCost) => onCosts({ ...costs, missCost })}
      />
      <CostField
        label="A break costs, s"
        value={costs.breakCost}
        otherwise={otherwise(used?.breakS, used?.ownBreak)}
        onChange={(breakCost) => onCosts({ ...costs, breakCost })}
      />
      <ChoiceField
        label="Speed"
        options={SPEEDS}
        value={costs.speed}
        onChange={(speed: Speed) => onCosts({ ...costs, speed })}
      />
      <ChoiceField
        label="What matters today"
        options={AIMS}
        value={costs.aim}
        onChange={(aim) => onCosts({ ...costs, aim })}
      />
    </>
  );
}

function otherwise(seconds: number | undefined, own: boolean | undefined): string {
  return seconds === undefined
    ? 'own, or usual'
    : `${String(Math.round(seconds))}, ${own ? 'their own' : 'usual'}`;
}

interface FieldProps {
  label: string;
  /** Null: as the records say. */
  value: number | null;
  otherwise: string;
  onChange: (value: number | null) => void;
}

/** Told once it is typed; empty: as the records say. */
function CostField({ label, value, otherwise, onChange }: FieldProps) {
  const [draft, setDraft] = useState<{ value: number | null } | null>(null);
  const tell = () => {
    if (draft !== null && draft.value !== value) {
      onChange(draft.value);
    }
    setDraft(null);
  };
  return (
    <label>
      {label}
      <InputNumber<number>
        min={0}
        max={120}
        precision={0}
        aria-label={label}
        placeholder={otherwise}
        value={draft === null ? value : draft.value}
        onChange={(next) => setDraft({ value: next })}
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
