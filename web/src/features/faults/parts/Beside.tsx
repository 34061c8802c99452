import { Checkbox, InputNumber, Radio } from 'antd';
import type { Athlete } from '../../../api/athletes';
import { nothingNoted, type Noted, type SignCode, type SignGroup } from '../../../api/faults';
import { FieldStack } from '../../../design/form/FieldStack';
import { PersonPicker } from '../../../design/form/PersonPicker';
import { Marked } from './Marked';

interface Props {
  athletes: Athlete[];
  athlete: Athlete;
  onAthlete: (id: string) => void;
  groups: SignGroup[];
  noted: Noted;
  onNoted: (noted: Noted) => void;
  onForget: (sign: SignCode) => void;
}

/** Who it is, how tired they are, what was checked on the rope, and what was noted so far. */
export function Beside({ athletes, athlete, onAthlete, groups, noted, onNoted, onForget }: Props) {
  return (
    <FieldStack>
      <label>
        Athlete
        <PersonPicker people={athletes} value={athlete.id} onChange={onAthlete} />
      </label>
      {athlete.allowance.jumping === 'all' && (
        <>
          <Marked
            groups={groups}
            noted={noted}
            onForget={onForget}
            onClear={() => onNoted({ ...noted, signs: nothingNoted.signs })}
          />
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
        </>
      )}
      <p role="note">{athlete.ropeVerdict.reasons[0]?.sentence}</p>
    </FieldStack>
  );
}
