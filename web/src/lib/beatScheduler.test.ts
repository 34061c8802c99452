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
    const [, second] = new BeatScheduler(beats, 0, { speed: 2 })
      .tick(0)
      .filter((sound) => sound.what === 'landing');
    expect(second?.at).toBeCloseTo((beats[1]?.atS ?? 0) / 2, 9);
  });

  it('speeds up by a ramp, without adding up an error, and holds where the ramp ends', () => {
    const beats = [{ kind: 's', atS: 0, turnsS: [0.4], endS: 60 / 90 }];
    // 90 jumps a minute, two more each minute, at most 96: a ramp of three minutes.
    const scheduler = new BeatScheduler(beats, 1, { rampPerS: 2 / 90 / 60, mostSpeed: 96 / 90 });
    const landings = play(scheduler, 300, (i) => [0.03, 0.7, 1.1][i % 3] ?? 0.1)
      .filter((sound) => sound.what === 'landing')
      .map((sound) => sound.at);
    // Jumps after t minutes: 90 t + t², from the third on 96 a minute.
    const due = (n: number) => {
      const t = -45 + Math.sqrt(45 ** 2 + n);
      return 1 + 60 * (t <= 3 ? t : 3 + (n - (90 * 3 + 9)) / 96);
    };
    expect(landings.length).toBeGreaterThan(450);
    landings.forEach((at, n) => expect(Math.abs(at - due(n))).toBeLessThan(0.001));
    expect(scheduler.speedAt(1)).toBeCloseTo(1, 9);
    expect(scheduler.speedAt(61) * 90).toBeCloseTo(92, 6);
    expect(scheduler.speedAt(400) * 90).toBeCloseTo(96, 6);
  });

  it('falls silent for some bars, and goes on in time', () => {
    const beats = [{ kind: 'd', atS: 0, turnsS: [0.3, 0.4], endS: 0.6 }];
    const sounds = play(new BeatScheduler(beats, 0, { heardBars: 2, silentBars: 1 }), 6, () => 0.3);
    const landings = sounds.filter((sound) => sound.what === 'landing');
    expect(landings.slice(0, 6).map((sound) => sound.silent)).toEqual([
      false,
      false,
      true,
      false,
      false,
      true,
    ]);
    expect(landings[5]?.at).toBeCloseTo(3, 9);
    expect(landings.every((sound) => sound.many)).toBe(true);
  });

  it('knows where it is', () => {
    const scheduler = new BeatScheduler(golden.cases[0]?.beats ?? [], 5);
    expect(scheduler.positionAt(4)).toBeNull();
    expect(scheduler.positionAt(5.25)).toBeCloseTo(0.25, 9);
    expect(new BeatScheduler([], 0).tick(10)).toEqual([]);
  });
});
