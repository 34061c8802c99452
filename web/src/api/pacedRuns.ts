import { newId } from '../lib/ids';
import type { Waiting } from '../lib/outboxStore';
import { doublesDone } from '../lib/pacer';
import type { PacedSet } from '../lib/setRun';
import { outgoing } from './client';
import { entryWrite } from './entries';

/** Under which the doubles of a workout are logged. */
const LOGGED_AS = 'workout';

/** What a paced workout leaves: the run, and its doubles in the log. Both wait on the device while there is no network. */
export function runWrites(run: PacedSet, finished: boolean): Waiting[] {
  const rowId = newId();
  const put = outgoing('PUT', '/api/paced-runs/{id}', {
    path: { id: rowId },
    body: {
      athleteId: run.athleteId,
      workout: run.workout,
      ...run.forecast,
      finished,
      startedAt: new Date(run.clock.startMs).toISOString(),
      // What the clock cut off, and what was not begun, tells nothing.
      legs: run.legs.slice(0, run.touches.length).map((leg, i) => {
        const touch = run.touches[i];
        return { ...leg, doneS: touch?.atS ?? null, missed: touch?.missed ?? null };
      }),
    },
  });
  const kept: Waiting = { ...put, rowId, deed: 'run', said: `${run.name}: paced workout` };
  const { reps, misses } = doublesDone(run);
  if (reps + misses === 0) {
    return [kept];
  }
  const of = { athleteId: run.athleteId, name: run.name, drill: LOGGED_AS };
  return [kept, entryWrite(of, { kind: 'sum', reps, misses, end: null, clean: true }, new Date())];
}
