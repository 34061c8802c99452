import { Button, Checkbox, Input } from 'antd';
import { useMemo, useState } from 'react';
import { clickTrackPath, type PatternInTime } from '../../../api/rhythm';
import { Card } from '../../../design/page/Card';
import { FieldStack } from '../../../design/form/FieldStack';
import { NumberField } from '../../../design/form/NumberField';
import { useFloor } from '../../../design/page/useMedia';
import { useMetronome } from '../../../design/beat/useMetronome';
import { Workbench } from '../../../design/page/Workbench';
import type { Playing } from '../../../lib/beatScheduler';
import { usualSyllables } from '../../../lib/syllables';
import { BeatStage } from './BeatStage';
import { RhythmNav } from '../RhythmNav';
import { TapPad } from './TapPad';
import { AtThumb } from '../../../design/page/AtThumb';

const SECONDS_A_MINUTE = 60;

interface TrainerProps {
  pattern: PatternInTime;
  cadence: number;
  onCadence: (cadence: number) => void;
  field: React.ReactNode;
}

/** The beat of a pattern seen and heard, and tapped along to. */
export function Trainer({ pattern, cadence, onCadence, field }: TrainerProps) {
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
  const floor = useFloor();
  const stage = <BeatStage pattern={pattern} now={now} head={beat.head} words={words} />;
  const startStop = (
    <AtThumb>
      <Button type="primary" size="large" block onClick={() => (beat.playing ? beat.stop() : beat.start())}>
        {beat.playing ? 'Stop the beat' : 'Start the beat'}
      </Button>
    </AtThumb>
  );
  return (
    <Workbench
      decisionFirst
      title={beat.playing ? `${pattern.text}, ${now} jumps a minute` : 'Hear it, then tap it'}
      nav={<RhythmNav />}
      decision={
        <Card strong label="Beat">
          <FieldStack>
            {field}
            <NumberField label="Jumps a minute" least={40} most={220} value={cadence} onChange={onCadence} />
            {floor && stage}
            {floor && startStop}
            <NumberField label="Faster by, each minute" least={0} most={20} value={ramp} onChange={setRamp} />
            {ramp > 0 && (
              <NumberField label="At most" least={40} most={220} value={most} onChange={setMost} />
            )}
            <label>
              Words said with a double
              <Input
                aria-label="Words said with a double"
                maxLength={40}
                value={words}
                onChange={(event) => setWords(event.target.value)}
              />
            </label>
            <Checkbox checked={inner} onChange={(event) => setInner(event.target.checked)}>
              Two bars with sound, one silent
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
              Download as WAV
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
