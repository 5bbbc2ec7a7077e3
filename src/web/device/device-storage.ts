import { openDB, type DBSchema, type IDBPDatabase } from 'idb';
import type { Batch, OutboxStorage } from './outbox';

interface Stored extends DBSchema {
  outbox: { key: string; value: Batch };
  /** What was last read of the server, for the time when it is away: one text. */
  answers: { key: string; value: string };
}

let opened: Promise<IDBPDatabase<Stored>> | undefined;

/** The device's own database, IndexedDB. Failure: rejects where the browser lends none, as in some private windows. */
export function deviceDatabase(): Promise<IDBPDatabase<Stored>> {
  opened ??= openDB<Stored>('probe', 2, {
    upgrade(db, before) {
      if (before < 1) db.createObjectStore('outbox', { keyPath: 'key' });
      // Version 1 kept a row for each query, for ever.
      if (before === 1) db.deleteObjectStore('answers');
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
