import { Button, Checkbox, Input } from 'antd';
import { useMemo, useState } from 'react';
import { useSearchParams } from 'react-router';
import { useAthletes, type Athlete } from '../../../api/athletes';
import { clickTrackPath, usePattern, type PatternInTime } from '../../../api/rhythm';
import { BeatStrip } from '../../../design/beat/BeatStrip';
import { Card } from '../../../design/page/Card';
import { FieldStack } from '../../../design/form/FieldStack';
import { PersonPicker } from '../../../design/form/PersonPicker';
import { NumberField } from '../../../design/form/NumberField';
import { NotToday } from '../../../design/page/NotToday';
import { Failed, Loading } from '../../../design/page/StateNote';
import { useFloor } from '../../../design/page/useMedia';
import { useKept } from '../../../design/page/useKept';
import { useMetronome } from '../../../design/beat/useMetronome';
import { Workbench } from '../../../design/page/Workbench';
import type { Playing } from '../../../lib/beatScheduler';
import { syllableAt, usualSyllables } from '../../../lib/syllables';
import { RhythmNav } from '../RhythmNav';
import { TapPad } from './TapPad';
import styles from './BeatPage.module.css';

const SECONDS_A_MINUTE = 60;

/** A beat to jump to, and a pad to tap along: for the ear first, with a twin for the eye; none for whoever may not jump. */
export function BeatPage() {
  const [params, setParams] = useSearchParams();
  const athletes = useAthletes().data ?? [];
  const jumper = athletes.find((one) => one.id === params.get('athlete'));
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
    <Beat who={who} />
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

function Beat({ who }: { who: React.ReactNode }) {
  const [typed, setTyped] = useState('3s d');
  const [notation, setNotation] = useState('3s d');
  const [cadence, setCadence] = useState(100);
  const answer = usePattern(notation, cadence);
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
              s single, S tall, q quick, d double, t triple, r10 rest; (3s d)x4, 20d! unbroken,
              10s:boxer-step, w20(3s d) for 20 s, (nd)n=1..5 a ladder
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

interface TrainerProps {
  pattern: PatternInTime;
  cadence: number;
  onCadence: (cadence: number) => void;
  field: React.ReactNode;
}

function Trainer({ pattern, cadence, onCadence, field }: TrainerProps) {
  const [ramp, setRamp] = useState(0);
  const [most, setMost] = useState(140);
  const [inner, setInner] = useState(false);
  const [words, setWords] = useState(usualSyllables);
  const playing = useMemo(
    () => playingOf(pattern.cadencePerMin, ramp, most, inner),
    [pattern, ramp, most, inner],
  );
  const beat = useMetronome(pattern.beats, playing);
  const now = Math.round(pattern.cadencePerMin * (beat.playing ? beat.speed : 1));
  const landing = beat.headS !== null && pattern.beats.some((one) => isNear(one.atS, beat.headS ?? 0));
  const floor = useFloor();
  const syllable = syllableAt(pattern.beats, beat.headS, words);
  const stage = (
    <div className={landing ? styles.flash : styles.stage}>
      <p className={styles.cadence}>
        {now} <small>jumps a minute</small>
        {syllable !== null && <span className={styles.syllable}>{syllable}</span>}
      </p>
      <BeatStrip beats={pattern.beats} text={pattern.text} headS={beat.headS} />
    </div>
  );
  const startStop = (
    <Button type="primary" size="large" block onClick={() => (beat.playing ? beat.stop() : beat.start())}>
      {beat.playing ? 'Stop the beat' : 'Start the beat'}
    </Button>
  );
  return (
    <Workbench
      title={beat.playing ? `${pattern.text}, ${now} jumps a minute` : 'Hear it, then tap it'}
      nav={<RhythmNav />}
      decision={
        <Card strong label="Beat">
          <FieldStack>
            {floor && stage}
            {floor && startStop}
            {field}
            <NumberField label="Jumps a minute" least={40} most={220} value={cadence} onChange={onCadence} />
            <NumberField label="Faster by, each minute" least={0} most={20} value={ramp} onChange={setRamp} />
            {ramp > 0 && (
              <NumberField label="At most" least={40} most={220} value={most} onChange={setMost} />
            )}
            <label>
              Said with a double
              <Input
                aria-label="Said with a double"
                maxLength={40}
                value={words}
                onChange={(event) => setWords(event.target.value)}
              />
            </label>
            <Checkbox checked={inner} onChange={(event) => setInner(event.target.checked)}>
              Two bars heard, one in your head
            </Checkbox>
            {!floor && startStop}
            <Button block onClick={beat.toggleSilent}>
              {beat.silent ? 'Sound on' : 'Sound off'}
            </Button>
            {beat.shaking !== null && (
              <Checkbox checked={beat.shaking} onChange={beat.toggleShaking}>
                Shake at each landing
              </Checkbox>
            )}
            <Button block href={clickTrackPath(pattern.notation, pattern.cadencePerMin)} download>
              Take it along as WAV
            </Button>
          </FieldStack>
        </Card>
      }
    >
      {!floor && stage}
      <TapPad target={pattern.notation} />
    </Workbench>
  );
}

function playingOf(cadence: number, ramp: number, most: number, inner: boolean): Playing {
  return {
    ...(ramp > 0
      ? { rampPerS: ramp / cadence / SECONDS_A_MINUTE, mostSpeed: Math.max(1, most / cadence) }
      : {}),
    ...(inner ? { heardBars: 2, silentBars: 1 } : {}),
  };
}

/** So long a landing lights the stage. */
function isNear(landingS: number, headS: number): boolean {
  return headS >= landingS && headS - landingS < 0.08;
}
