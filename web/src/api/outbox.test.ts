import 'fake-indexeddb/auto';
import { beforeEach, describe, expect, it, vi } from 'vitest';
import { lockingNavigator } from '../testing/locks';
import type { Waiting } from '../lib/outboxStore';
import { ProblemError, Unreachable } from './client';
import { Outbox, type Sender } from './outbox';

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

async function filled(sender: Sender, ...rows: string[]): Promise<Outbox> {
  const outbox = await Outbox.of(`u${user}`, sender);
  for (const row of rows) {
    await outbox.add(write(row));
  }
  return outbox;
}

function waitingOf(outbox: Outbox): Promise<Waiting[]> {
  return new Promise((done) => {
    const end = outbox.onChange((waiting) => {
      queueMicrotask(() => end());
      done(waiting);
    });
  });
}

describe('the outbox', () => {
  it('sends in order and keeps nothing that arrived', async () => {
    const sent: string[] = [];
    const outbox = await filled((one) => Promise.resolve(sent.push(one.rowId)), 'a', 'b', 'c');
    await expect(outbox.drain()).resolves.toBe('empty');
    expect(sent).toEqual(['a', 'b', 'c']);
    expect(await waitingOf(outbox)).toEqual([]);
  });

  it('learns in its next round what another one sent and could not tell', async () => {
    let arrive: (value: unknown) => void = () => undefined;
    const first = await filled(() => new Promise((done) => (arrive = done)), 'a');
    const round = first.drain();
    const second = await Outbox.of(`u${user}`, () => Promise.resolve());
    const shown: number[] = [];
    second.onChange((waiting) => shown.push(waiting.length));
    await vi.waitFor(() => expect(shown).toEqual([1]));
    first.close();
    arrive(null);
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
    await expect(outbox.drain()).resolves.toBe('network');
    expect(sent).toEqual(['a']);
    cut = false;
    await expect(outbox.drain()).resolves.toBe('empty');
    expect(sent).toEqual(['a', 'b', 'c']);
  });

  it.each([500, 503, 429])('waits after a %i, which says nothing about the entry', async (status) => {
    const outbox = await filled(() => Promise.reject(refusal(status)), 'a');
    await expect(outbox.drain()).resolves.toBe('network');
    expect((await waitingOf(outbox))[0]?.refused).toBeUndefined();
  });

  it('waits for signing in again', async () => {
    const outbox = await filled(() => Promise.reject(refusal(401)), 'a');
    await expect(outbox.drain()).resolves.toBe('signed-out');
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
    const after = await Outbox.of(`u${user}`, () => Promise.resolve());
    expect(await waitingOf(after)).toHaveLength(1);
  });

  it('keeps one user’s writes from another', async () => {
    await filled(() => Promise.resolve(), 'a');
    user += 1;
    expect(await waitingOf(await Outbox.of(`u${user}`))).toEqual([]);
  });

  it('takes back and amends what was not sent', async () => {
    const sent: Waiting[] = [];
    const outbox = await filled((one) => Promise.resolve(sent.push(one)), 'a', 'b');
    await expect(outbox.takeBack('a')).resolves.toBe(true);
    await expect(outbox.takeBack('zzz')).resolves.toBe(false);
    await expect(outbox.amend('b', { clean: false })).resolves.toBe(true);
    await expect(outbox.amend('a', { clean: false })).resolves.toBe(false);
    await outbox.drain();
    expect(sent.map((one) => [one.rowId, one.body])).toEqual([['b', { reps: 1, clean: false }]]);
  });
});
