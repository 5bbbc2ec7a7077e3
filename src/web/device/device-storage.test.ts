import 'fake-indexeddb/auto';
import { openDB } from 'idb';
import type { FileAttached } from '../../core/casework';
import { deviceFiles, deviceStorage } from './device-storage';

const attached: FileAttached = {
  kind: 'file-attached',
  id: 'e',
  at: '2026-01-05T10:00:00Z',
  by: 'Runa',
  file: 'f',
  as: 'picture',
  name: 'Photo',
  bytes: 1,
  sha256: '0'.repeat(64),
};

test('a tab with an earlier version does not hold up a later one: it says so, and goes on once the tab is gone', async () => {
  const earlier = await openDB('probe', 2, {
    upgrade(db) {
      db.createObjectStore('outbox', { keyPath: 'key' });
      db.createObjectStore('answers');
    },
  });
  await earlier.put('outbox', { key: '1', personId: 'p', caseId: 'c', events: [] });
  await expect(deviceStorage.all()).rejects.toThrow(/found it open in an earlier version/);
  earlier.close();
  await new Promise((resolve) => setTimeout(resolve, 20));
  // What the earlier version kept is there, and there is room for files.
  expect(await deviceStorage.all()).toMatchObject([{ key: '1' }]);
  const file = { key: '2', personId: 'p', caseId: 'c', event: attached, bytes: new Blob(['x']), preview: null };
  await deviceFiles.put(file);
  expect(await deviceFiles.all()).toMatchObject([{ key: '2', event: { file: 'f' } }]);
  await deviceFiles.remove('2');
  expect(await deviceFiles.all()).toEqual([]);
});

test('a later version in another tab may take over', async () => {
  await deviceFiles.all();
  const later = await openDB('probe', 4);
  expect(later.version).toBe(4);
  later.close();
});
