export interface Beat {
  /** null: a rest. */
  kind: string | null;
  atS: number;
  turnsS: number[];
  endS: number;
}

export interface Sound {
  /** On the audio clock, in seconds. */
  at: number;
  what: 'landing' | 'turn';
}

/** So far ahead sounds are handed to the audio clock: longer than a hidden tab's timers are held back (1 s). */
export const LOOK_AHEAD_S = 1.5;

/**
 * Plays a pattern over and over on the audio clock. Every time is start + round × length + beat, never a sum of
 * intervals, so no error accumulates; the timer that calls `tick` only decides how early a sound is handed over.
 */
export class BeatScheduler {
  private next = 0;
  private readonly sounds: Sound[];
  private readonly lengthS: number;

  constructor(
    beats: Beat[],
    private readonly startS: number,
    /** 1 = as the core timed it; 1.1 = a tenth faster. */
    private readonly speed = 1,
  ) {
    this.sounds = beats
      .flatMap((beat): Sound[] => [
        ...(beat.kind === null ? [] : [{ at: beat.atS, what: 'landing' as const }]),
        ...beat.turnsS.map((at) => ({ at, what: 'turn' as const })),
      ])
      .sort((a, b) => a.at - b.at);
    this.lengthS = beats.at(-1)?.endS ?? 0;
  }

  /** The sounds that fall due before now + look-ahead and were not handed out yet. */
  tick(nowS: number): Sound[] {
    const due: Sound[] = [];
    if (this.sounds.length === 0 || this.lengthS <= 0) {
      return due;
    }
    for (;;) {
      const sound = this.sounds[this.next % this.sounds.length];
      if (sound === undefined) {
        return due;
      }
      const round = Math.floor(this.next / this.sounds.length);
      const at = this.startS + (round * this.lengthS + sound.at) / this.speed;
      if (at > nowS + LOOK_AHEAD_S) {
        return due;
      }
      // A sound whose time is gone is not played late: a late beat is worse than none.
      if (at >= nowS) {
        due.push({ at, what: sound.what });
      }
      this.next += 1;
    }
  }

  /** Where the pattern is now, in its own seconds; null before the start. */
  positionAt(nowS: number): number | null {
    return nowS < this.startS || this.lengthS <= 0
      ? null
      : ((nowS - this.startS) * this.speed) % this.lengthS;
  }
}
