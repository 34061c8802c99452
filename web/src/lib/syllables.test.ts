import { describe, expect, it } from 'vitest';
import { syllableAt } from './syllables';

const beats = [
  { kind: 's', atS: 0, turnsS: [0.3], endS: 0.6 },
  { kind: 'd', atS: 0.6, turnsS: [0.9, 1.1], endS: 1.2 },
];

describe('syllables', () => {
  it('go with landing and turns of a double only', () => {
    const at = (headS: number | null) => syllableAt(beats, headS, 'hop tick tack');
    expect([at(null), at(0.1), at(0.7), at(0.95), at(1.15), at(5)]).toEqual([
      null,
      null,
      'hop',
      'tick',
      'tack',
      null,
    ]);
  });

  it('repeat the last one when there are too few', () => {
    expect(syllableAt(beats, 1.15, ' da ')).toBe('da');
  });
});
