import { describe, expect, it } from 'vitest';
import {
  COUNT_IN_S,
  elapsedS,
  phaseAt,
  shownSeconds,
  startClock,
  togglePause,
  workedS,
  type Phase,
} from './setClock';

const phases: Phase[] = [
  { kind: 'work', seconds: 20, round: 1, station: 'hops' },
  { kind: 'rest', seconds: 10, round: 1, station: 'doubles' },
  { kind: 'work', seconds: 20, round: 1, station: 'doubles' },
];

describe('the clock of a set', () => {
  it('counts in before the first phase', () => {
    const clock = startClock(1_000_000);
    expect(elapsedS(clock, 1_000_000)).toBe(-COUNT_IN_S);
    expect(phaseAt(phases, elapsedS(clock, 1_003_000))).toEqual({ state: 'count-in', leftS: 7 });
    expect(phaseAt(phases, elapsedS(clock, 1_010_000))).toMatchObject({ state: 'phase', index: 0 });
  });

  it('changes phase exactly when one ends, and is over after the last', () => {
    expect(phaseAt(phases, 19.999)).toMatchObject({ index: 0, leftS: expect.closeTo(0.001, 6) });
    expect(phaseAt(phases, 20)).toMatchObject({ index: 1, leftS: 10, next: phases[2] });
    expect(phaseAt(phases, 30)).toMatchObject({ index: 2, next: null });
    expect(phaseAt(phases, 50)).toEqual({ state: 'over' });
  });

  it('stands still while paused, also across a reload, and goes on where it stood', () => {
    const started = startClock(0);
    const paused = togglePause(started, 15_000);
    expect(elapsedS(paused, 15_000)).toBe(5);
    expect(elapsedS(JSON.parse(JSON.stringify(paused)) as typeof paused, 99_000)).toBe(5);
    const again = togglePause(paused, 100_000);
    expect(elapsedS(again, 100_000)).toBe(5);
    expect(elapsedS(again, 103_000)).toBe(8);
  });

  it('counts only the seconds of work', () => {
    expect([-5, 12, 25, 34, 500].map((at) => workedS(phases, at))).toEqual([0, 12, 20, 24, 40]);
  });

  it('reads 1 until the last second is over', () => {
    expect([20, 19.2, 1, 0.4, 0].map(shownSeconds)).toEqual([20, 20, 1, 1, 0]);
  });
});
