import { Button } from 'antd';
import { useEffect, useRef, useState } from 'react';
import { useFrames, type Frames, type FramesReading } from '../../../api/rhythm';
import { useUnit } from '../../../api/session';
import { Card } from '../../../design/page/Card';
import { Facts } from '../../../design/page/Facts';
import { FieldStack } from '../../../design/form/FieldStack';
import { NumberField } from '../../../design/form/NumberField';
import { WhatIsBehind } from '../../../design/cue/WhatIsBehind';
import { Workbench } from '../../../design/page/Workbench';
import { RhythmNav } from '../RhythmNav';
import styles from './FramesPage.module.css';

type Mark = 'takeOff' | 'pass1' | 'pass2' | 'landing';

const marks: { mark: Mark; label: string }[] = [
  { mark: 'takeOff', label: 'Take-off' },
  { mark: 'pass1', label: 'Pass 1' },
  { mark: 'pass2', label: 'Pass 2' },
  { mark: 'landing', label: 'Landing' },
];
const start: Frames = { framesPerS: 240, takeOff: 0, pass1: 0, pass2: 0, landing: 0 };
const MOST_FRAME = 10_000_000;

/** A double in slow motion: four frames tell height, rate and whether the spin was late. The clip stays on this device. */
export function FramesPage() {
  const [frames, setFrames] = useState(start);
  const [marked, setMarked] = useState<ReadonlySet<Mark>>(new Set());
  const set = (change: Partial<Frames>) => setFrames((now) => ({ ...now, ...change }));
  const mark = (which: Mark, frame: number) => {
    set({ [which]: frame });
    setMarked(new Set([...marked, which]));
  };
  // A clip may begin with the take-off; the other three are marked before anything is asked.
  const whole = marks.every((one) => one.mark === 'takeOff' || marked.has(one.mark));
  const asked = whole ? frames : undefined;
  const reading = useFrames(asked);
  return (
    <Workbench
      title={reading.data?.verdict.sentence ?? 'Mark four frames of a double'}
      nav={<RhythmNav />}
      decisionFirst
      decision={
        <Card strong label="Frames">
          <FieldStack>
            <NumberField
              label="Frames a second of the camera"
              least={1}
              most={10_000}
              value={frames.framesPerS}
              onChange={(framesPerS) => set({ framesPerS })}
            />
            {marks.map((one) => (
              <NumberField
                key={one.mark}
                label={one.label}
                least={0}
                most={MOST_FRAME}
                value={frames[one.mark]}
                onChange={(frame) => mark(one.mark, frame)}
              />
            ))}
            {reading.error !== null && (
              <p role="alert" className={styles.refused}>
                {reading.error.message}
              </p>
            )}
          </FieldStack>
        </Card>
      }
    >
      {reading.data !== undefined && <Reading reading={reading.data} />}
      {reading.data !== undefined && <WhatIsBehind observed={reading.data.observed} />}
      <Clip framesPerS={frames.framesPerS} onMark={mark} />
    </Workbench>
  );
}

function Reading({ reading }: { reading: FramesReading }) {
  const unit = useUnit();
  const [unitName, perMetre] = unit === 'cm' ? ['cm', 100] : ['in', 100 / 2.54];
  const small = (metres: number) => (perMetre * metres).toFixed(1);
  const ms = (seconds: number) => `${(1000 * seconds).toFixed(0)} ms`;
  return (
    <Card label="What the frames say">
      <Facts
        facts={[
          { name: 'Flight', value: `${ms(reading.flightS)} ± ${ms(reading.flightErrorS)}` },
          {
            name: 'Jump',
            value: `${small(reading.jumpM)} ± ${small(reading.jumpErrorM)} ${unitName}, at worst ${reading.jumpWorstM.map(small).join(' to ')}`,
          },
          {
            name: 'Turns a minute',
            value: `${reading.turnsPerMin.toFixed(0)} ± ${reading.turnsErrorPerMin.toFixed(0)}, at worst ${reading.turnsWorst.map((turns) => turns?.toFixed(0) ?? 'any').join(' to ')}`,
          },
          { name: 'First pass after', value: ms(reading.firstPassAfterS) },
          { name: 'In time', value: reading.windowS.map(ms).join(' to ') },
        ]}
      />
      <p>{reading.tucked.sentence}</p>
      <p>{reading.windowOf.sentence}</p>
    </Card>
  );
}

/** A video of this device, stepped frame by frame; it is sent nowhere. */
function Clip({ framesPerS, onMark }: { framesPerS: number; onMark: (mark: Mark, frame: number) => void }) {
  const [url, setUrl] = useState<string>();
  const [playerRate, setPlayerRate] = useState(30);
  const [frame, setFrame] = useState(0);
  const video = useRef<HTMLVideoElement>(null);
  useEffect(
    () => () => {
      if (url !== undefined) {
        URL.revokeObjectURL(url);
      }
    },
    [url],
  );
  const step = (by: number) => {
    const next = Math.max(0, frame + by);
    setFrame(next);
    if (video.current !== null) {
      // The middle of a frame: its edge may show the one before.
      video.current.currentTime = (next + 0.5) / playerRate;
    }
  };
  return (
    <section aria-label="Clip" className={styles.clip}>
      <h2>From a clip on this device</h2>
      <label>
        Slow-motion video
        <input
          type="file"
          accept="video/*"
          onChange={(event) => {
            const file = event.target.files?.[0];
            setUrl(file === undefined ? undefined : URL.createObjectURL(file));
            setFrame(0);
          }}
        />
      </label>
      {url !== undefined && (
        <>
          <video ref={video} src={url} muted playsInline className={styles.video} />
          <NumberField
            label="Frames a second of the player"
            least={1}
            most={1000}
            value={playerRate}
            onChange={setPlayerRate}
          />
          <p>
            Frame {frame} at {framesPerS} a second. A clip that plays slowed down has fewer frames a second in
            the player than in the camera.
          </p>
          <div className={styles.buttons}>
            {[-10, -1, 1, 10].map((by) => (
              <Button key={by} onClick={() => step(by)}>
                {by > 0 ? `+${by}` : by}
              </Button>
            ))}
          </div>
          <div className={styles.buttons}>
            {marks.map(({ mark, label }) => (
              <Button key={mark} onClick={() => onMark(mark, frame)}>
                {label} here
              </Button>
            ))}
          </div>
        </>
      )}
    </section>
  );
}
