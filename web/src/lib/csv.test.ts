import { describe, expect, it } from 'vitest';
import { csvOf } from './csv';

describe('a table as CSV', () => {
  it('quotes what would be torn apart', () => {
    expect(
      csvOf(
        ['cue', 'goes'],
        [
          ['elbows in, "quiet"', 3],
          ['two\nlines', null],
        ],
      ),
    ).toBe('cue,goes\r\n"elbows in, ""quiet""",3\r\n"two\nlines",\r\n');
  });

  it('makes no formula of what somebody wrote, and leaves numbers alone', () => {
    expect(csvOf(['a', 'b'], [['=1+1', -2]])).toBe("a,b\r\n'=1+1,-2\r\n");
  });
});
