import { InputNumber, Radio } from 'antd';
import type { Athlete } from '../../../api/athletes';
import type { Aim, Work } from '../../../api/pacing';
import { PersonPicker } from '../../../design/PersonPicker';
import styles from './WorkForm.module.css';

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
    <div className={styles.form}>
      <label>
        Athlete
        <PersonPicker people={athletes} value={athleteId} onChange={onAthlete} />
      </label>
      {numbers.map((field) => (
        <label key={field.key}>
          {field.label}
          <InputNumber<number>
            min={field.least}
            max={field.most}
            precision={0}
            aria-label={field.label}
            value={work[field.key]}
            onChange={(value) => value !== null && onWork({ ...work, [field.key]: value })}
            style={{ width: '100%' }}
          />
        </label>
      ))}
      <Radio.Group
        aria-label="What matters today"
        options={aims}
        value={work.aim}
        onChange={(event) => onWork({ ...work, aim: event.target.value as Aim })}
        className={styles.aims ?? ''}
      />
    </div>
  );
}
