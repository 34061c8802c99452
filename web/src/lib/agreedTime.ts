/** Questions at a time; the answer that came back soonest tells most. */
const QUESTIONS = 5;
const KEPT = 'zumbo-clock-offset';

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
    if (found !== null) {
      this.offsetMs = found;
      localStorage.setItem(KEPT, String(found));
    }
  }

  private here(): number {
    return (this.parts.here ?? Date.now)();
  }
}
