import { Button, Input, InputNumber } from 'antd';
import { useState } from 'react';
import { useKeepDrill, type LibraryDrill, type OwnDrill } from '../../../api/path';
import { useAthleteTerms } from '../../../api/athletes';
import { ChoiceField, FieldStack } from '../../../design/form/FieldStack';
import { newId } from '../../../lib/ids';
import styles from '../path.module.css';

interface Props {
  /** What it begins with; null: a new one. */
  drill: LibraryDrill | null;
  onDone: () => void;
}

const KINDS: { value: OwnDrill['countKind']; label: string }[] = [
  { value: 'streak', label: 'unbroken' },
  { value: 'tries', label: 'tries, clean or not' },
  { value: 'hold', label: 'seconds' },
];

/** A drill of one's own, or the gym's own copy of one. */
export function DrillForm({ drill, onDone }: Props) {
  const stages = useAthleteTerms().data?.stages ?? [];
  const [own, setOwn] = useState<OwnDrill>(() => inputOf(drill));
  const [id] = useState(newId);
  const keep = useKeepDrill();
  const set = (change: Partial<OwnDrill>) => setOwn((now) => ({ ...now, ...change }));
  const known = drill?.ownId != null && drill.ownVersion !== null;
  const text = (label: string, field: 'title' | 'notation' | 'cue' | 'why' | 'how') => (
    <label>
      {label}
      <Input
        aria-label={label}
        size="large"
        value={own[field]}
        onChange={({ target }) => set({ [field]: target.value })}
      />
    </label>
  );
  const count = (label: string, field: 'cadence' | 'aim' | 'sets', most: number) => (
    <label>
      {label}
      <InputNumber<number>
        aria-label={label}
        size="large"
        min={1}
        max={most}
        precision={0}
        value={own[field]}
        onChange={(value) => value !== null && set({ [field]: value })}
      />
    </label>
  );
  return (
    <form
      className={styles.form}
      aria-label={drill === null ? 'A drill of your own' : 'Your copy'}
      onSubmit={(event) => {
        event.preventDefault();
        keep.mutate(
          known
            ? {
                id: drill.ownId ?? id,
                drill: own,
                change: { mutationId: newId(), version: drill.ownVersion ?? 0 },
              }
            : { id, drill: own, change: null },
          { onSuccess: onDone },
        );
      }}
    >
      <FieldStack>
        {text('Called', 'title')}
        <ChoiceField
          label="Its stage"
          value={own.stage}
          onChange={(stage) => set({ stage })}
          options={stages.map(({ code, name }) => ({ value: code, label: name }))}
        />
        {text('Pattern, as in Rhythm', 'notation')}
        {count('Jumps a minute', 'cadence', 200)}
        <ChoiceField
          label="Counted"
          value={own.countKind}
          onChange={(countKind) => set({ countKind })}
          options={KINDS}
        />
        {count('How many', 'aim', 1000)}
        {count('Sets', 'sets', 20)}
        {text('Cue', 'cue')}
        {text('What for', 'why')}
        {text('How it is done', 'how')}
      </FieldStack>
      {keep.isError && <p role="alert">{keep.error.message}</p>}
      <div className={styles.acts}>
        <Button
          type="primary"
          size="large"
          htmlType="submit"
          disabled={own.title.trim() === '' || own.notation.trim() === ''}
          loading={keep.isPending}
        >
          Keep it
        </Button>
        <Button type="text" size="large" onClick={onDone}>
          Leave it
        </Button>
      </div>
    </form>
  );
}

/** What is sent of a drill as it stands. */
export function inputOf(drill: LibraryDrill | null): OwnDrill {
  return drill === null
    ? {
        title: '',
        stage: 'singles',
        notation: '',
        cadence: 100,
        countKind: 'streak',
        aim: 10,
        sets: 3,
        cue: '',
        why: '',
        how: '',
        replaces: null,
        hidden: false,
      }
    : {
        title: drill.title,
        stage: drill.stages[0] ?? 'singles',
        notation: drill.notation,
        cadence: drill.cadencePerMin,
        countKind: drill.countKind,
        aim: drill.aim,
        sets: drill.sets,
        cue: drill.cue,
        why: drill.why,
        how: drill.how,
        replaces: drill.family === 'own' ? null : drill.code,
        hidden: drill.hidden,
      };
}
