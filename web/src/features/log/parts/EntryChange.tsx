import { Button, InputNumber, Segmented } from 'antd';
import { useState } from 'react';
import { useAthletes } from '../../../api/athletes';
import { useEntryLog } from '../../../api/entries';
import { useHistory, type FoundEntry, type History } from '../../../api/logged';
import { PersonPicker } from '../../../design/form/PersonPicker';
import { Failed, Loading } from '../../../design/page/StateNote';
import styles from '../logged.module.css';

type End = NonNullable<FoundEntry['entry']['end']>;

const ends: { value: End; label: string }[] = [
  { value: 'miss', label: 'Miss' },
  { value: 'stopped', label: 'Stopped' },
  { value: 'time', label: 'Time' },
];

/** Puts an entry right, gives it to somebody else, and says what became of it. */
export function EntryChange({ found, onDone }: { found: FoundEntry; onDone: () => void }) {
  const { entry, athleteName } = found;
  const [reps, setReps] = useState(entry.reps);
  const [misses, setMisses] = useState(entry.misses);
  const [end, setEnd] = useState(entry.end);
  const { correct, move } = useEntryLog();
  const others = (useAthletes().data ?? []).filter(({ id }) => id !== entry.athleteId);
  const said = `${athleteName} ${entry.sentence}`;
  const go = entry.kind === 'streak';
  const same = reps === entry.reps && misses === entry.misses && end === entry.end;
  return (
    <div className={styles.change} role="group" aria-label={`Put right ${said}`}>
      <label>
        {entry.kind === 'tries' ? 'Clean' : entry.kind === 'hold' ? 'Seconds' : 'Reps'}
        <InputNumber size="large" min={0} max={9999} value={reps} onChange={(value) => setReps(value ?? 0)} />
      </label>
      {go ? (
        <Segmented<End>
          size="large"
          aria-label="How it ended"
          value={end ?? 'miss'}
          onChange={setEnd}
          options={ends}
        />
      ) : (
        <label>
          {entry.kind === 'tries' ? 'Not clean' : 'Misses'}
          <InputNumber
            size="large"
            min={0}
            max={9999}
            value={misses}
            onChange={(value) => setMisses(value ?? 0)}
          />
        </label>
      )}
      <Button
        size="large"
        type="primary"
        disabled={same}
        onClick={() => {
          correct(entry, { reps, misses, end }, said);
          onDone();
        }}
      >
        Put right
      </Button>
      <PersonPicker
        people={others}
        label="It was somebody else’s"
        onChange={(athleteId) => {
          move(entry, athleteId, said);
          onDone();
        }}
      />
      <Became id={entry.id} />
    </div>
  );
}

const when = new Intl.DateTimeFormat('en-GB', {
  day: 'numeric',
  month: 'short',
  hour: '2-digit',
  minute: '2-digit',
});

const deeds: Record<History['deed'], string> = {
  made: 'wrote it down',
  changed: 'changed it',
  removed: 'took it back',
  back: 'brought it back',
  deleted: 'deleted it',
  in: 'brought it in',
};

function Became({ id }: { id: string }) {
  const history = useHistory(id);
  if (history.isError) {
    return <Failed error={history.error} onRetry={() => void history.refetch()} />;
  }
  return history.data === undefined ? (
    <Loading what="what became of it" />
  ) : (
    <ol className={styles.became} aria-label="What became of it">
      {history.data.map(({ at, by, deed, changes }, i) => (
        <li key={i}>
          {when.format(new Date(at))}: {by === '' ? 'somebody' : by} {deeds[deed]}
          {changes
            .map(({ what, before, after }) => `; ${what} ${before ?? 'nothing'} → ${after ?? 'nothing'}`)
            .join('')}
        </li>
      ))}
    </ol>
  );
}
