/** Seconds to get ready before the first phase. */
export const COUNT_IN_S = 10;

export interface Phase {
  kind: 'work' | 'rest';
  seconds: number;
  round: number;
  station: string | null;
}

/** When a clock was started and how long it has stood still; all in milliseconds since 1970. */
export interface Clock {
  /** The first phase begins: after the count-in. */
  startMs: number;
  /** Stands still since then; null: it runs. */
  pausedAtMs: number | null;
}

export function startClock(nowMs: number): Clock {
  return { startMs: nowMs + COUNT_IN_S * 1000, pausedAtMs: null };
}

/** Seconds since the first phase began; below 0 during the count-in. */
export function elapsedS(clock: Clock, nowMs: number): number {
  return ((clock.pausedAtMs ?? nowMs) - clock.startMs) / 1000;
}

/** Stands still from now on, or goes on where it stood: the time between is moved out of the way. */
export function togglePause(clock: Clock, nowMs: number): Clock {
  return clock.pausedAtMs === null
    ? { ...clock, pausedAtMs: nowMs }
    : { startMs: clock.startMs + (nowMs - clock.pausedAtMs), pausedAtMs: null };
}

export type At =
  | { state: 'count-in'; leftS: number }
  | { state: 'phase'; index: number; phase: Phase; leftS: number; next: Phase | null }
  | { state: 'over' };

/** Where the clock stands in its phases: each lasts from its start up to, not including, its end. */
export function phaseAt(phases: Phase[], elapsed: number): At {
  if (elapsed < 0) {
    return { state: 'count-in', leftS: -elapsed };
  }
  let end = 0;
  for (const [index, phase] of phases.entries()) {
    end += phase.seconds;
    if (elapsed < end) {
      return { state: 'phase', index, phase, leftS: end - elapsed, next: phases[index + 1] ?? null };
    }
  }
  return { state: 'over' };
}

/** Seconds of work that are done; rests and the count-in don't count. */
export function workedS(phases: Phase[], elapsed: number): number {
  let start = 0;
  return phases.reduce((sum, phase) => {
    const done = Math.min(phase.seconds, Math.max(0, elapsed - start));
    start += phase.seconds;
    return sum + (phase.kind === 'work' ? done : 0);
  }, 0);
}

/** What a clock shows of the seconds left: it reads 1 until the last second is over. */
export function shownSeconds(leftS: number): number {
  return Math.max(0, Math.ceil(leftS - 1e-6));
}
