import { useState } from 'react';
import { useSearchParams } from 'react-router';
import type { Athlete } from '../../../api/athletes';
import { useToday } from '../../../api/classHour';
import {
  notedAs,
  notedInAddress,
  useDiagnosis,
  type Diagnosis,
  type Noted,
  type SignCode,
  type SignGroup,
} from '../../../api/faults';
import { FieldStack } from '../../../design/form/FieldStack';
import { PersonPicker } from '../../../design/form/PersonPicker';
import { NotToday } from '../../../design/page/NotToday';
import { Failed } from '../../../design/page/StateNote';
import { useFloor } from '../../../design/page/useMedia';
import { Workbench } from '../../../design/page/Workbench';
import { Advice } from './Advice';
import { Beside, Tired } from './Beside';
import { Causes } from './Causes';
import { FocusNow } from './FocusNow';
import { Marked } from './Marked';
import { NoCue } from './NoCue';
import { Question } from './Question';
import { SignBoard, SignPlaces } from './SignBoard';

interface Props {
  athletes: Athlete[];
  athlete: Athlete;
  onAthlete: (id: string) => void;
  groups: SignGroup[];
}

/** Signs are touched where one looks; the load, the rope, one cue or one question come of them. */
export function FaultBench({ athletes, athlete, onAthlete, groups }: Props) {
  const [params] = useSearchParams();
  const [noted, setNoted] = useState<Noted>(() => notedInAddress(params, groups));
  // Asked for although it is not sure; anything noted anew asks again.
  const [allTheSame, setAllTheSame] = useState<Noted | null>(null);
  const jumps = athlete.allowance.jumping === 'all';
  const diagnosis = useDiagnosis(athlete.id, noted, jumps);
  const today = useToday(athlete.id);
  const floor = useFloor();
  const first = athlete.name.split(' ')[0] ?? '';
  const seen = notedAs(noted, 'seen');
  const found = !jumps || (seen.length === 0 && noted.tired !== 'yes') ? undefined : diagnosis.data;
  const mark = (sign: SignCode, as: 'seen' | 'fine' | 'untold' | null) =>
    setNoted((now) => {
      const { [sign]: before, ...signs } = now.signs;
      return { ...now, signs: as === null || before === as ? signs : { ...signs, [sign]: as } };
    });
  const board = { groups, signs: noted.signs, onMark: mark };
  const beside = (
    <FieldStack>
      <Beside noted={noted} onNoted={setNoted} rope={athlete.ropeVerdict.reasons[0]?.sentence} />
    </FieldStack>
  );
  return (
    <Workbench
      title={jumps ? headOf(first, found) : `No cue today for ${first}`}
      decisionFirst={found !== undefined || (today.data?.focus ?? null) !== null}
      subject={
        <FieldStack>
          <label>
            Athlete
            <PersonPicker people={athletes} value={athlete.id} onChange={onAthlete} />
          </label>
          {jumps && (
            <>
              <Marked
                groups={groups}
                noted={noted}
                onForget={(sign) => mark(sign, null)}
                onClear={() => setNoted((now) => ({ ...now, signs: {} }))}
              />
              {floor && <SignPlaces {...board} />}
              <Tired noted={noted} onNoted={setNoted} />
              {!floor && beside}
            </>
          )}
        </FieldStack>
      }
      decision={
        <>
          {found !== undefined && (
            <Found
              athlete={athlete}
              first={first}
              signs={seen}
              found={found}
              asks={allTheSame !== noted}
              onAnswer={mark}
              onAllTheSame={() => setAllTheSame(noted)}
              onChecked={(what) => setNoted((now) => ({ ...now, ...what }))}
            />
          )}
          {found !== undefined && <Causes ranked={found.ranked} />}
          {today.data !== undefined && (
            <FocusNow athleteId={athlete.id} first={first} focus={today.data.focus} />
          )}
        </>
      }
    >
      {!jumps && <NotToday allowance={athlete.allowance} name={first} />}
      {jumps && diagnosis.isError && (
        <Failed error={diagnosis.error} onRetry={() => void diagnosis.refetch()} />
      )}
      {jumps && (floor ? beside : <SignBoard {...board} />)}
    </Workbench>
  );
}

interface FoundProps {
  athlete: Athlete;
  first: string;
  signs: SignCode[];
  found: Diagnosis;
  asks: boolean;
  onAnswer: (sign: SignCode, answer: 'seen' | 'fine' | 'untold') => void;
  onAllTheSame: () => void;
  onChecked: (what: Partial<Noted>) => void;
}

function Found({ athlete, first, signs, found, asks, onAnswer, onAllTheSame, onChecked }: FoundProps) {
  if (found.ask !== null && asks) {
    return (
      <Question
        found={found}
        ask={found.ask}
        onAnswer={onAnswer}
        onAllTheSame={found.cue === null ? null : onAllTheSame}
        onChecked={onChecked}
      />
    );
  }
  return found.cue === null ? (
    <NoCue athleteId={athlete.id} found={found} onChecked={onChecked} />
  ) : (
    <Advice
      athlete={athlete}
      first={first}
      signs={signs}
      found={found}
      cue={found.cue}
      onChecked={onChecked}
    />
  );
}

function headOf(first: string, found: Diagnosis | undefined): string {
  if (found === undefined) {
    return `What do you see, hear or feel in ${first}?`;
  }
  if (found.ask !== null) {
    return `${first}: one look more`;
  }
  return found.action === 'stop-today'
    ? `${first}: enough for today`
    : `${first}: most likely ${found.ranked[0]?.name ?? ''}`;
}
