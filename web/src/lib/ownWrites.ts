/**
 * The writes this tab has made: which are under way, and which revisions of the gym they made. What one has changed oneself
 * is fetched anew right after the write; the change feed need not bring it a second time.
 */
export class OwnWrites {
  private readonly revisions = new Set<number>();
  /** The last one that was made here. */
  latest = 0;
  private readonly underWay = new Set<Promise<unknown>>();

  /** Counts a write as under way until it has an answer. */
  async during<T>(write: Promise<T>): Promise<T> {
    this.underWay.add(write);
    try {
      return await write;
    } finally {
      this.underWay.delete(write);
    }
  }

  made(revision: number): void {
    this.revisions.add(revision);
    this.latest = Math.max(this.latest, revision);
  }

  /** Ends when no write is under way: a hint of a write may come before its answer. */
  async settled(): Promise<void> {
    while (this.underWay.size > 0) {
      await Promise.allSettled(this.underWay);
    }
  }

  /** Whether every revision after the one and up to the other was made here. */
  madeAll(after: number, upTo: number): boolean {
    for (let revision = after + 1; revision <= upTo; revision += 1) {
      if (!this.revisions.has(revision)) {
        return false;
      }
    }
    return true;
  }

  /** What lies before a revision is never asked about again. */
  forget(upTo: number): void {
    this.revisions.forEach((revision) => {
      if (revision <= upTo) {
        this.revisions.delete(revision);
      }
    });
  }
}
