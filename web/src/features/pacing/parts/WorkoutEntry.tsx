import { Button, Input, Select } from 'antd';
import { useId, useRef, useState } from 'react';
import type { TextAreaRef } from 'antd/es/input/TextArea';
import {
  useKeepWorkout,
  useRemoveWorkout,
  useWorkouts,
  type KeptWorkout,
  type WorkoutRead,
} from '../../../api/pacing';
import { useMayChange } from '../../../api/session';
import { PlainButton } from '../../../design/page/PlainButton';
import { WorkoutForm } from './WorkoutForm';
import styles from '../pacing.module.css';

interface Props {
  text: string;
  onText: (text: string) => void;
  read: WorkoutRead | undefined;
}

/** What is on the whiteboard, as text: chosen, written, and pointed at where it can't be read. */
export function WorkoutEntry({ text, onText, read }: Props) {
  const workouts = useWorkouts().data ?? [];
  const area = useRef<TextAreaRef>(null);
  const said = useId();
  const error = read?.error ?? null;
  const goTo = (position: number) => {
    const box = area.current?.resizableTextArea?.textArea;
    box?.focus();
    box?.setSelectionRange(position - 1, position - 1 + Math.max(1, error?.given.length ?? 1));
  };
  const kept = workouts.find((one) => one.text === read?.workout?.text);
  return (
    <div className={styles.entry}>
      <Select
        aria-label="Workouts that are kept"
        placeholder="Choose one"
        value={kept?.text ?? null}
        showSearch={{ optionFilterProp: 'label' }}
        options={grouped(workouts)}
        onChange={(chosen) => onText(chosen)}
      />
      <label>
        Workout
        <Input.TextArea
          ref={area}
          aria-label="Workout"
          aria-describedby={said}
          aria-invalid={error !== null}
          {...(error === null ? {} : { status: 'error' as const })}
          autoSize={{ minRows: 2, maxRows: 10 }}
          value={text}
          onChange={(event) => onText(event.target.value)}
        />
      </label>
      <div id={said} aria-live="polite">
        {error !== null && (
          <p className={styles.wrong}>
            Character {error.position}, “{error.given}”: {error.accepted}.{' '}
            <PlainButton onClick={() => goTo(error.position)}>Go to it</PlainButton>
          </p>
        )}
        {error === null && read?.workout && read.workout.text !== text && (
          <p className={styles.read}>Read as: {read.workout.text}</p>
        )}
      </div>
      {read?.workout && (
        <details>
          <summary>As a form</summary>
          <WorkoutForm workout={read.workout} onText={onText} />
        </details>
      )}
      <Keeping text={read?.workout?.text ?? null} kept={kept} />
    </div>
  );
}

/** A workout of the gym's own, under a name; taken away, and back. */
function Keeping({ text, kept }: { text: string | null; kept: KeptWorkout | undefined }) {
  const mayChange = useMayChange();
  const [name, setName] = useState('');
  const keep = useKeepWorkout();
  const remove = useRemoveWorkout();
  const gone = remove.data?.removed === true ? remove.data : null;
  if (!mayChange || text === null) {
    return null;
  }
  if (gone !== null && kept === undefined) {
    return (
      <p>
        {gone.name} is taken away.{' '}
        <PlainButton
          onClick={() => remove.mutate({ id: gone.id ?? '', version: gone.version, restore: true })}
        >
          Bring it back
        </PlainButton>
      </p>
    );
  }
  if (kept !== undefined) {
    return kept.id === null ? null : (
      <p>
        Kept as {kept.name}.{' '}
        <PlainButton
          onClick={() => remove.mutate({ id: kept.id ?? '', version: kept.version, restore: false })}
        >
          Take it away
        </PlainButton>
      </p>
    );
  }
  return (
    <details>
      <summary>Keep it</summary>
      <form
        className={styles.keep}
        onSubmit={(event) => {
          event.preventDefault();
          keep.mutate({ name, text });
        }}
      >
        <Input
          aria-label="Name of the workout"
          maxLength={80}
          value={name}
          onChange={(event) => setName(event.target.value)}
        />
        <Button htmlType="submit" disabled={name.trim() === ''} loading={keep.isPending}>
          Keep
        </Button>
      </form>
      {keep.isError && <p role="alert">{keep.error.message}</p>}
    </details>
  );
}

function grouped(workouts: readonly KeptWorkout[]) {
  const of = (own: boolean) =>
    workouts
      .filter(({ id }) => (id !== null) === own)
      .map(({ name, text }) => ({ value: text, label: name }));
  return [
    { label: 'Your own', title: 'Your own', options: of(true) },
    { label: 'To begin with', title: 'To begin with', options: of(false) },
  ].filter(({ options }) => options.length > 0);
}
