import { describe, expect, it } from 'vitest';
import { behindS, doublesDone, legNow, pauseLeftS, saysBehind } from './pacer';
import type { PlannedLeg } from './setRun';

const leg = (round: number, name: string, startS: number, endS: number, pauseS = 0): PlannedLeg => ({
  round,
  kind: name === 'doubles' ? 'doubles' : 'work',
  name,
  reps: name === 'doubles' ? 20 : 0,
  workS: endS - startS,
  startS,
  endS,
  pauseS,
  misses: 0.3,
});
const legs = [
  leg(1, 'doubles', 0, 12),
  leg(1, 'doubles', 16, 28, 4),
  leg(1, 'run', 28, 88),
  leg(2, 'doubles', 120, 132, 32),
];

describe('the pacer', () => {
  it('counts the break from the last touch, whatever the plan said', () => {
    const run = { legs, touches: [{ atS: 15, missed: 1 }], byClock: false };
    expect(legNow(run)?.startS).toBe(16);
    expect(pauseLeftS(run, 16)).toBe(3);
    expect(pauseLeftS(run, 30)).toBe(0);
  });

  it('waits for the clock where a round begins at the minute', () => {
    const touches = [12, 28, 90].map((atS) => ({ atS, missed: 0 }));
    expect(pauseLeftS({ legs, touches, byClock: true }, 100)).toBe(20);
    expect(pauseLeftS({ legs, touches, byClock: false }, 100)).toBe(22);
  });

  it('is behind or ahead as at the last touch, and later once the leg is late', () => {
    expect(behindS({ legs, touches: [] }, 5)).toBe(0);
    expect(behindS({ legs, touches: [] }, 15)).toBe(3);
    const ahead = { legs, touches: [{ atS: 9, missed: 0 }] };
    expect(behindS(ahead, 20)).toBe(-3);
    expect(behindS(ahead, 33)).toBe(5);
    expect([saysBehind(-3.2), saysBehind(1.4), saysBehind(5)]).toEqual([
      '3 s ahead of the plan',
      'on the plan',
      '5 s behind the plan',
    ]);
  });

  it('logs the doubles that were touched off, none of what was not', () => {
    const touches = [
      { atS: 12, missed: 2 },
      { atS: 30, missed: 0 },
      { atS: 90, missed: 1 },
    ];
    expect(doublesDone({ legs, touches })).toEqual({ reps: 40, misses: 2 });
  });
});
