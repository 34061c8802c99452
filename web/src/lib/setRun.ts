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
  missRule: 'repeat' | 'step-down' | 'carry-on';
  /** Rungs of one time through. */
  perPass: number;
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

/** A game that goes step by step, each touched off when it is done. */
export interface StepsRun extends Common {
  kind: 'steps';
  countKind: 'streak' | 'hold';
  steps: { text: string; reps: number }[];
  /** How many are done. */
  done: number;
  /** When the last step was done, on the clock; null: not yet. */
  endedAtS: number | null;
}

/** A leg of a workout as it is planned; seconds on the workout's clock. */
export interface PlannedLeg {
  round: number;
  kind: 'doubles' | 'singles' | 'tries' | 'work' | 'rest';
  name: string;
  reps: number;
  workS: number;
  startS: number;
  endS: number;
  /** The break or the rest before it. */
  pauseS: number;
  misses: number;
}

/** A leg that was touched off. */
export interface Touch {
  atS: number;
  missed: number;
}

/** A workout that somebody is paced through. */
export interface PacedSet extends Common {
  kind: 'paced';
  /** Canonical. */
  workout: string;
  /** As it was said before the start. */
  forecast: { expectedS: number; p10S: number; p90S: number; wider: number };
  legs: PlannedLeg[];
  touches: Touch[];
  /** Misses in the leg that is done now. */
  missed: number;
  /** Each round begins when its clock comes round. */
  byClock: boolean;
  /** It ends then, done or not; null: when it is done. */
  untilS: number | null;
  /** On the clock; null: it goes on. */
  endedAtS: number | null;
}

/** A set that is being run with the clock. Kept on the device, so that a reload finds it where it was. */
export type SetRun = LadderRun | IntervalRun | StepsRun | PacedSet;

/**
 * Which rung is next, by what a miss means: the same again, one down (the first of a time through stays), or on as if it
 * had been made.
 */
export function rungOf({
  marks,
  missRule,
  perPass,
}: Pick<LadderRun, 'marks' | 'missRule' | 'perPass'>): number {
  return marks.reduce((rung, { made }) => {
    if (made || missRule === 'carry-on') {
      return rung + 1;
    }
    return missRule === 'step-down' && rung % perPass > 0 ? rung - 1 : rung;
  }, 0);
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
