import { Button, Segmented } from 'antd';
import { useState } from 'react';
import { sayEntry } from '../../lib/entryWords';
import type { Entry, CountKind } from '../../lib/logLine';
import { Counter } from './Counter';
import styles from './AttemptPad.module.css';

interface Props {
  countKind: CountKind;
  /** Reps, tries or seconds the drill aims at: where the counter starts. */
  aim: number;
  /** A whole set is logged, reps and misses in sum, unless the coach says otherwise. */
  summed?: boolean;
  onLog: (entry: Entry) => void;
}

/** Logs by touch: one counter and one touch for how it ended. */
export function AttemptPad({ countKind, aim, summed: startsSummed = false, onLog }: Props) {
  const [whole, setWhole] = useState(startsSummed);
  const [clean, setClean] = useState(true);
  const [reps, setReps] = useState(countKind === 'streak' ? 0 : aim);
  const [misses, setMisses] = useState(0);
  const log = (entry: Omit<Entry, 'clean'>) => {
    onLog({ ...entry, clean });
    setReps(countKind === 'streak' ? 0 : aim);
    setMisses(0);
    setClean(true);
  };
  const streak = countKind === 'streak' && !whole;
  const kind = countKind === 'streak' ? 'sum' : countKind;
  const summed: Entry = {
    kind,
    reps,
    misses: countKind === 'tries' ? Math.max(0, aim - reps) : misses,
    end: null,
    clean,
  };
  return (
    <div className={styles.pad}>
      <Counter
        label={countKind === 'hold' ? 'Seconds' : countKind === 'tries' ? `Clean of ${aim}` : 'Reps'}
        value={reps}
        most={countKind === 'tries' ? aim : 9999}
        step={countKind === 'tries' ? 1 : 10}
        onChange={setReps}
      />
      {!streak && countKind !== 'tries' && (
        <Counter label="Misses" value={misses} most={9999} step={1} onChange={setMisses} />
      )}
      {streak ? (
        <div className={styles.ends}>
          <Button size="large" danger onClick={() => log({ kind: 'streak', reps, misses: 0, end: 'miss' })}>
            Log {reps}, miss
          </Button>
          <Button size="large" onClick={() => log({ kind: 'streak', reps, misses: 0, end: 'stopped' })}>
            Log {reps}, stopped
          </Button>
          <Button size="large" onClick={() => log({ kind: 'streak', reps, misses: 0, end: 'time' })}>
            Log {reps}, time
          </Button>
        </div>
      ) : (
        <Button size="large" type="primary" block onClick={() => log(summed)}>
          Log {sayEntry(summed)}
        </Button>
      )}
      <div className={styles.options}>
        <Segmented<boolean>
          size="large"
          aria-label="Quality"
          value={clean}
          onChange={setClean}
          options={[
            { value: true, label: 'Clean' },
            { value: false, label: 'Rough' },
          ]}
        />
        {countKind === 'streak' && (
          <Button type="text" size="large" onClick={() => setWhole(!whole)}>
            {whole ? 'One go' : 'Whole set'}
          </Button>
        )}
      </div>
    </div>
  );
}
