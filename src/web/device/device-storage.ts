import { openDB, type DBSchema, type IDBPDatabase } from 'idb';
import type { Batch, OutboxStorage } from './outbox';

interface Stored extends DBSchema {
  outbox: { key: string; value: Batch };
  /** What was last read of the server, by query, for the time when it is away. */
  answers: { key: string; value: { readonly key: readonly unknown[]; readonly data: unknown; readonly at: number } };
}

let opened: Promise<IDBPDatabase<Stored>> | undefined;

/** The device's own database, IndexedDB. Failure: rejects where the browser lends none, as in some private windows. */
export function deviceDatabase(): Promise<IDBPDatabase<Stored>> {
  opened ??= openDB<Stored>('probe', 1, {
    upgrade(db) {
      db.createObjectStore('outbox', { keyPath: 'key' });
      db.createObjectStore('answers');
    },
    terminated: () => (opened = undefined),
  }).catch((error: unknown) => {
    // The next who asks attempts again.
    opened = undefined;
    throw error;
  });
  return opened;
}

export const deviceStorage: OutboxStorage = {
  all: async () => (await deviceDatabase()).getAll('outbox'),
  put: async (batch) => {
    await (await deviceDatabase()).put('outbox', batch);
  },
  remove: async (key) => (await deviceDatabase()).delete('outbox', key),
};
