import { useState } from 'react';

export interface Taps {
  landingsS: number[];
  turnsS: number[];
}

/** Nobody means two taps so close together: the finger bounced. */
const BOUNCE_S = 0.04;

/** Taps on landings and turns, in seconds from the first one. */
export function useTapping() {
  const [startS, setStartS] = useState<number>();
  const [taps, setTaps] = useState<Taps>({ landingsS: [], turnsS: [] });
  const tap = (what: 'landing' | 'turn', nowMs: number) => {
    const nowS = nowMs / 1000;
    const since = startS === undefined ? 0 : nowS - startS;
    if (startS === undefined) {
      setStartS(nowS);
    }
    setTaps((now) =>
      what === 'landing'
        ? { ...now, landingsS: added(now.landingsS, since) }
        : { ...now, turnsS: added(now.turnsS, since) },
    );
  };
  const clear = () => {
    setStartS(undefined);
    setTaps({ landingsS: [], turnsS: [] });
  };
  return { taps, tap, clear };
}

export function added(times: number[], at: number): number[] {
  const last = times.at(-1);
  return last !== undefined && at - last < BOUNCE_S ? times : [...times, at];
}
