import { Checkbox, InputNumber, Radio } from 'antd';
import type { Noted } from '../../../api/faults';
import styles from './Beside.module.css';

interface Props {
  noted: Noted;
  onNoted: (noted: Noted) => void;
}

/** Whether they are tired, and how hard it was: the load comes before any fault. */
export function Tired({ noted, onNoted }: Props) {
  return (
    <div className={styles.load}>
      <div role="group" aria-label="Tired?">
        <span className={styles.name}>Tired?</span>
        <Radio.Group
          size="large"
          optionType="button"
          value={noted.tired}
          onChange={(event) => onNoted({ ...noted, tired: event.target.value as Noted['tired'] })}
          options={[
            { value: '', label: 'Not said' },
            { value: 'no', label: 'No' },
            { value: 'yes', label: 'Yes' },
          ]}
        />
      </div>
      <label>
        <span className={styles.name}>Effort, 1 to 10</span>
        <InputNumber
          size="large"
          min={1}
          max={10}
          precision={0}
          value={noted.effort}
          onChange={(effort) => onNoted({ ...noted, effort })}
        />
      </label>
    </div>
  );
}

/** What was checked on the rope, and what is on record. */
export function Beside({ noted, onNoted, rope }: Props & { rope: string | undefined }) {
  return (
    <>
      <Checkbox
        checked={noted.ropeChecked}
        onChange={(event) => onNoted({ ...noted, ropeChecked: event.target.checked })}
      >
        The rope’s length was checked since its last change
      </Checkbox>
      <Checkbox
        checked={noted.ropeInspected}
        onChange={(event) => onNoted({ ...noted, ropeInspected: event.target.checked })}
      >
        The rope was looked over: no kinks, bearings free
      </Checkbox>
      <p role="note">The rope on record: {rope}</p>
    </>
  );
}
