import { describe, expect, it } from 'vitest';
import golden from '../../../core/tests/golden/lengths.json';
import { formatFine, formatLength, formatLengthBare, formatLong } from './units';

describe('lengths', () => {
  it.each(golden.cases)('prints $m m as the core does', (row) => {
    expect(formatLength(row.m, 'cm')).toBe(row.cm);
    expect(formatLength(row.m, 'ft-in')).toBe(row['ft-in']);
  });

  it.each(golden.long)('prints the long $m m as the core does', (row) => {
    expect(formatLong(row.m, 'cm')).toBe(row.cm);
    expect(formatLong(row.m, 'ft-in')).toBe(row['ft-in']);
  });

  it('leaves out the unit where it stands beside', () => {
    expect(formatLengthBare(2.4436, 'cm')).toBe('244');
    expect(formatLengthBare(2.4436, 'ft-in')).toBe('8\'0"');
  });
});

it('tells what a cut takes in the gym’s own unit', () => {
  expect(formatFine(0.003, 'cm')).toBe('0.3 cm');
  expect(formatFine(0.003, 'ft-in')).toBe('0.12 in');
});
