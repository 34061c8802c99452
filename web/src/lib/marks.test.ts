import { describe, expect, it } from 'vitest';
import { beatsOf, movedMark, withMark, withoutMark } from './marks';

const marks = { turnsS: [0.5, 1.5], landingsS: [0.2, 1, 2] };

describe('marks', () => {
  it('are set in their place, once', () => {
    expect(withMark(marks, 'turnsS', 1).turnsS).toEqual([0.5, 1, 1.5]);
    expect(withMark(marks, 'turnsS', 0.51)).toBe(marks);
    expect(withMark(marks, 'turnsS', -1)).toBe(marks);
  });

  it('are taken away and moved', () => {
    expect(withoutMark(marks, 'landingsS', 1).landingsS).toEqual([0.2, 2]);
    expect(movedMark(marks, 'landingsS', 1, 1.2).landingsS).toEqual([0.2, 1.2, 2]);
    expect(movedMark(marks, 'landingsS', 1, 2.01)).toBe(marks);
  });

  it('make jumps by their turns, and a miss without one', () => {
    expect(beatsOf(marks, [1, 0])).toEqual([
      { kind: 's', atS: 0.2, endS: 1 },
      { kind: 'x', atS: 1, endS: 2 },
    ]);
    expect(beatsOf(marks, [2, 5, 1]).map((beat) => beat.kind)).toEqual(['d', 't']);
  });
});
