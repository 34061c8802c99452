import { describe, expect, it } from 'vitest';
import { AgreedTime } from './agreedTime';

/** A server and a device whose clocks are apart, and a network that is slow each way. */
function hall(offMs: number, ways: [number, number][]) {
  let real = 1_000_000;
  let question = 0;
  const here = () => real + offMs;
  const ask = () => {
    const [up, down] = ways[question % ways.length] ?? [0, 0];
    question += 1;
    real += up;
    const answer = real;
    real += down;
    return Promise.resolve(answer);
  };
  return { time: new AgreedTime({ ask, here }), real: () => real };
}

describe('the server’s time on a device', () => {
  it('is the same on clocks that are off by seconds, however long the ways', async () => {
    for (const off of [2300, -800, 0]) {
      const { time, real } = hall(off, [
        [180, 40],
        [30, 45],
        [250, 250],
        [60, 20],
        [35, 30],
      ]);
      await time.measure();
      // By hand: the quickest question took 35 ms there and 30 back, so the middle is 2.5 ms off.
      expect(Math.abs(time.now() - real())).toBeLessThanOrEqual(3);
    }
  });

  it('goes on with what was found before, after a reload without network', async () => {
    const before = hall(2300, [[10, 10]]);
    await before.time.measure();
    const after = new AgreedTime({ ask: () => Promise.reject(new Error('away')), here: () => 5_002_300 });
    await after.measure();
    expect(after.now()).toBe(5_000_000);
  });

  it('lets a quicker answer stand against slower ones that come later, but not against another clock', async () => {
    let [off, ways] = [0, [10, 10]];
    let real = 1_000_000;
    const ask = () => {
      real += ways[0] ?? 0;
      const answer = real;
      real += ways[1] ?? 0;
      return Promise.resolve(answer);
    };
    const time = new AgreedTime({ ask, here: () => real + off });
    await time.measure();
    ways = [300, 20];
    await time.measure();
    expect(time.now()).toBe(real);
    off = 5000;
    await time.measure();
    expect(Math.abs(time.now() - real)).toBeLessThanOrEqual(140);
  });

  it('asks once at a time', async () => {
    let asked = 0;
    const time = new AgreedTime({ ask: () => Promise.resolve((asked += 1)), here: () => 0 });
    await Promise.all([time.measure(), time.measure()]);
    expect(asked).toBe(5);
  });
});
