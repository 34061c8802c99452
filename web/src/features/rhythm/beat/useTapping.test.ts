import { describe, expect, it } from 'vitest';
import { added } from './useTapping';

describe('taps', () => {
  it('leave out a finger that bounced', () => {
    expect(added([0.5], 0.53)).toEqual([0.5]);
    expect(added([0.5], 0.56)).toEqual([0.5, 0.56]);
    expect(added([], 0)).toEqual([0]);
  });
});
