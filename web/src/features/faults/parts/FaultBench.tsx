import { Button, Checkbox } from 'antd';
import { useState } from 'react';
import type { Athlete } from '../../../api/athletes';
import { useToday } from '../../../api/classHour';
import { useDiagnosis, type SignCode, type SignGroup } from '../../../api/faults';
import { FieldStack } from '../../../design/form/FieldStack';
import { PersonPicker } from '../../../design/form/PersonPicker';
import { NotToday } from '../../../design/page/NotToday';
import { Failed } from '../../../design/page/StateNote';
import { Workbench } from '../../../design/page/Workbench';
import { Advice } from './Advice';
import { Causes } from './Causes';
import { FocusNow } from './FocusNow';
import { SignBoard } from './SignBoard';

interface Props {
  athletes: Athlete[];
  athlete: Athlete;
  onAthlete: (id: string) => void;
  groups: SignGroup[];
}

/** Signs are touched where one looks; the likeliest cause and one cue come of them. */
export function FaultBench({ athletes, athlete, onAthlete, groups }: Props) {
  const [signs, setSigns] = useState<SignCode[]>([]);
  const [ropeChecked, setRopeChecked] = useState(false);
  const jumps = athlete.allowance.jumping === 'all';
  const diagnosis = useDiagnosis(athlete.id, jumps ? signs : [], ropeChecked);
  const today = useToday(athlete.id);
  const first = athlete.name.split(' ')[0] ?? '';
  const found = signs.length === 0 || !jumps ? undefined : diagnosis.data;
  const toggle = (sign: SignCode) =>
    setSigns((now) => (now.includes(sign) ? now.filter((one) => one !== sign) : [...now, sign]));
  return (
    <Workbench
      title={
        !jumps
          ? `No cue today for ${first}`
          : found === undefined
            ? `What do you see, hear or feel in ${first}?`
            : `${first}: most likely ${found.ranked[0]?.name ?? ''}`
      }
      decisionFirst={found !== undefined}
      subject={
        <FieldStack>
          <label>
            Athlete
            <PersonPicker people={athletes} value={athlete.id} onChange={onAthlete} />
          </label>
          <p role="note">{athlete.ropeVerdict.reasons[0]?.sentence}</p>
          <Checkbox checked={ropeChecked} onChange={(event) => setRopeChecked(event.target.checked)}>
            The rope was checked since its last change
          </Checkbox>
          {signs.length > 0 && (
            <Button onClick={() => setSigns([])}>
              Clear the {signs.length === 1 ? 'sign' : `${signs.length} signs`}
            </Button>
          )}
        </FieldStack>
      }
      decision={
        <>
          {found !== undefined && <Advice athlete={athlete} first={first} signs={signs} found={found} />}
          {found !== undefined && <Causes ranked={found.ranked} />}
          {today.data !== undefined && <FocusNow first={first} focus={today.data.focus} />}
        </>
      }
    >
      {!jumps && <NotToday allowance={athlete.allowance} name={first} />}
      {jumps && diagnosis.isError && (
        <Failed error={diagnosis.error} onRetry={() => void diagnosis.refetch()} />
      )}
      {jumps && <SignBoard groups={groups} chosen={signs} onToggle={toggle} />}
    </Workbench>
  );
}
