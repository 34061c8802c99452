import { OutboxStore, type Waiting } from '../lib/outboxStore';
import { ProblemError, send as sendNow } from './client';

export type Sender = (write: Waiting) => Promise<unknown>;

const send: Sender = (write) => sendNow(write);

/** How a round of sending ended. */
export type Round = 'empty' | 'network' | 'signed-out';

/**
 * Sends one user's waiting writes in order. What the server refuses stays, marked with its sentence; what it could not
 * be asked stays as it is. One lock across tabs, so that two tabs never send the same write at once.
 */
export class Outbox {
  private readonly listeners = new Set<(waiting: Waiting[]) => void>();
  private readonly channel: BroadcastChannel;
  private closed = false;

  private constructor(
    private readonly store: OutboxStore,
    private readonly name: string,
    private readonly sender: Sender,
  ) {
    this.channel = new BroadcastChannel(name);
    this.channel.onmessage = () => void this.tell();
  }

  static async of(userId: string, sender: Sender = send): Promise<Outbox> {
    return new Outbox(await OutboxStore.of(userId), `zumbo-outbox-${userId}`, sender);
  }

  onChange(listener: (waiting: Waiting[]) => void): () => void {
    this.listeners.add(listener);
    void this.tell();
    return () => this.listeners.delete(listener);
  }

  /** Kept on the device before anything is sent. */
  async add(write: Waiting): Promise<void> {
    await this.store.add(write);
    await this.changed();
  }

  /** Takes back a write that has not been sent; false when it has been, or is being sent. */
  takeBack(rowId: string): Promise<boolean> {
    return this.alone(async () => {
      const mine = (await this.store.all()).filter((write) => write.rowId === rowId);
      await Promise.all(mine.map((write) => this.store.drop(write.order ?? -1)));
      await this.changed();
      return mine.length > 0;
    });
  }

  /** Changes the body of a write that has not been sent; false when there is none. */
  amend(rowId: string, part: Record<string, unknown>): Promise<boolean> {
    return this.alone(async () => {
      const write = (await this.store.all()).find((one) => one.rowId === rowId && one.method === 'PUT');
      if (write === undefined) {
        return false;
      }
      await this.store.change({ ...write, body: { ...(write.body as object), ...part } });
      await this.changed();
      return true;
    });
  }

  /** Lets a refused write be tried again. */
  async retry(order: number): Promise<void> {
    const write = (await this.store.all()).find((one) => one.order === order);
    if (write !== undefined) {
      const again = { ...write };
      delete again.refused;
      await this.store.change(again);
      await this.changed();
    }
  }

  async drop(order: number): Promise<void> {
    await this.store.drop(order);
    await this.changed();
  }

  /** Sends what waits, oldest first. */
  drain(): Promise<Round> {
    return this.alone(async () => {
      if (this.closed) {
        return 'network';
      }
      // Another tab, or this one before it was opened anew, may have sent what is shown as waiting here.
      await this.tell();
      for (const write of await this.store.all()) {
        if (this.closed) {
          return 'network';
        }
        if (write.refused !== undefined) {
          continue;
        }
        try {
          await this.sender(write);
          await this.store.drop(write.order ?? -1);
        } catch (error) {
          const stop = await this.failed(write, error);
          if (stop !== null) {
            return stop;
          }
        }
        await this.changed();
      }
      return 'empty';
    });
  }

  /** Ends after what is being sent; nothing can be added any more. */
  close(): void {
    this.closed = true;
    this.channel.close();
    void this.alone(async () => this.store.close());
  }

  private async failed(write: Waiting, error: unknown): Promise<Round | null> {
    if (!(error instanceof ProblemError) || error.problem.status >= 500 || error.problem.status === 429) {
      return 'network';
    }
    if (error.problem.status === 401) {
      return 'signed-out';
    }
    await this.store.change({ ...write, refused: error.message });
    return null;
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
    const waiting = await this.store.all();
    this.listeners.forEach((listener) => listener(waiting));
  }
}
