import type { OwnWrites } from './ownWrites';

/** What the server says has changed since a revision. */
interface Changes {
  revision: number;
  kinds: readonly string[];
  tooMany: boolean;
}

interface Parts {
  /** Asks the server what changed since a revision. */
  ask: (since: number) => Promise<Changes>;
  /** Fetches what a change of these kinds touches, unless it shows that revision already. */
  refetch: (kinds: readonly string[] | typeof EVERYTHING, revision: number) => Promise<void>;
  /** Fetches what shows a revision before that one, whatever it is about. */
  catchUp: (revision: number) => Promise<void>;
  own: OwnWrites;
  /** 0 to 1. */
  random?: () => number;
}

/**
 * A screen fetches at most every so often, and less often where an answer takes long: the gap is so many answers, up to a
 * bound. Where an answer takes seconds, the gap is one more.
 */
const LEAST_GAP_MS = 200;
const MOST_GAP_MS = 450;
const SLOW_MS = 2000;
const ANSWERS = 6;

/** Many screens hear of a change in the same moment; they need not all ask in it. */
const SPREAD_MS = 120;

const EVERYTHING = 'everything';

const HINT = /^changed (\d+) (\w+)$/;

/**
 * Follows the revisions of the gym. A hint that tells the next revision and what it is about costs no question; one that
 * leaves a hole, or tells nothing, costs one. What this tab wrote itself it has fetched already. However many hints come,
 * one fetch is under way at a time, with a gap that grows with the time an answer takes.
 */
export class ChangeFeed {
  private seen: number | null = null;
  private readonly ahead = new Map<number, string>();
  private mustAsk = true;
  private old = false;
  private running = false;
  private ended = false;
  private timer: ReturnType<typeof setTimeout> | undefined;

  constructor(private readonly parts: Parts) {}

  /** A message of the live channel. */
  hint(message: string): void {
    const [, revision, kind] = HINT.exec(message) ?? [];
    if (revision === undefined || kind === undefined) {
      this.ask();
    } else if (this.seen === null || Number(revision) > this.seen) {
      this.ahead.set(Number(revision), kind);
      this.wake(SPREAD_MS * this.random());
    }
  }

  /** Nothing was heard for a while, or something was missed. */
  ask(): void {
    this.mustAsk = true;
    this.wake(0);
  }

  /** What is shown was kept on the device: it may be old, whatever the revision. */
  becomeOld(): void {
    this.old = true;
    this.ask();
  }

  end(): void {
    this.ended = true;
    clearTimeout(this.timer);
  }

  private wake(afterMs: number): void {
    if (!this.running && !this.ended) {
      this.running = true;
      this.timer = setTimeout(() => void this.run(), afterMs);
    }
  }

  private async run(): Promise<void> {
    const began = performance.now();
    const reached = await this.once().then(
      () => true,
      () => false,
    );
    const took = performance.now() - began;
    const gap = took > SLOW_MS ? took : Math.max(LEAST_GAP_MS, Math.min(ANSWERS * took, MOST_GAP_MS));
    this.timer = setTimeout(
      () => {
        this.running = false;
        // While the network is away the next hint, or the next poll, tries again.
        if (reached && (this.mustAsk || this.ahead.size > 0)) {
          this.wake(0);
        }
      },
      gap * (0.8 + 0.4 * this.random()),
    );
  }

  private async once(): Promise<void> {
    // A hint of a write of one's own may come before its answer.
    await this.parts.own.settled();
    const first = this.seen === null;
    const kinds = this.advance();
    if (first || this.mustAsk || this.ahead.size > 0) {
      this.mustAsk = true;
      const changes = await this.parts.ask(this.seen ?? 0).catch((error: unknown) => {
        this.old ||= kinds.size > 0;
        throw error;
      });
      this.mustAsk = false;
      if (changes.revision < (this.seen ?? 0)) {
        // The gym was restored: what is shown is of another history, whatever revision it tells.
        this.seen = changes.revision;
        this.ahead.clear();
        await this.parts.refetch(EVERYTHING, 0);
        return;
      }
      this.take(changes).forEach((kind) => kinds.add(kind));
    }
    const seen = this.seen ?? 0;
    if (this.old || kinds.has(EVERYTHING)) {
      this.old = false;
      await this.parts.refetch(EVERYTHING, seen);
    } else if (kinds.size > 0) {
      await this.parts.refetch([...kinds], seen);
    } else if (first) {
      await this.parts.catchUp(seen);
    }
    this.parts.own.forget(seen);
  }

  /** As far as hints came without a hole; says what of it others wrote. */
  private advance(): Set<string> {
    const kinds = new Set<string>();
    for (let next = (this.seen ?? NaN) + 1; this.ahead.has(next); next += 1) {
      if (!this.parts.own.madeAll(next - 1, next)) {
        kinds.add(this.ahead.get(next) ?? EVERYTHING);
      }
      this.ahead.delete(next);
      this.seen = next;
    }
    return kinds;
  }

  /** What the server told; the first time all was fetched just now, or a moment before. */
  private take({ revision, kinds, tooMany }: Changes): readonly string[] {
    const before = this.seen;
    this.seen = revision;
    [...this.ahead.keys()].filter((one) => one <= revision).forEach((one) => this.ahead.delete(one));
    if (before === null || this.parts.own.madeAll(before, revision)) {
      return [];
    }
    return tooMany ? [EVERYTHING] : kinds;
  }

  private random(): number {
    return (this.parts.random ?? Math.random)();
  }
}
