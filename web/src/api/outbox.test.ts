import 'fake-indexeddb/auto';
import { beforeEach, describe, expect, it, vi } from 'vitest';
import { lockingNavigator } from '../testing/locks';
import type { Waiting } from '../lib/outboxStore';
import { ProblemError, Unreachable } from './client';
import { AGAIN_MS, isWaiting, Outbox, type Sender } from './outbox';

let user = 0;

beforeEach(() => {
  user += 1;
  lockingNavigator();
});

function write(row: string): Waiting {
  return { rowId: row, method: 'PUT', path: `/api/attempts/${row}`, body: { reps: 1 }, said: row };
}

const refusal = (status: number) =>
  new ProblemError({ type: 'about:blank', title: 'No', status, detail: 'No such drill.' });

let now = 0;

async function filled(sender: Sender, ...rows: string[]): Promise<Outbox> {
  const outbox = await Outbox.of(`u${user}`, sender, () => now);
  for (const row of rows) {
    await outbox.add(write(row));
  }
  return outbox;
}

function waitingOf(outbox: Outbox): Promise<Waiting[]> {
  return new Promise((done) => {
    const end = outbox.onChange((waiting) => {
      queueMicrotask(() => end());
      done(waiting.filter(isWaiting));
    });
  });
}

describe('the outbox', () => {
  it('sends in order and keeps nothing that arrived', async () => {
    const sent: string[] = [];
    const outbox = await filled((one) => Promise.resolve(sent.push(one.rowId)), 'a', 'b', 'c');
    await expect(outbox.drain()).resolves.toMatchObject({ ended: 'empty' });
    expect(sent).toEqual(['a', 'b', 'c']);
    expect(await waitingOf(outbox)).toEqual([]);
  });

  it('learns in its next round what another one sent and could not tell', async () => {
    let arrive: (revision: number) => void = () => undefined;
    const first = await filled(() => new Promise((done) => (arrive = done)), 'a');
    const round = first.drain();
    const second = await Outbox.of(`u${user}`, () => Promise.resolve(1));
    const shown: number[] = [];
    second.onChange((writes) => shown.push(writes.filter(isWaiting).length));
    await vi.waitFor(() => expect(shown).toEqual([1]));
    first.close();
    arrive(1);
    await round;
    await second.drain();
    expect(shown.at(-1)).toBe(0);
  });

  it('stops where the network ends and goes on there, without skipping or sending twice', async () => {
    const sent: string[] = [];
    let cut = true;
    const outbox = await filled(
      (one) =>
        cut && one.rowId === 'b' ? Promise.reject(new Unreachable()) : Promise.resolve(sent.push(one.rowId)),
      'a',
      'b',
      'c',
    );
    await expect(outbox.drain()).resolves.toMatchObject({ ended: 'network' });
    expect(sent).toEqual(['a']);
    cut = false;
    await expect(outbox.drain()).resolves.toMatchObject({ ended: 'empty' });
    expect(sent).toEqual(['a', 'b', 'c']);
  });

  it.each([502, 503, 429])('waits after a %i, which says nothing about the entry', async (status) => {
    const outbox = await filled(() => Promise.reject(refusal(status)), 'a');
    await expect(outbox.drain()).resolves.toMatchObject({ ended: 'network' });
    expect((await waitingOf(outbox))[0]?.refused).toBeUndefined();
  });

  it('waits for signing in again', async () => {
    const outbox = await filled(() => Promise.reject(refusal(401)), 'a');
    await expect(outbox.drain()).resolves.toMatchObject({ ended: 'signed-out' });
    expect(await waitingOf(outbox)).toHaveLength(1);
  });

  it('keeps what is refused, with the reason, and sends what comes after', async () => {
    const sent: string[] = [];
    const sender = vi.fn((one: Waiting) =>
      one.rowId === 'a' ? Promise.reject(refusal(422)) : Promise.resolve(sent.push(one.rowId)),
    );
    const outbox = await filled(sender, 'a', 'b');
    await outbox.drain();
    expect(sent).toEqual(['b']);
    const [refused] = await waitingOf(outbox);
    expect(refused).toMatchObject({ rowId: 'a', refused: 'No such drill.' });
    await outbox.drain();
    expect(sender).toHaveBeenCalledTimes(2);
    await outbox.retry(refused?.order ?? -1);
    await outbox.drain();
    expect(sender).toHaveBeenCalledTimes(3);
    await outbox.drop(refused?.order ?? -1);
    expect(await waitingOf(outbox)).toEqual([]);
  });

  it('never sends the same from two tabs', async () => {
    const sent: string[] = [];
    const slow: Sender = (one) => new Promise((done) => setTimeout(() => done(sent.push(one.rowId)), 5));
    const tab = await filled(slow, 'a', 'b', 'c');
    const other = await Outbox.of(`u${user}`, slow);
    await Promise.all([tab.drain(), other.drain()]);
    expect(sent).toEqual(['a', 'b', 'c']);
  });

  it('survives a reload', async () => {
    const before = await filled(() => Promise.reject(new Unreachable()), 'a');
    before.close();
    const after = await Outbox.of(`u${user}`, () => Promise.resolve(1));
    expect(await waitingOf(after)).toHaveLength(1);
  });

  it('keeps one user’s writes from another', async () => {
    await filled(() => Promise.resolve(1), 'a');
    user += 1;
    expect(await waitingOf(await Outbox.of(`u${user}`))).toEqual([]);
  });

  it('puts aside what the server fails on, sends the rest, and tries again by itself', async () => {
    now = 1000;
    const sent: string[] = [];
    let broken = true;
    const outbox = await filled(
      (one) =>
        broken && one.rowId === 'a' ? Promise.reject(refusal(500)) : Promise.resolve(sent.push(one.rowId)),
      'a',
      'b',
      'c',
    );
    await expect(outbox.drain()).resolves.toEqual({ ended: 'empty', arrived: 2 });
    expect(sent).toEqual(['b', 'c']);
    expect((await waitingOf(outbox))[0]?.failed).toEqual({ times: 1, atMs: 1000 });
    broken = false;
    await outbox.drain();
    expect(sent).toEqual(['b', 'c']);
    now += AGAIN_MS;
    await outbox.drain();
    expect(sent).toEqual(['b', 'c', 'a']);
  });

  it('holds up behind a failure only what is about the same row', async () => {
    now = 0;
    const sent: string[] = [];
    const outbox = await filled(
      (one) =>
        one.said === 'a' ? Promise.reject(new Unreachable(500)) : Promise.resolve(sent.push(one.said)),
      'a',
      'b',
    );
    await outbox.add({ ...write('a'), deed: 'remove', method: 'DELETE', said: 'undo a' });
    await outbox.add({ ...write('b'), deed: 'remove', method: 'DELETE', said: 'undo b' });
    await outbox.drain();
    expect(sent).toEqual(['b', 'undo b']);
    expect((await waitingOf(outbox)).map(({ said }) => said)).toEqual(['a', 'undo a']);
    await outbox.drop((await waitingOf(outbox))[0]?.order ?? -1);
    expect(await waitingOf(outbox)).toEqual([]);
  });

  it('tries a change that met a conflict again on top of what is there now', async () => {
    const seen: (number | undefined)[] = [];
    const outbox = await Outbox.of(`u${user}`, (one) => {
      seen.push(one.change?.version);
      return seen.length > 1
        ? Promise.resolve(9)
        : Promise.reject(
            new ProblemError({
              type: 'about:blank',
              title: 'Changed meanwhile',
              status: 409,
              detail: 'Somebody changed this meanwhile.',
              current: { version: 4 } as never,
            }),
          );
    });
    await outbox.add({ ...write('a'), deed: 'judge', change: { mutationId: 'm', version: 2 } });
    await outbox.drain();
    const [refused] = await waitingOf(outbox);
    expect(refused?.refused).toBe('Somebody changed this meanwhile.');
    await outbox.retry(refused?.order ?? -1);
    await outbox.drain();
    expect(seen).toEqual([2, 4]);
  });

  it('keeps what arrived a while, with the revision it made, and not for ever', async () => {
    let revision = 0;
    const rows = Array.from({ length: 65 }, (_, i) => `r${i}`);
    const outbox = await filled(() => Promise.resolve((revision += 1)), ...rows);
    await outbox.drain();
    const kept = await new Promise<Waiting[]>((done) => outbox.onChange(done));
    expect(kept.map(({ arrived }) => arrived)).toEqual(Array.from({ length: 60 }, (_, i) => i + 6));
  });
});
