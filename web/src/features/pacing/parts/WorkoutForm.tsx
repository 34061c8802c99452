import { Button, Input, InputNumber, Select } from 'antd';
import type { WorkoutRead } from '../../../api/pacing';
import { NumberField } from '../../../design/form/NumberField';
import { PlainButton } from '../../../design/page/PlainButton';
import { fieldsOf, textOf, type FormStation, type WorkoutFields } from './composing';
import styles from '../pacing.module.css';

const FORMS: { value: WorkoutFields['form']; label: string }[] = [
  { value: 'for-time', label: 'For time' },
  { value: 'many-rounds', label: 'As many rounds as fit' },
  { value: 'every-minutes', label: 'A round each minute, or two' },
  { value: 'intervals', label: 'On and off' },
];

const KINDS: { value: FormStation['kind']; label: string }[] = [
  { value: 'doubles', label: 'Doubles' },
  { value: 'singles', label: 'Singles' },
  { value: 'work', label: 'Something else' },
  { value: 'rest', label: 'Rest' },
];

const LONGEST_S = 7200;
const WINDOW_S = 60;

interface Props {
  workout: NonNullable<WorkoutRead['workout']>;
  onText: (text: string) => void;
}

/** The same workout as fields, as long as its rounds are alike. */
export function WorkoutForm({ workout, onText }: Props) {
  const fields = fieldsOf(workout);
  if (fields === null) {
    return <p className={styles.read}>Its rounds differ: it is written as text.</p>;
  }
  const set = (more: Partial<WorkoutFields>) => onText(textOf({ ...fields, ...more }));
  const setStation = (at: number, more: Partial<FormStation>) =>
    set({ stations: fields.stations.map((one, i) => (i === at ? whole({ ...one, ...more }) : one)) });
  const numbered = fields.form !== 'many-rounds';
  const timed = fields.form !== 'for-time';
  return (
    <div className={styles.form}>
      <Select
        aria-label="What ends it"
        value={fields.form}
        options={FORMS}
        onChange={(form) =>
          set({
            form,
            windowS: fields.windowS > 0 ? fields.windowS : WINDOW_S,
            betweenS: fields.betweenS || WINDOW_S,
          })
        }
      />
      {numbered && (
        <NumberField
          label="Rounds"
          least={1}
          most={60}
          value={fields.rounds}
          onChange={(rounds) => set({ rounds })}
        />
      )}
      {timed && (
        <NumberField
          label={fields.form === 'many-rounds' ? 'In all, s' : 'Each round, s'}
          least={5}
          most={LONGEST_S}
          value={fields.windowS}
          onChange={(windowS) => set({ windowS })}
        />
      )}
      {fields.stations.map((one, i) => (
        <fieldset key={i}>
          <legend>Station {i + 1}</legend>
          <Select
            aria-label={`Station ${String(i + 1)}`}
            value={one.kind}
            options={KINDS}
            onChange={(kind) => setStation(i, { kind })}
          />
          {one.kind === 'work' && (
            <Input
              aria-label={`Name of station ${String(i + 1)}`}
              defaultValue={one.name}
              onBlur={({ target }) => {
                if (target.value.trim() !== '' && target.value !== one.name) {
                  setStation(i, { name: target.value });
                }
              }}
            />
          )}
          {one.kind !== 'rest' && (
            <Small
              label={`Reps of station ${String(i + 1)}`}
              value={one.reps}
              onChange={(reps) => setStation(i, { reps })}
            />
          )}
          {(one.kind === 'rest' || one.kind === 'work') && (
            <Small
              label={`Seconds of station ${String(i + 1)}`}
              value={one.seconds}
              onChange={(seconds) => setStation(i, { seconds })}
            />
          )}
          {fields.stations.length > 1 && (
            <PlainButton
              aria-label={`Leave out station ${String(i + 1)}`}
              onClick={() => set({ stations: fields.stations.filter((_, nth) => nth !== i) })}
            >
              Leave it out
            </PlainButton>
          )}
        </fieldset>
      ))}
      <Button
        onClick={() =>
          set({ stations: [...fields.stations, { kind: 'rest', name: 'rest', reps: 0, seconds: WINDOW_S }] })
        }
      >
        Another station
      </Button>
    </div>
  );
}

/** What a kind needs, where it was another one before. */
function whole(one: FormStation): FormStation {
  const counted = one.kind === 'doubles' || one.kind === 'singles';
  return {
    ...one,
    name: one.kind === 'work' && ['doubles', 'singles', 'rest'].includes(one.name) ? 'squats' : one.name,
    reps: counted && one.reps < 1 ? 10 : one.reps,
    seconds: !counted && one.seconds < 1 ? WINDOW_S : one.seconds,
  };
}

function Small({
  label,
  value,
  onChange,
}: {
  label: string;
  value: number;
  onChange: (value: number) => void;
}) {
  return (
    <InputNumber<number>
      aria-label={label}
      min={0}
      max={LONGEST_S}
      precision={0}
      value={value}
      onChange={(next) => {
        if (next !== null) {
          onChange(next);
        }
      }}
    />
  );
}
