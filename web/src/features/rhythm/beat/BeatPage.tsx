import { Input } from 'antd';
import { useState } from 'react';
import { useSearchParams } from 'react-router';
import { useAthletes, type Athlete } from '../../../api/athletes';
import { useToday } from '../../../api/classHour';
import { usePattern } from '../../../api/rhythm';
import { useUsualPattern } from '../../../api/session';
import { Card } from '../../../design/page/Card';
import { FieldStack } from '../../../design/form/FieldStack';
import { PersonPicker } from '../../../design/form/PersonPicker';
import { NotToday } from '../../../design/page/NotToday';
import { Failed, Loading } from '../../../design/page/StateNote';
import { useKept } from '../../../design/page/useKept';
import { Workbench } from '../../../design/page/Workbench';
import { carriedAthlete } from '../../../lib/carried';
import { Trainer } from './Trainer';
import { RhythmNav } from '../RhythmNav';
import styles from './BeatPage.module.css';

/** A beat to jump to, and a pad to tap along: for the ear first, with a twin for the eye; none for whoever may not jump. */
export function BeatPage() {
  const [params, setParams] = useSearchParams();
  const athletes = useAthletes().data ?? [];
  const asked = params.get('athlete') ?? carriedAthlete();
  const jumper = athletes.find((one) => one.id === asked);
  const who = (
    <label>
      Who jumps to it
      <PersonPicker
        label="Who jumps to it"
        people={athletes}
        {...(jumper === undefined ? {} : { value: jumper.id })}
        onChange={(athlete) => setParams({ athlete }, { replace: true })}
      />
    </label>
  );
  return jumper === undefined || jumper.allowance.jumping === 'all' ? (
    <Beat key={asked} who={who} {...(asked === null ? {} : { athleteId: asked })} />
  ) : (
    <Workbench
      title={`No beat today for ${firstNameOf(jumper)}`}
      nav={<RhythmNav />}
      decision={
        <Card strong label="Beat">
          <FieldStack>{who}</FieldStack>
        </Card>
      }
    >
      <NotToday allowance={jumper.allowance} name={firstNameOf(jumper)} />
    </Workbench>
  );
}

function firstNameOf(athlete: Athlete): string {
  return athlete.name.split(' ')[0] ?? athlete.name;
}

/** Somebody's own drill, as soon as it is known; until then, and for nobody, the usual pattern. */
function Beat({ who, athleteId }: { who: React.ReactNode; athleteId?: string }) {
  const fetched = useToday(athleteId);
  const today = fetched.data;
  const usual = useUsualPattern();
  if (athleteId !== undefined && fetched.isPending) {
    return (
      <Workbench title="Rhythm" nav={<RhythmNav />}>
        <Loading what="today’s drill" />
      </Workbench>
    );
  }
  const { notation, cadencePerMin } = today?.drill ?? { notation: usual, cadencePerMin: USUAL_BEAT };
  return (
    <PatternBeat
      who={who}
      first={notation}
      beat={cadencePerMin}
      {...(athleteId === undefined ? {} : { athleteId })}
    />
  );
}

interface PatternProps {
  who: React.ReactNode;
  /** The pattern to begin with, and its jumps a minute. */
  first: string;
  beat: number;
  athleteId?: string;
}

const USUAL_BEAT = 100;

function PatternBeat({ who, first, beat, athleteId }: PatternProps) {
  const [typed, setTyped] = useState(first);
  const [notation, setNotation] = useState(first);
  const [cadence, setCadence] = useState(beat);
  const answer = usePattern(notation, cadence, athleteId);
  const pattern = useKept('pattern', answer.data);
  const keep = () => setNotation(typed.trim() === '' ? notation : typed.trim());
  if (pattern === undefined) {
    return (
      <Workbench title="Rhythm" nav={<RhythmNav />}>
        {answer.isError ? (
          <Failed error={answer.error} onRetry={() => void answer.refetch()} />
        ) : (
          <Loading what="the beat" />
        )}
      </Workbench>
    );
  }
  return (
    <Trainer
      pattern={pattern}
      cadence={cadence}
      onCadence={setCadence}
      field={
        <>
          {who}
          <label>
            Pattern
            <Input
              aria-label="Pattern"
              value={typed}
              onChange={(event) => setTyped(event.target.value)}
              onBlur={keep}
              onPressEnter={keep}
            />
          </label>
          <details>
            <summary>How it is written</summary>
            <p className={styles.hint}>
              s single, S tall, q quick, d double, t triple, r10 rest; (10s r5)x4, 20d! unbroken,
              10s:boxer-step, w20(d) for 20 s, (nd)n=1..5 a ladder
            </p>
          </details>
          {answer.error !== null && (
            <p role="alert" className={styles.refused}>
              {answer.error.message}
            </p>
          )}
        </>
      }
    />
  );
}
