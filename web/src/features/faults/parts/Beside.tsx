import { Checkbox, InputNumber, Radio } from 'antd';
import type { Noted } from '../../../api/faults';

interface Props {
  noted: Noted;
  onNoted: (noted: Noted) => void;
}

/** Whether they are tired: it comes before any fault. */
export function Tired({ noted, onNoted }: Props) {
  return (
    <div role="group" aria-label="Tired?">
      <span>Tired?</span>{' '}
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
  );
}

/** How hard it was, and what was checked on the rope. */
export function Beside({ noted, onNoted, rope }: Props & { rope: string | undefined }) {
  return (
    <>
      <label>
        How hard was it, 1 to 10
        <InputNumber
          size="large"
          min={1}
          max={10}
          precision={0}
          value={noted.effort}
          onChange={(effort) => onNoted({ ...noted, effort })}
        />
      </label>
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
      <p role="note">{rope}</p>
    </>
  );
}
