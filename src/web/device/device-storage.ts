import { openDB, type DBSchema, type IDBPDatabase } from 'idb';
import type { FileStorage, QueuedFile } from './file-queue';
import type { Batch, OutboxStorage } from './outbox';

interface Stored extends DBSchema {
  outbox: { key: string; value: Batch };
  /** What was last read of the server, for the time when it is away: one text. */
  answers: { key: string; value: string };
  /** Photos and other files that wait for the server. */
  files: { key: string; value: QueuedFile };
}

let opened: Promise<IDBPDatabase<Stored>> | undefined;

/**
 * The device's own database, IndexedDB. Failure: rejects where the browser lends none, as in some private windows, and
 * while a tab with an earlier version of the program holds it open.
 */
export function deviceDatabase(): Promise<IDBPDatabase<Stored>> {
  opened ??= open().catch((error: unknown) => {
    // The next who asks attempts again.
    opened = undefined;
    throw error;
  });
  return opened;
}

const open = (): Promise<IDBPDatabase<Stored>> =>
  new Promise((resolve, reject) => {
    openDB<Stored>('probe', 3, {
      upgrade(db, before) {
        if (before < 1) db.createObjectStore('outbox', { keyPath: 'key' });
        // Version 1 kept a row for each query, for ever.
        if (before === 1) db.deleteObjectStore('answers');
        if (before < 2) db.createObjectStore('answers');
        db.createObjectStore('files', { keyPath: 'key' });
      },
      blocked: () => reject(new Error('expected the database of this device, found it open in an earlier version')),
      // A later version of the program in another tab may take over.
      blocking: (_current, _blocked, event) => {
        opened = undefined;
        (event.target as IDBDatabase).close();
      },
      terminated: () => (opened = undefined),
    }).then(resolve, reject);
  });

export const deviceStorage: OutboxStorage = {
  all: async () => (await deviceDatabase()).getAll('outbox'),
  put: async (batch) => {
    await (await deviceDatabase()).put('outbox', batch);
  },
  remove: async (key) => (await deviceDatabase()).delete('outbox', key),
};

export const deviceFiles: FileStorage = {
  all: async () => (await deviceDatabase()).getAll('files'),
  put: async (file) => {
    await (await deviceDatabase()).put('files', file);
  },
  remove: async (key) => (await deviceDatabase()).delete('files', key),
};
