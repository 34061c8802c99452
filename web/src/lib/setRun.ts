import type { Clock, Phase } from './setClock';

/** One go at a rung, as it was marked and logged. */
export interface Mark {
  entryId: string;
  rung: number;
  made: boolean;
  reps: number;
  /** On the clock, in seconds. */
  atS: number;
}

interface Common {
  athleteId: string;
  name: string;
  /** Under which it is logged. */
  code: string;
  title: string;
  clock: Clock;
}

export interface LadderRun extends Common {
  kind: 'ladder';
  countKind: 'streak' | 'tries';
  rungs: { text: string; notation: string; reps: number; beats: RunBeat[] }[];
  breakS: number;
  marks: Mark[];
}

export interface RunBeat {
  kind: string | null;
  atS: number;
  endS: number;
}

export interface IntervalRun extends Common {
  kind: 'intervals';
  countKind: 'streak' | 'hold';
  phases: Phase[];
  /** Ended before its time, on the clock; null: not ended by hand. */
  endedAtS: number | null;
}

/** A set that is being run with the clock. Kept on the device, so that a reload finds it where it was. */
export type SetRun = LadderRun | IntervalRun;

/** Which rung is next: as many as were made, in order; a missed rung is tried again. */
export function rungOf(run: LadderRun): number {
  return run.marks.filter((mark) => mark.made).length;
}

/** Seconds of the break that are left after the last rung; 0 when one may go on. */
export function breakLeftS(run: LadderRun, atS: number): number {
  const last = run.marks.at(-1);
  return last === undefined ? 0 : Math.max(0, last.atS + run.breakS - atS);
}

const key = (userId: string) => `zumbo-run-${userId}`;

export function readRun(userId: string): SetRun | null {
  const kept = localStorage.getItem(key(userId));
  return kept === null ? null : (JSON.parse(kept) as SetRun);
}

export function keepRun(userId: string, run: SetRun | null): void {
  if (run === null) {
    localStorage.removeItem(key(userId));
  } else {
    localStorage.setItem(key(userId), JSON.stringify(run));
  }
}
