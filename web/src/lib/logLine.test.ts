import { describe, expect, it } from 'vitest';
import { sayEntry } from './entryWords';
import { readLogLine, readLogLines, type CountKind } from './logLine';

const tags = new Map<string, CountKind>([
  ['k', 'streak'],
  ['i', 'hold'],
  ['b', 'tries'],
  ['il', 'streak'],
]);

describe('a typed log line', () => {
  it.each([
    ['k23x', 'k', '23, miss'],
    ['K23.', 'k', '23, stopped'],
    ['k23t', 'k', '23, time'],
    ['k140/6', 'k', '140 reps, misses: 6'],
    ['i30/1', 'i', '30 s, misses: 1'],
    ['i12x', 'i', '12, miss'],
    ['b8/10', 'b', '8 clean of 10'],
    ['il9x', 'il', '9, miss'],
    ['k0x', 'k', '0, miss'],
  ])('%s is whole', (text, tag, said) => {
    const line = readLogLine(text, tags);
    expect(line.state).toBe('whole');
    if (line.state === 'whole') {
      expect([line.tag, sayEntry(line.entry), line.entry.clean]).toEqual([tag, said, true]);
    }
  });

  it('takes a last r as rough', () => {
    expect(readLogLine('k23xr', tags)).toMatchObject({ state: 'whole', entry: { clean: false } });
  });

  it.each([
    ['q1x', 'begin with an athlete’s tag', null],
    ['k', 'reps, then x miss', 'k'],
    ['k23', 'reps, then x miss', 'k'],
    ['i', 'seconds / misses', 'i'],
    ['b8', 'clean ones / tries', 'b'],
    ['b8/7', '8 clean of at least 8 tries', 'b'],
    ['b0/0', '0 clean of at least 1 tries', 'b'],
    ['k23xx', 'tag, reps, then', 'k'],
    ['k23456x', 'tag, reps, then', 'k'],
    ['k-3x', 'tag, reps, then', 'k'],
  ])('%s is told what is missing', (text, hint, tag) => {
    const line = readLogLine(text, tags);
    expect(line.state).toBe('unfinished');
    expect(line).toMatchObject({ tag });
    expect(line.state === 'unfinished' && line.hint).toContain(hint);
  });

  it('may be empty', () => {
    expect(readLogLine('  ', tags)).toEqual({ state: 'empty' });
  });

  it('is for several at once, each by what their own drill counts', () => {
    const lines = readLogLines('k, il,b8/10', tags);
    expect(lines.map((line) => line.state === 'whole' && [line.tag, sayEntry(line.entry)])).toEqual([
      ['k', '8 reps, misses: 10'],
      ['il', '8 reps, misses: 10'],
      ['b', '8 clean of 10'],
    ]);
    expect(readLogLines('k,q20.', tags).map(({ state }) => state)).toEqual(['whole', 'unfinished']);
    expect(readLogLines('k23x', tags)).toEqual([readLogLine('k23x', tags)]);
  });
});
