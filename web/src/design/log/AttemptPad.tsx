import { Button, Segmented } from 'antd';
import { useState } from 'react';
import { sayEntry } from '../../lib/entryWords';
import type { Entry, CountKind } from '../../lib/logLine';
import { Counter } from './Counter';
import { TryPad } from './TryPad';
import { AtThumb } from '../page/AtThumb';
import styles from './AttemptPad.module.css';

interface Props {
  countKind: CountKind;
  /** Reps, tries or seconds the drill aims at: where the counter starts. */
  aim: number;
  /** A whole set is logged, reps and misses in sum, unless the coach says otherwise. */
  summed?: boolean;
  onLog: (entry: Entry) => void;
}

/** Logs by touch, in the way the drill is counted. */
export function AttemptPad({ countKind, aim, summed = false, onLog }: Props) {
  return countKind === 'tries' ? (
    <TryPad aim={aim} onLog={onLog} />
  ) : (
    <RepPad countKind={countKind} aim={aim} summed={summed} onLog={onLog} />
  );
}

interface RepProps extends Required<Props> {
  countKind: Exclude<CountKind, 'tries'>;
}

/** One counter and one touch for how it ended. */
function RepPad({ countKind, aim, summed: startsSummed, onLog }: RepProps) {
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
    misses,
    end: null,
    clean,
  };
  return (
    <div className={`no-print ${styles.pad ?? ''}`}>
      <Counter
        label={countKind === 'hold' ? 'Seconds' : 'Reps'}
        value={reps}
        most={9999}
        step={10}
        onChange={setReps}
      />
      {!streak && <Counter label="Misses" value={misses} most={9999} step={1} onChange={setMisses} />}
      {streak ? (
        <AtThumb>
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
        </AtThumb>
      ) : (
        <AtThumb>
          <Button size="large" type="primary" block onClick={() => log(summed)}>
            Log {sayEntry(summed)}
          </Button>
        </AtThumb>
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
