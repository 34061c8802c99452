import { Button } from 'antd';
import { useState } from 'react';
import type { Entry } from '../../lib/logLine';
import { Counter } from './Counter';
import { AtThumb } from '../page/AtThumb';
import styles from './AttemptPad.module.css';

interface Props {
  /** Tries that are usually counted together. */
  aim: number;
  onLog: (entry: Entry) => void;
}

/** Tries that are clean or not: one touch each, as they happen; or several at once, counted from nothing. */
export function TryPad({ aim, onLog }: Props) {
  const [several, setSeveral] = useState(false);
  const [clean, setClean] = useState(0);
  const [missed, setMissed] = useState(0);
  const log = (reps: number, misses: number) => {
    onLog({ kind: 'tries', reps, misses, end: null, clean: true });
    setClean(0);
    setMissed(0);
  };
  return (
    <div className={`no-print ${styles.pad ?? ''}`}>
      {several ? (
        <>
          <Counter label="Clean" value={clean} most={aim} step={1} onChange={setClean} />
          <Counter label="Not clean" value={missed} most={aim} step={1} onChange={setMissed} />
          <AtThumb>
            <Button
              size="large"
              type="primary"
              block
              disabled={clean + missed === 0}
              onClick={() => log(clean, missed)}
            >
              Log {clean} clean of {clean + missed}
            </Button>
          </AtThumb>
        </>
      ) : (
        <AtThumb>
          <div className={styles.ends}>
            <Button size="large" type="primary" onClick={() => log(1, 0)}>
              Log a clean try
            </Button>
            <Button size="large" danger onClick={() => log(0, 1)}>
              Log one not clean
            </Button>
          </div>
        </AtThumb>
      )}
      <div className={styles.options}>
        <Button type="text" size="large" onClick={() => setSeveral(!several)}>
          {several ? 'One by one' : 'Several at once'}
        </Button>
      </div>
    </div>
  );
}
