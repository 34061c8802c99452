import type { Aim, Costs } from '../../../api/pacing';
import { ChoiceField } from '../../../design/form/FieldStack';
import { NumberField } from '../../../design/form/NumberField';

const AIMS: { value: Aim; label: string }[] = [
  { value: 'keep-moving', label: 'Keep moving' },
  { value: 'practise', label: 'Practise' },
  { value: 'race', label: 'Race' },
];

/** What a miss and a break cost, and what matters today. */
export function CostFields({ costs, onCosts }: { costs: Costs; onCosts: (costs: Costs) => void }) {
  return (
    <>
      <NumberField
        label="A miss costs, s"
        least={0}
        most={120}
        value={costs.missCost}
        onChange={(missCost) => onCosts({ ...costs, missCost })}
      />
      <NumberField
        label="A break costs, s"
        least={0}
        most={120}
        value={costs.breakCost}
        onChange={(breakCost) => onCosts({ ...costs, breakCost })}
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
