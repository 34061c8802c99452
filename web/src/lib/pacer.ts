import type { PacedSet, PlannedLeg } from './setRun';

/** Off by less is as planned. */
const AS_PLANNED_S = 2;

/** The leg that is done now; none: all are touched off. */
export function legNow(run: Pick<PacedSet, 'legs' | 'touches'>): PlannedLeg | undefined {
  return run.legs[run.touches.length];
}

/** Seconds until it begins: the break after the last touch, or until its clock comes round. */
export function pauseLeftS(run: Pick<PacedSet, 'legs' | 'touches' | 'byClock'>, atS: number): number {
  const leg = legNow(run);
  if (leg === undefined) {
    return 0;
  }
  const newRound = run.legs[run.touches.length - 1]?.round !== leg.round;
  const last = run.touches.at(-1)?.atS ?? 0;
  const due = run.byClock && newRound ? Math.max(last, leg.startS) : last + leg.pauseS;
  return Math.max(0, due - atS);
}

/** Seconds behind the plan, below 0 ahead of it: as at the last touch, until the leg that is done now is late itself. */
export function behindS(run: Pick<PacedSet, 'legs' | 'touches'>, atS: number): number {
  const last = run.touches.at(-1);
  const planned = run.legs[run.touches.length - 1]?.endS ?? 0;
  const atTouch = last === undefined ? Number.NEGATIVE_INFINITY : last.atS - planned;
  const late = atS - (legNow(run)?.endS ?? Number.POSITIVE_INFINITY);
  return last === undefined ? Math.max(0, late) : Math.max(atTouch, late);
}

/** The same in words. */
export function saysBehind(seconds: number): string {
  const whole = Math.round(Math.abs(seconds));
  if (Math.abs(seconds) < AS_PLANNED_S) {
    return 'on the plan';
  }
  return `${String(whole)} s ${seconds > 0 ? 'behind' : 'ahead of'} the plan`;
}

/** "20 doubles", "run". */
export function saysLeg({ reps, name }: Pick<PlannedLeg, 'reps' | 'name'>): string {
  return reps > 0 ? `${String(reps)} ${name}` : name;
}

/** Doubles that were touched off, and the misses counted in them. */
export function doublesDone({ legs, touches }: Pick<PacedSet, 'legs' | 'touches'>): {
  reps: number;
  misses: number;
} {
  return touches.reduce(
    (sum, touch, i) =>
      legs[i]?.kind === 'doubles'
        ? { reps: sum.reps + legs[i].reps, misses: sum.misses + touch.missed }
        : sum,
    { reps: 0, misses: 0 },
  );
}
