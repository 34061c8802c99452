import type { Athlete } from '../../../api/athletes';
import type { Aim, Work } from '../../../api/pacing';
import { ChoiceField, FieldStack } from '../../../design/form/FieldStack';
import { NumberField } from '../../../design/form/NumberField';
import { PersonPicker } from '../../../design/form/PersonPicker';

interface Props {
  athletes: Athlete[];
  athleteId: string;
  onAthlete: (id: string) => void;
  work: Work;
  onWork: (work: Work) => void;
}

const numbers: {
  key: 'reps' | 'rounds' | 'missCost' | 'breakCost';
  label: string;
  least: number;
  most: number;
}[] = [
  { key: 'reps', label: 'Doubles a round', least: 1, most: 200 },
  { key: 'rounds', label: 'Rounds', least: 1, most: 10 },
  { key: 'missCost', label: 'A miss costs, s', least: 0, most: 120 },
  { key: 'breakCost', label: 'A break costs, s', least: 0, most: 120 },
];

const aims: { value: Aim; label: string }[] = [
  { value: 'keep-moving', label: 'Keep moving' },
  { value: 'practise', label: 'Practise' },
  { value: 'race', label: 'Race' },
];

/** Whose workout, and how many doubles in it. */
export function WorkForm({ athletes, athleteId, onAthlete, work, onWork }: Props) {
  return (
    <FieldStack>
      <label>
        Athlete
        <PersonPicker people={athletes} value={athleteId} onChange={onAthlete} />
      </label>
      {numbers.map(({ key, ...field }) => (
        <NumberField
          key={key}
          {...field}
          value={work[key]}
          onChange={(value) => onWork({ ...work, [key]: value })}
        />
      ))}
      <ChoiceField
        label="What matters today"
        options={aims}
        value={work.aim}
        onChange={(aim) => onWork({ ...work, aim })}
      />
    </FieldStack>
  );
}
