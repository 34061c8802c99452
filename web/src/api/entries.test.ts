import { describe, expect, it } from 'vitest';
import type { Deed, Waiting } from '../lib/outboxStore';
import { attempt } from '../testing/tonight';
import { entryWrite, withOwn } from './entries';

const of = { athleteId: 'ilse', name: 'Ilse', drill: 'rungs' };
const miss = { kind: 'streak', reps: 23, misses: 0, end: 'miss', clean: true } as const;

const logged = (seconds: number, part: Partial<Waiting> = {}): Waiting => ({
  ...entryWrite(of, miss, new Date(Date.UTC(2026, 10, 24, 18, 0, seconds))),
  ...part,
});
const then = (deed: Deed, on: Waiting, body?: object, part: Partial<Waiting> = {}): Waiting => ({
  ...on,
  deed,
  body,
  ...part,
});
const onServer = (write: Waiting) => ({ ...attempt, id: write.rowId, at: '2026-11-24T18:00:01Z' });

describe('the entries this device knows', () => {
  it('hold what waits, the newest first', () => {
    const [first, second] = [logged(1), logged(2)];
    const shown = withOwn([], 7, [first, second]);
    expect(shown.map(({ id, state, sentence }) => [id, state, sentence])).toEqual([
      [second.rowId, 'waiting', '23, miss'],
      [first.rowId, 'waiting', '23, miss'],
    ]);
  });

  it('keep what has arrived until it is fetched, and no longer', () => {
    const write = logged(1, { arrived: 8 });
    expect(withOwn([], 7, [write])).toMatchObject([{ id: write.rowId, state: 'kept', version: 1 }]);
    expect(withOwn([onServer(write)], 8, [write])).toMatchObject([{ id: write.rowId, state: 'kept' }]);
    // Somebody else took it back meanwhile.
    expect(withOwn([], 9, [write])).toEqual([]);
  });

  it('show every change at once, each on the version it makes', () => {
    const write = logged(1);
    const rough = then('judge', write, { clean: false });
    const moved = then('move', write, { athleteId: 'wen' });
    const [shown] = withOwn([onServer(write)], 8, [rough, moved]);
    expect(shown).toMatchObject({ clean: false, athleteId: 'wen', version: 3, state: 'waiting' });
    expect(withOwn([onServer(write)], 8, [rough, moved, then('remove', write)])).toEqual([]);
  });

  it('take a refused change as not made, and keep a refused entry in sight', () => {
    const write = logged(1);
    const refused = { refused: 'No.' };
    expect(withOwn([onServer(write)], 8, [then('judge', write, { clean: false }, refused)])[0]).toMatchObject(
      { clean: true, version: 1, state: 'kept' },
    );
    expect(withOwn([], 8, [{ ...write, ...refused }])[0]?.state).toBe('refused');
    expect(withOwn([], 8, [{ ...write, failed: { times: 1, atMs: 0 } }])[0]?.state).toBe('failed');
  });

  it('ask what is hardly meant until it is kept', () => {
    const write = { ...logged(1), asked: '230, where 41 is the best so far?' };
    expect(withOwn([], 8, [write])[0]?.asks?.sentence).toBe('230, where 41 is the best so far?');
    expect(withOwn([], 8, [write, then('keep', write)])[0]?.asks).toBeNull();
  });
});
