import { openDB, type DBSchema, type IDBPDatabase } from 'idb';

/**
 * What a write does to an entry of the log; absent of a write kept by an older version: it logs one. A `run` is no entry, nor is what a card sends.
 */
export type Deed = 'log' | 'judge' | 'move' | 'keep' | 'remove' | 'run' | 'card';

/** One write that waits for the server, or has arrived there a moment ago. */
export interface Waiting {
  /** Order of sending; given by the store. */
  order?: number;
  /** Id of the row it is about, made on this device. */
  rowId: string;
  deed?: Deed;
  method: 'GET' | 'PUT' | 'PATCH' | 'POST' | 'DELETE';
  path: string;
  body?: unknown;
  change?: { mutationId: string; version: number };
  /** What it is, for people: "Ilse 23, miss". */
  said: string;
  /** What is asked about the entry: a count that is hardly meant. */
  asked?: string;
  /** Set when the server refused it: why. It then waits for the coach, and is never dropped by itself. */
  refused?: string;
  /** The version the server holds, when it was refused because somebody else changed the row first. */
  versionNow?: number;
  /** Set when the server failed on it: it is tried again by itself, and does not hold up the others. */
  failed?: { times: number; atMs: number };
  /** The gym's revision it made: it has arrived, and is kept until what is fetched holds it. */
  arrived?: number;
}

interface Schema extends DBSchema {
  waiting: { key: number; value: Waiting };
}

/** Raise with a new step in `upgrade` when the shape changes: what waits must survive an upgrade of the app. */
const VERSION = 1;

const PREFIX = 'zumbo-outbox-';

/** The writes of one user that are not on the server yet, in order, in IndexedDB. */
export class OutboxStore {
  private constructor(private readonly database: IDBPDatabase<Schema>) {}

  static async of(userId: string): Promise<OutboxStore> {
    const database = await openDB<Schema>(`${PREFIX}${userId}`, VERSION, {
      upgrade(fresh, before) {
        if (before < 1) {
          fresh.createObjectStore('waiting', { keyPath: 'order', autoIncrement: true });
        }
      },
      // Another tab runs a newer version of the app: let it upgrade.
      blocking(_current, _blocked, event) {
        (event.target as IDBDatabase).close();
      },
    });
    return new OutboxStore(database);
  }

  /** How many writes wait on this device for the server, whoever made them. */
  static async waitingOnDevice(): Promise<number> {
    const names = ((await globalThis.indexedDB?.databases?.()) ?? []).map(({ name }) => name ?? '');
    let waiting = 0;
    for (const name of names.filter((one) => one.startsWith(PREFIX))) {
      const store = await OutboxStore.of(name.slice(PREFIX.length));
      waiting += (await store.all()).filter((write) => write.arrived === undefined).length;
      store.close();
    }
    return waiting;
  }

  all(): Promise<Waiting[]> {
    return this.database.getAll('waiting');
  }

  async add(write: Waiting): Promise<void> {
    await this.database.add('waiting', write);
  }

  /** Changes a write that is still there; one that was dropped meanwhile stays dropped. */
  async change(order: number, part: (write: Waiting) => Waiting): Promise<void> {
    const transaction = this.database.transaction('waiting', 'readwrite');
    const write = await transaction.store.get(order);
    if (write !== undefined) {
      await transaction.store.put(part(write));
    }
    await transaction.done;
  }

  async has(order: number): Promise<boolean> {
    return (await this.database.getKey('waiting', order)) !== undefined;
  }

  async drop(orders: number[]): Promise<void> {
    const transaction = this.database.transaction('waiting', 'readwrite');
    await Promise.all(orders.map((order) => transaction.store.delete(order)));
    await transaction.done;
  }

  close(): void {
    this.database.close();
  }
}
