import { OutboxStore, type Waiting } from '../lib/outboxStore';
import { ProblemError, sendForRevision, Unreachable } from './client';

/** Sends one write; answers with the gym's revision it made. */
export type Sender = (write: Waiting) => Promise<number>;

/** How a round of sending ended, and how much arrived in it. */
export interface Round {
  ended: 'empty' | 'network' | 'signed-out';
  arrived: number;
}

/** A write the server failed on is tried again after so long. */
export const AGAIN_MS = 30_000;

/** So many that have arrived are kept until a screen has fetched them. */
const ARRIVED_KEPT = 60;

/**
 * Sends one user's waiting writes in order. What the server refuses stays, marked with its sentence; what it failed on is
 * put aside and tried again; behind either only what is about the same row waits. One lock across tabs, so that two
 * tabs never send the same write at once.
 */
export class Outbox {
  private readonly listeners = new Set<(writes: Waiting[]) => void>();
  private readonly channel: BroadcastChannel;
  private closed = false;

  private constructor(
    private readonly store: OutboxStore,
    private readonly name: string,
    private readonly sender: Sender,
    private readonly nowMs: () => number,
  ) {
    this.channel = new BroadcastChannel(name);
    this.channel.onmessage = () => void this.tell();
  }

  static async of(userId: string, sender: Sender = sendForRevision, nowMs = Date.now): Promise<Outbox> {
    return new Outbox(await OutboxStore.of(userId), `zumbo-outbox-${userId}`, sender, nowMs);
  }

  onChange(listener: (writes: Waiting[]) => void): () => void {
    this.listeners.add(listener);
    void this.tell();
    return () => this.listeners.delete(listener);
  }

  /** Kept on the device before anything is sent. */
  async add(write: Waiting): Promise<void> {
    await this.store.add(write);
    await this.changed();
  }

  /** Lets a refused or failed write be tried again now; after a conflict, on top of what somebody else changed. */
  async retry(order: number): Promise<void> {
    await this.store.change(order, (write) => {
      const again = { ...write };
      delete again.refused;
      delete again.versionNow;
      if (write.failed !== undefined) {
        again.failed = { ...write.failed, atMs: 0 };
      }
      if (write.change !== undefined && write.versionNow !== undefined) {
        again.change = { ...write.change, version: write.versionNow };
      }
      return again;
    });
    await this.changed();
  }

  /** Drops a write, and what was to follow on the same row. */
  async drop(order: number): Promise<void> {
    const all = await this.store.all();
    const row = all.find((write) => write.order === order)?.rowId;
    const orders = all
      .filter((write) => write.rowId === row && isWaiting(write) && (write.order ?? 0) >= order)
      .map((write) => write.order ?? -1);
    await this.store.drop(orders);
    await this.changed();
  }

  /** Sends what waits, oldest first. */
  drain(): Promise<Round> {
    return this.alone(async () => {
      let arrived = 0;
      const round = (ended: Round['ended']): Round => ({ ended, arrived });
      if (this.closed) {
        return round('network');
      }
      // Another tab, or this one before it was opened anew, may have sent what is shown as waiting here.
      await this.tell();
      const heldUp = new Set<string>();
      for (const write of (await this.store.all()).filter(isWaiting)) {
        if (this.closed) {
          return round('network');
        }
        const order = write.order ?? -1;
        if (heldUp.has(write.rowId) || !this.isDue(write) || !(await this.store.has(order))) {
          heldUp.add(write.rowId);
          continue;
        }
        try {
          const revision = await this.sender(write);
          arrived += 1;
          await this.store.change(order, (sent) => {
            const there = { ...sent, arrived: revision };
            delete there.failed;
            return there;
          });
        } catch (error) {
          heldUp.add(write.rowId);
          const end = await this.failed(order, error);
          if (end !== null) {
            return round(end);
          }
        }
        await this.changed();
      }
      await this.forgetArrived();
      return round('empty');
    });
  }

  /** Ends after what is being sent; nothing can be added any more. */
  close(): void {
    this.closed = true;
    this.channel.close();
    void this.alone(async () => this.store.close());
  }

  private isDue({ refused, failed }: Waiting): boolean {
    return refused === undefined && (failed === undefined || this.nowMs() >= failed.atMs + AGAIN_MS);
  }

  private async failed(order: number, error: unknown): Promise<Round['ended'] | null> {
    const status = error instanceof ProblemError ? error.problem.status : statusOf(error);
    if (status === 500) {
      await this.store.change(order, (write) => ({
        ...write,
        failed: { times: (write.failed?.times ?? 0) + 1, atMs: this.nowMs() },
      }));
      return null;
    }
    if (!(error instanceof ProblemError) || status > 500 || status === 429) {
      return 'network';
    }
    if (status === 401) {
      return 'signed-out';
    }
    const now = (error.problem.current as { version?: number } | null | undefined)?.version;
    await this.store.change(order, (write) => ({
      ...write,
      refused: error.message,
      ...(status === 409 && now !== undefined ? { versionNow: now } : {}),
    }));
    return null;
  }

  private async forgetArrived(): Promise<void> {
    const arrived = (await this.store.all()).filter((write) => !isWaiting(write));
    if (arrived.length > ARRIVED_KEPT) {
      await this.store.drop(arrived.slice(0, -ARRIVED_KEPT).map((write) => write.order ?? -1));
    }
  }

  private alone<T>(work: () => Promise<T>): Promise<T> {
    return navigator.locks.request(this.name, work) as Promise<T>;
  }

  private async changed(): Promise<void> {
    if (this.closed) {
      return;
    }
    this.channel.postMessage('changed');
    await this.tell();
  }

  private async tell(): Promise<void> {
    if (this.closed) {
      return;
    }
    const writes = await this.store.all();
    this.listeners.forEach((listener) => listener(writes));
  }
}

/** Not on the server yet. */
export function isWaiting({ arrived }: Waiting): boolean {
  return arrived === undefined;
}

function statusOf(error: unknown): number {
  return error instanceof Unreachable ? (error.status ?? 0) : 0;
}
