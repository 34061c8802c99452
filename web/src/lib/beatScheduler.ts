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
  /** Of a jump with more than one turn: the accent of a double. */
  many: boolean;
  /** In a silent bar: seen, not heard. */
  silent: boolean;
}

/** How a pattern is played; what is left out is steady and always heard. */
export interface Playing {
  /** 1 = as the core timed it; 1.1 = a tenth faster. */
  speed?: number;
  /** So much more speed each second. */
  rampPerS?: number;
  /** Where a ramp ends. */
  mostSpeed?: number;
  /** Bars, that is rounds of the pattern, heard before the silent ones. */
  heardBars?: number;
  /** Silent bars after them: does the beat go on inside? */
  silentBars?: number;
}

/** So far ahead sounds are handed to the audio clock: longer than a hidden tab's timers are held back (1 s). */
export const LOOK_AHEAD_S = 1.5;

/**
 * Plays a pattern over and over on the audio clock. Every time is worked out from the start in closed form, ramps too, never as
 * a sum of intervals, so no error accumulates; the timer that calls `tick` only decides how early a sound is handed over.
 */
export class BeatScheduler {
  private next = 0;
  private readonly sounds: Omit<Sound, 'silent'>[];
  private readonly lengthS: number;
  private readonly speed: number;
  private readonly ramp: number;
  /** When the ramp is over, in seconds from the start. */
  private readonly rampS: number;

  constructor(
    beats: Beat[],
    private readonly startS: number,
    private readonly playing: Playing = {},
  ) {
    this.sounds = beats
      .flatMap((beat): Omit<Sound, 'silent'>[] => {
        const many = beat.turnsS.length > 1;
        return [
          ...(beat.kind === null ? [] : [{ at: beat.atS, what: 'landing' as const, many }]),
          ...beat.turnsS.map((at) => ({ at, what: 'turn' as const, many })),
        ];
      })
      .sort((a, b) => a.at - b.at);
    this.lengthS = beats.at(-1)?.endS ?? 0;
    this.speed = playing.speed ?? 1;
    this.ramp = playing.rampPerS ?? 0;
    const most = playing.mostSpeed ?? Infinity;
    this.rampS = this.ramp > 0 ? Math.max(0, (most - this.speed) / this.ramp) : 0;
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
      const at = this.startS + this.secondsAt(round * this.lengthS + sound.at);
      if (at > nowS + LOOK_AHEAD_S) {
        return due;
      }
      // A sound whose time is gone is not played late: a late beat is worse than none.
      if (at >= nowS) {
        due.push({ ...sound, at, silent: this.isSilent(round) });
      }
      this.next += 1;
    }
  }

  /** Where the pattern is now, in its own seconds; null before the start. */
  positionAt(nowS: number): number | null {
    return nowS < this.startS || this.lengthS <= 0 ? null : this.patternAt(nowS - this.startS) % this.lengthS;
  }

  /** How fast it goes now, beside the core's own timing. */
  speedAt(nowS: number): number {
    return this.speed + this.ramp * Math.min(this.rampS, Math.max(0, nowS - this.startS));
  }

  private isSilent(round: number): boolean {
    const { heardBars = 1, silentBars = 0 } = this.playing;
    return silentBars > 0 && round % (heardBars + silentBars) >= heardBars;
  }

  /** Seconds of the pattern that have gone by after so many of the clock. */
  private patternAt(seconds: number): number {
    const ramped = this.ramp > 0 ? Math.min(seconds, this.rampS) : 0;
    const after = seconds - ramped;
    return this.speed * ramped + (this.ramp * ramped ** 2) / 2 + (this.speed + this.ramp * ramped) * after;
  }

  /** The other way round: when so much of the pattern has gone by. */
  private secondsAt(pattern: number): number {
    if (this.ramp <= 0) {
      return pattern / this.speed;
    }
    const ramped = this.patternAt(this.rampS);
    return pattern <= ramped
      ? (Math.sqrt(this.speed ** 2 + 2 * this.ramp * pattern) - this.speed) / this.ramp
      : this.rampS + (pattern - ramped) / (this.speed + this.ramp * this.rampS);
  }
}
