import { Input, Select } from 'antd';
import type { Athlete } from '../../../api/athletes';
import type { Choice, Order, Shown } from './athleteChoice';
import styles from './AthleteFilter.module.css';

const SHOWN: { value: Shown; label: string }[] = [
  { value: 'all', label: 'everybody' },
  { value: 'rope', label: 'rope to see to' },
  { value: 'caution', label: 'with a caution' },
  { value: 'missed', label: 'not seen for two weeks' },
];
const ORDERS: { value: Order; label: string }[] = [
  { value: 'name', label: 'by name' },
  { value: 'stage', label: 'by stage' },
  { value: 'height', label: 'by height' },
];

interface Props {
  athletes: readonly Athlete[];
  choice: Choice;
  onChange: (choice: Choice) => void;
}

/** Finds, narrows and orders the list. */
export function AthleteFilter({ athletes, choice, onChange }: Props) {
  const stages = [...athletes]
    .sort((a, b) => a.stageNumber - b.stageNumber)
    .map(({ stage, stageName }) => ({ value: stage as string, label: stageName }))
    .filter((one, i, all) => all.findIndex((other) => other.value === one.value) === i);
  return (
    <div className={`no-print ${styles.filter ?? ''}`} role="search" aria-label="Athletes">
      <Input
        aria-label="Find an athlete"
        placeholder="Find an athlete"
        value={choice.text}
        onChange={(event) => onChange({ ...choice, text: event.target.value })}
      />
      <Select
        aria-label="Show"
        value={choice.shown}
        options={SHOWN}
        onChange={(shown) => onChange({ ...choice, shown })}
      />
      <Select
        aria-label="Stage"
        value={choice.stage}
        options={[{ value: '', label: 'every stage' }, ...stages]}
        onChange={(stage) => onChange({ ...choice, stage })}
      />
      <Select
        aria-label="Order"
        value={choice.order}
        options={ORDERS}
        onChange={(order) => onChange({ ...choice, order })}
      />
    </div>
  );
}
