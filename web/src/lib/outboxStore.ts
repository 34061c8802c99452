import { openDB, type DBSchema, type IDBPDatabase } from 'idb';

/** One write that waits for the server. */
export interface Waiting {
  /** Order of sending; given by the store. */
  order?: number;
  /** Id of the row it is about, made on this device. */
  rowId: string;
  method: 'GET' | 'PUT' | 'PATCH' | 'POST' | 'DELETE';
  path: string;
  body?: unknown;
  change?: { mutationId: string; version: number };
  /** What it is, for people: "Ilse 23, miss". */
  said: string;
  /** Set when the server refused it: why. It then waits for the coach, and is never dropped by itself. */
  refused?: string;
}

interface Schema extends DBSchema {
  waiting: { key: number; value: Waiting };
}

/** Raise with a new step in `upgrade` when the shape changes: what waits must survive an upgrade of the app. */
const VERSION = 1;

/** The writes of one user that are not on the server yet, in order, in IndexedDB. */
export class OutboxStore {
  private constructor(private readonly database: IDBPDatabase<Schema>) {}

  static async of(userId: string): Promise<OutboxStore> {
    const database = await openDB<Schema>(`zumbo-outbox-${userId}`, VERSION, {
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

  all(): Promise<Waiting[]> {
    return this.database.getAll('waiting');
  }

  async add(write: Waiting): Promise<void> {
    await this.database.add('waiting', write);
  }

  async change(write: Waiting): Promise<void> {
    await this.database.put('waiting', write);
  }

  async drop(order: number): Promise<void> {
    await this.database.delete('waiting', order);
  }

  close(): void {
    this.database.close();
  }
}
