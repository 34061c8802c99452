import { afterEach, beforeEach, describe, expect, it, vi } from 'vitest';
import { Coalesced } from './coalesce';

beforeEach(() => {
  vi.useFakeTimers();
});
afterEach(() => {
  vi.useRealTimers();
});

describe('coalescing', () => {
  it('runs at once, and once more for all calls meanwhile', async () => {
    const task = vi.fn(() => Promise.resolve());
    const coalesced = new Coalesced(task, 200);
    coalesced.call();
    for (let i = 0; i < 50; i += 1) {
      coalesced.call();
    }
    expect(task).toHaveBeenCalledTimes(1);
    await vi.advanceTimersByTimeAsync(199);
    expect(task).toHaveBeenCalledTimes(1);
    await vi.advanceTimersByTimeAsync(1);
    expect(task).toHaveBeenCalledTimes(2);
    await vi.advanceTimersByTimeAsync(1000);
    expect(task).toHaveBeenCalledTimes(2);
  });

  it('does not lose a call that comes while the task runs', async () => {
    let finish: () => void = () => undefined;
    const task = vi.fn(() => new Promise<void>((done) => (finish = done)));
    const coalesced = new Coalesced(task, 200);
    coalesced.call();
    coalesced.call();
    finish();
    await vi.advanceTimersByTimeAsync(200);
    expect(task).toHaveBeenCalledTimes(2);
  });

  it('runs no more after its end', async () => {
    const task = vi.fn(() => Promise.resolve());
    const coalesced = new Coalesced(task, 200);
    coalesced.call();
    coalesced.call();
    await vi.advanceTimersByTimeAsync(0);
    coalesced.end();
    await vi.advanceTimersByTimeAsync(1000);
    coalesced.call();
    expect(task).toHaveBeenCalledTimes(1);
  });
});
