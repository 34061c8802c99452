import { useCallback, useEffect, useState } from 'react';
import { elapsedS, togglePause } from './setClock';
import { useSpace } from './useSpace';
import { useWakeLock } from './useWakeLock';
import { keepRun, readRun, type SetRun } from './setRun';

const TICK_MS = 100;

export interface RunClock {
  run: SetRun | null;
  /** Seconds on the clock; below 0 during the count-in. */
  atS: number;
  paused: boolean;
  change: (run: SetRun) => void;
  pause: () => void;
  /** Puts the clock away. */
  end: () => void;
}

/** The run of this coach, kept on the device at every change, and the time on its clock. */
export function useRun(userId: string): RunClock {
  const [run, setRun] = useState(() => readRun(userId));
  const [now, setNow] = useState(() => Date.now());
  const paused = run !== null && run.clock.pausedAtMs !== null;
  useEffect(() => {
    if (run === null || paused) {
      return;
    }
    const timer = setInterval(() => setNow(Date.now()), TICK_MS);
    return () => clearInterval(timer);
  }, [run, paused]);

  const keep = useCallback(
    (next: SetRun | null) => {
      keepRun(userId, next);
      setRun(next);
      setNow(Date.now());
    },
    [userId],
  );
  const pause = useCallback(
    () => run !== null && keep({ ...run, clock: togglePause(run.clock, Date.now()) }),
    [run, keep],
  );
  useSpace(pause, run !== null);
  useWakeLock(run !== null && !paused);
  return {
    run,
    atS: run === null ? 0 : elapsedS(run.clock, now),
    paused,
    change: keep,
    pause: () => void pause(),
    end: () => keep(null),
  };
}
