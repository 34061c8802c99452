import { afterEach, beforeEach, describe, expect, it, vi } from 'vitest';
import { ChangeFeed } from './changeFeed';
import { OwnWrites } from './ownWrites';

beforeEach(() => {
  vi.useFakeTimers();
});
afterEach(() => {
  vi.useRealTimers();
});

/** A screen that has seen revision 7, of a gym that is at the revision a test sets. */
async function atSeven(answerMs = 0) {
  const gym = { revision: 7, kinds: [] as string[], tooMany: false };
  const ask = vi.fn((since: number) => Promise.resolve({ since, ...gym }));
  const refetch = vi.fn(() => new Promise<void>((done) => setTimeout(done, answerMs)));
  const catchUp = vi.fn(() => Promise.resolve());
  const own = new OwnWrites();
  const feed = new ChangeFeed({ ask, refetch, catchUp, own, random: () => 0.5 });
  feed.ask();
  await vi.advanceTimersByTimeAsync(1000);
  expect(refetch).not.toHaveBeenCalled();
  expect(catchUp.mock.calls).toEqual([[7]]);
  ask.mockClear();
  return { gym, ask, refetch, own, feed };
}

const soon = () => vi.advanceTimersByTimeAsync(1000);

describe('the feed of changes', () => {
  it('fetches what the next hint is about, without a question', async () => {
    const { feed, ask, refetch } = await atSeven();
    feed.hint('changed 8 attempt');
    await soon();
    expect(refetch.mock.calls).toEqual([[['attempt'], 8]]);
    expect(ask).not.toHaveBeenCalled();
  });

  it('takes many hints for one, in whatever order they come', async () => {
    const { feed, ask, refetch } = await atSeven();
    ['changed 9 rope', 'changed 8 attempt', 'changed 10 attempt', 'changed 6 stop'].forEach((one) =>
      feed.hint(one),
    );
    await soon();
    expect(refetch.mock.calls).toEqual([[['attempt', 'rope'], 10]]);
    expect(ask).not.toHaveBeenCalled();
  });

  it('asks once where a hint was lost, or tells nothing', async () => {
    const { feed, ask, refetch, gym } = await atSeven();
    Object.assign(gym, { revision: 9, kinds: ['attempt', 'stop'] });
    feed.hint('changed 9 attempt');
    await soon();
    expect(ask.mock.calls).toEqual([[7]]);
    expect(refetch.mock.calls).toEqual([[['attempt', 'stop'], 9]]);
    Object.assign(gym, { revision: 10, kinds: [], tooMany: true });
    feed.hint('changed');
    await soon();
    expect(ask.mock.calls).toEqual([[7], [9]]);
    expect(refetch).toHaveBeenLastCalledWith('everything', 10);
  });

  it('fetches everything, whatever it shows, when the gym was restored to an earlier revision', async () => {
    const { feed, refetch, gym } = await atSeven();
    Object.assign(gym, { revision: 3, kinds: [] });
    feed.hint('changed');
    await soon();
    expect(refetch.mock.calls).toEqual([['everything', 0]]);
    feed.hint('changed 4 attempt');
    await soon();
    expect(refetch).toHaveBeenLastCalledWith(['attempt'], 4);
  });

  it('never fetches what this tab wrote, though the hint comes before the answer', async () => {
    const { feed, ask, refetch, own } = await atSeven();
    let answer: () => void = () => undefined;
    void own.during(new Promise<void>((done) => (answer = done)));
    feed.hint('changed 8 attempt');
    await soon();
    own.made(8);
    answer();
    await soon();
    feed.hint('changed 9 rope');
    await soon();
    expect(refetch.mock.calls).toEqual([[['rope'], 9]]);
    expect(ask).not.toHaveBeenCalled();
  });

  it('fetches less often where an answer takes longer', async () => {
    const fetched = async (answerMs: number) => {
      const { feed, refetch } = await atSeven(answerMs);
      for (let revision = 8; revision < 108; revision += 1) {
        feed.hint(`changed ${revision} attempt`);
        await vi.advanceTimersByTimeAsync(50);
      }
      await vi.advanceTimersByTimeAsync(20_000);
      expect(refetch.mock.lastCall).toEqual([['attempt'], 107]);
      return refetch.mock.calls.length;
    };
    const [quick, slow, late] = [await fetched(5), await fetched(100), await fetched(4000)];
    expect(quick).toBeGreaterThan(20);
    expect(slow).toBeLessThan(quick / 2);
    expect(late).toBe(2);
  });

  it('does not lose a change while the network is away, nor asks over and over', async () => {
    const { feed, ask, refetch } = await atSeven();
    ask.mockRejectedValue(new Error('away'));
    feed.hint('changed 8 attempt');
    feed.hint('changed 10 attempt');
    await vi.advanceTimersByTimeAsync(10_000);
    expect([ask.mock.calls.length, refetch.mock.calls.length]).toEqual([1, 0]);
    ask.mockResolvedValue({ since: 8, revision: 10, kinds: ['attempt'], tooMany: false });
    feed.ask();
    await soon();
    expect(refetch.mock.calls).toEqual([['everything', 10]]);
  });

  it('fetches everything when what is shown was kept on the device, and nothing after its end', async () => {
    const { feed, refetch } = await atSeven();
    feed.becomeOld();
    await soon();
    expect(refetch.mock.calls).toEqual([['everything', 7]]);
    feed.end();
    feed.hint('changed 8 attempt');
    await soon();
    expect(refetch).toHaveBeenCalledTimes(1);
  });
});
