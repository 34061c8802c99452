/** Questions at a time; the answer that came back soonest tells most. */
const QUESTIONS = 5;
const KEPT = 'zumbo-clock-offset';

/** A device's own clock goes wrong by milliseconds a minute. */
const OLD_MS = 600_000;

interface Parts {
  /** The server's clock, in milliseconds since 1970. */
  ask: () => Promise<number>;
  /** This device's clock, which may be wrong by any amount. */
  here?: () => number;
}

/**
 * The server's time on this device. Its own clock is only used to count on from the last answer, so that screens whose clocks
 * differ by seconds show one time: the answer is taken to be from the middle of the question's way, which is wrong by half the
 * difference of the two ways at most, and least so for the quickest of several questions. Kept on the device, so that a reload
 * without network goes on with it.
 */
export class AgreedTime {
  private offsetMs: number;
  /** How long the way took of the answer it rests on; none yet: anything is better. */
  private wayMs = Infinity;
  private foundAtMs = -Infinity;
  private measuring: Promise<void> | null = null;

  constructor(private readonly parts: Parts) {
    this.offsetMs = Number(localStorage.getItem(KEPT) ?? 0);
  }

  /** Milliseconds since 1970 as the server counts them. */
  readonly now = (): number => this.here() + this.offsetMs;

  /** Asks anew; while one is under way, that one. Without an answer it stays as it is. */
  measure(): Promise<void> {
    this.measuring ??= this.measured().finally(() => (this.measuring = null));
    return this.measuring;
  }

  private async measured(): Promise<void> {
    let quickest = Infinity;
    let found: number | null = null;
    for (let i = 0; i < QUESTIONS; i += 1) {
      const sent = this.here();
      const server = await this.parts.ask().catch(() => null);
      const came = this.here();
      if (server !== null && came - sent < quickest) {
        quickest = came - sent;
        found = server - (sent + came) / 2;
      }
    }
    if (found !== null && this.isBetter(found, quickest)) {
      this.offsetMs = found;
      this.wayMs = quickest;
      this.foundAtMs = this.here();
      localStorage.setItem(KEPT, String(found));
    }
  }

  /**
   * A quicker answer is nearer to the truth, whenever it came. One that took longer is believed when it can't be the same clock any
   * more (each is wrong by half its way at most), or when the other one is old.
   */
  private isBetter(found: number, wayMs: number): boolean {
    const apart = Math.abs(found - this.offsetMs);
    return wayMs <= this.wayMs || apart > (wayMs + this.wayMs) / 2 || this.here() - this.foundAtMs > OLD_MS;
  }

  private here(): number {
    return (this.parts.here ?? Date.now)();
  }
}
