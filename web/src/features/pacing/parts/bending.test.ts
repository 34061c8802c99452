import { describe, expect, it } from 'vitest';
import { pacing } from '../../../testing/pacing';
import { moved, placesOf } from './bending';

const bend = pacing.bend ?? { sets: [], expectedS: 0, costS: 0, breaks: [] };

describe('a break that is moved', () => {
  it('costs what the server told of its place', () => {
    const at = moved(bend, { nth: 0, place: 24 });
    expect(at.sets).toEqual([24, 11, 15]);
    expect(at.expectedS).toBeCloseTo(48.1, 6);
    expect(moved(bend, null)).toEqual({ sets: [20, 15, 15], expectedS: 47.7 });
  });

  it('stays between its neighbours', () => {
    expect(moved(bend, { nth: 0, place: -3 }).sets).toEqual([1, 34, 15]);
    expect(moved(bend, { nth: 0, place: 60 }).sets).toEqual([34, 1, 15]);
    expect(moved(bend, { nth: 1, place: 30 }).sets).toEqual([20, 10, 20]);
    expect(placesOf([20, 10, 20])).toEqual([20, 30]);
  });
});
