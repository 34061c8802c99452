import { describe, expect, it } from 'vitest';
import golden from '../../../core/tests/golden/beats.json';
import { BeatScheduler, LOOK_AHEAD_S, type Sound } from './beatScheduler';

/** Five simulated minutes, the timer called at uneven times as a busy browser would. */
function play(scheduler: BeatScheduler, seconds: number, step: (i: number) => number): Sound[] {
  const sounds: Sound[] = [];
  for (let now = 0, i = 0; now < seconds; now += step(i), i += 1) {
    sounds.push(...scheduler.tick(now));
  }
  return sounds;
}

describe('the beat', () => {
  it.each(golden.cases)('of "$notation" at $cadence has the core’s times after five minutes', (row) => {
    const start = 2;
    const sounds = play(new BeatScheduler(row.beats, start), 300, (i) => [0.02, 0.4, 0.9, 1.1][i % 4] ?? 0.1);
    const landings = row.beats.filter((beat) => beat.kind !== null).map((beat) => beat.atS);
    const length = row.beats.at(-1)?.endS ?? 1;
    const heard = sounds.filter((sound) => sound.what === 'landing').map((sound) => sound.at);
    expect(heard.length).toBeGreaterThan(200);
    heard.forEach((at, i) => {
      const due = start + Math.floor(i / landings.length) * length + (landings[i % landings.length] ?? 0);
      expect(Math.abs(at - due)).toBeLessThan(0.001);
    });
  });

  it('hands each sound out once, ahead of its time, in order', () => {
    const [row] = golden.cases;
    const scheduler = new BeatScheduler(row?.beats ?? [], 0);
    let last = -1;
    for (let now = 0; now < 20; now += 0.1) {
      for (const sound of scheduler.tick(now)) {
        expect(sound.at).toBeGreaterThanOrEqual(now);
        expect(sound.at).toBeLessThanOrEqual(now + LOOK_AHEAD_S);
        expect(sound.at).toBeGreaterThanOrEqual(last);
        last = sound.at;
      }
    }
  });

  it('leaves out what is too late instead of playing it late', () => {
    const scheduler = new BeatScheduler(golden.cases[0]?.beats ?? [], 0);
    scheduler.tick(0);
    expect(scheduler.tick(30).every((sound) => sound.at >= 30)).toBe(true);
  });

  it('can be faster', () => {
    const [row] = golden.cases;
    const beats = row?.beats ?? [];
    const [, second] = new BeatScheduler(beats, 0, 2).tick(0).filter((sound) => sound.what === 'landing');
    expect(second?.at).toBeCloseTo((beats[1]?.atS ?? 0) / 2, 9);
  });

  it('knows where it is', () => {
    const scheduler = new BeatScheduler(golden.cases[0]?.beats ?? [], 5);
    expect(scheduler.positionAt(4)).toBeNull();
    expect(scheduler.positionAt(5.25)).toBeCloseTo(0.25, 9);
    expect(new BeatScheduler([], 0).tick(10)).toEqual([]);
  });
});
