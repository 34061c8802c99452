import { Button, Input } from 'antd';
import { useCallback, useState } from 'react';
import {
  useSaveEvents,
  useStartSensor,
  useStopSensor,
  useTakeReport,
  type SensorInput,
} from '../../../api/recordings';
import { useSensorEvents, type SensorEvent } from '../../../api/sensorEvents';
import { Card } from '../../../design/page/Card';
import { ChoiceField, FieldStack } from '../../../design/form/FieldStack';
import { NumberField } from '../../../design/form/NumberField';
import { Workbench } from '../../../design/page/Workbench';
import type { Marks } from '../../../lib/marks';
import { LogTake } from '../take/LogTake';
import { RhythmNav } from '../RhythmNav';
import { TakePicture } from '../take/TakePicture';
import { TakeVerdict } from '../take/TakeVerdict';
import { useUsualPattern } from '../../../api/session';
import { AtThumb } from '../../../design/page/AtThumb';
import styles from './SensorPage.module.css';

type Fault = NonNullable<SensorInput['fault']>;

const faults: { value: Fault; label: string }[] = [
  { value: 'none', label: 'nothing' },
  { value: 'double-bounce', label: 'bounces twice' },
  { value: 'pause', label: 'pauses' },
  { value: 'rushing', label: 'rushes' },
  { value: 'late-spin', label: 'spins late' },
  { value: 'trip', label: 'trips' },
];
const start: Omit<Required<SensorInput>, 'notation'> = {
  cadence: 104,
  seconds: 20,
  jitter: 0.03,
  fault: 'none',
  seed: 1,
};
const none: Marks = { turnsS: [], landingsS: [] };

/** A rope and floor sensor, live; here its stand-in jumps, the same for the same seed. */
export function SensorPage() {
  const usual = useUsualPattern();
  const [input, setInput] = useState({ ...start, notation: usual });
  const set = (change: Partial<SensorInput>) => setInput((now) => ({ ...now, ...change }));
  const [trying, setTrying] = useState(false);
  const begin = useStartSensor();
  const end = useStopSensor();
  const [marks, setMarks] = useState(none);
  const [last, setLast] = useState<SensorEvent | null>(null);
  const [fault, setFault] = useState<string | null>(null);
  const run = begin.data;
  const listen = useCallback(
    (event: SensorEvent) => {
      if (event.sensor !== run?.id) {
        return;
      }
      if (event.fault !== null) {
        setFault(event.fault);
        return;
      }
      setLast(event);
      setMarks((now) => ({
        turnsS: [...now.turnsS, ...event.turnsS],
        landingsS: [...now.landingsS, ...event.landingsS],
      }));
    },
    [run?.id],
  );
  useSensorEvents(listen);
  const running = run !== undefined && last?.over !== true && fault === null && !end.isSuccess;
  const refused = begin.error?.message ?? fault;
  const go = () => {
    setMarks(none);
    setLast(null);
    setFault(null);
    end.reset();
    begin.mutate(input);
  };
  return (
    <Workbench
      title={titleOf(running, last)}
      nav={<RhythmNav />}
      decisionFirst
      decision={
        <Card strong label="Sensor">
          {trying ? (
            <FieldStack>
              <p>Simulated sensor: rope and floor, measured and sent as they come.</p>
              <label>
                Jumps
                <Input
                  aria-label="Jumps"
                  value={input.notation ?? ''}
                  onChange={(event) => set({ notation: event.target.value })}
                />
              </label>
              <NumberField
                label="Jumps a minute"
                least={40}
                most={220}
                value={input.cadence ?? 104}
                onChange={(cadence) => set({ cadence })}
              />
              <NumberField
                label="Seconds"
                least={2}
                most={120}
                value={input.seconds ?? 20}
                onChange={(seconds) => set({ seconds })}
              />
              <span>Fault</span>
              <ChoiceField
                label="Fault"
                options={faults}
                value={input.fault ?? 'none'}
                onChange={(fault) => set({ fault })}
              />
              <NumberField
                label="Seed"
                least={0}
                most={1_000_000}
                value={input.seed ?? 1}
                onChange={(seed) => set({ seed })}
              />
              <AtThumb>
                <Button
                  type="primary"
                  size="large"
                  block
                  loading={begin.isPending}
                  onClick={running && run !== undefined ? () => end.mutate(run) : go}
                >
                  {running ? 'Stop it' : 'Start the simulated sensor'}
                </Button>
              </AtThumb>
              {refused !== null && (
                <p role="alert" className={styles.refused}>
                  {refused}
                </p>
              )}
            </FieldStack>
          ) : (
            <>
              <p>No sensor is connected. A simulated one shows what it would report.</p>
              <Button type="primary" size="large" block onClick={() => setTrying(true)}>
                Try it
              </Button>
            </>
          )}
        </Card>
      }
    >
      <Live event={last} />
      {running && <TakePicture marks={marks} passes={[]} wave={null} />}
      {!running && marks.landingsS.length > 1 && <Over marks={marks} onChange={setMarks} />}
    </Workbench>
  );
}

/** Large enough for the far side of the hall. */
function Live({ event }: { event: SensorEvent | null }) {
  const cadence = event?.cadencePerMin ?? null;
  const variation = event?.variation ?? null;
  return (
    <div aria-live="polite">
      <dl className={styles.live}>
        <div>
          <dt>jumps</dt>
          <dd>{event?.jumps ?? 0}</dd>
        </div>
        <div>
          <dt>a minute</dt>
          <dd>{cadence === null ? '–' : cadence.toFixed(0)}</dd>
        </div>
        <div>
          <dt>uneven by</dt>
          <dd>{variation === null ? '–' : `${(100 * variation).toFixed(1)} %`}</dd>
        </div>
        <div>
          <dt>misses</dt>
          <dd>{event?.misses ?? 0}</dd>
        </div>
      </dl>
      {event !== null && <p className={styles.counts}>{event.counts.sentence}</p>}
    </div>
  );
}

function Over({ marks, onChange }: { marks: Marks; onChange: (marks: Marks) => void }) {
  const take = useTakeReport(marks, null, null).data;
  const save = useSaveEvents();
  return (
    <>
      <TakePicture marks={marks} passes={take?.passes ?? []} wave={null} onChange={onChange} />
      {take !== undefined && (
        <>
          <Button onClick={() => save.mutate(marks)}>Save as event file</Button>
          {save.error !== null && <p role="alert">{save.error.message}</p>}
          <TakeVerdict take={take}>
            <LogTake key={marks.landingsS.length} take={take} />
          </TakeVerdict>
        </>
      )}
    </>
  );
}

function titleOf(running: boolean, last: SensorEvent | null): string {
  if (running) {
    return 'The sensor reports';
  }
  return last === null ? 'A sensor counts while they jump' : `Measured: ${last.counts.sentence}`;
}
