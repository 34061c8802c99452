import { beforeEach, describe, expect, it } from 'vitest';
import { breakLeftS, keepRun, readRun, rungOf, type LadderRun, type Mark } from './setRun';

const rung = (reps: number) => ({ text: `${reps} doubles`, notation: `${reps}d`, reps, beats: [] });

const run: LadderRun = {
  kind: 'ladder',
  athleteId: 'a',
  name: 'Ilse',
  code: 'ladder-rising',
  title: 'Rising to 3',
  countKind: 'streak',
  clock: { startMs: 0, pausedAtMs: null },
  rungs: [rung(1), rung(2), rung(3)],
  missRule: 'repeat',
  perPass: 3,
  breakS: 5,
  marks: [],
};

const mark = (made: boolean, atS: number): Mark => ({ entryId: `e${atS}`, rung: 0, made, reps: 1, atS });

describe('a ladder that is run', () => {
  beforeEach(() => localStorage.clear());

  it('goes up a rung when one is made and tries it again after a miss', () => {
    expect(rungOf(run)).toBe(0);
    expect(rungOf({ ...run, marks: [mark(true, 3)] })).toBe(1);
    expect(rungOf({ ...run, marks: [mark(true, 3), mark(false, 9)] })).toBe(1);
  });

  it('goes one down after a miss, or on, as was chosen', () => {
    const marks = [mark(true, 3), mark(true, 9), mark(false, 20), mark(false, 30), mark(false, 40)];
    expect(rungOf({ ...run, missRule: 'step-down', marks })).toBe(0);
    expect(rungOf({ ...run, missRule: 'carry-on', marks })).toBe(5);
  });

  it('stays on the first rung of a time through', () => {
    const marks = [mark(true, 1), mark(true, 2), mark(true, 3), mark(false, 4)];
    expect(rungOf({ ...run, missRule: 'step-down', marks })).toBe(3);
  });

  it('gives a break after each go', () => {
    expect(breakLeftS(run, 10)).toBe(0);
    expect(breakLeftS({ ...run, marks: [mark(true, 8)] }, 10)).toBe(3);
    expect(breakLeftS({ ...run, marks: [mark(true, 8)] }, 20)).toBe(0);
  });

  it('is kept on the device for its coach until it is put away', () => {
    keepRun('maren', run);
    expect(readRun('maren')).toEqual(run);
    expect(readRun('jory')).toBeNull();
    keepRun('maren', null);
    expect(readRun('maren')).toBeNull();
  });
});
