import 'fake-indexeddb/auto';
import { QueryClient } from '@tanstack/react-query';
import { deviceDatabase, deviceStorage } from './device-storage';
import { keepAnswers, restoreAnswers } from './offline-cache';

const day = 24 * 3_600_000;
/** Longer than it takes until what was read is on the device. */
const written = () => new Promise((resolve) => setTimeout(resolve, 500));

beforeEach(async () => (await deviceDatabase()).clear('answers'));

/** A page that keeps what it reads. */
function page() {
  const client = new QueryClient();
  keepAnswers(client);
  return client;
}
/** The same after the browser was closed and opened again. */
async function nextVisit() {
  const client = new QueryClient();
  await restoreAnswers(client);
  return client;
}

test('what was last read is there at the next visit, and is asked for again', async () => {
  const client = page();
  client.setQueryData(['case', 'a'], { number: 1 });
  client.setQueryData(['case', 'a'], { number: 2 });
  client.setQueryData(['cases', null, ''], { cases: [] });
  client.setQueryData(['audit'], { entries: ['not for the device'] });
  await written();
  const later = await nextVisit();
  expect(later.getQueryData(['case', 'a'])).toEqual({ number: 2 });
  expect(later.getQueryData(['cases', null, ''])).toEqual({ cases: [] });
  expect(later.getQueryData(['audit'])).toBeUndefined();
  expect(later.getQueryState(['case', 'a'])?.isInvalidated).toBe(true);
});

test('signing out takes it from the device, even what was about to be written', async () => {
  const client = page();
  client.setQueryData(['case', 'a'], { number: 1 });
  await written();
  client.setQueryData(['case', 'b'], { number: 2 });
  client.clear();
  await written();
  expect(await (await deviceDatabase()).count('answers')).toBe(0);
});

test('that nobody is signed in is not remembered, and takes the place of who was', async () => {
  const client = page();
  client.setQueryData(['session'], { me: { name: 'Runa' } });
  await written();
  expect((await nextVisit()).getQueryData(['session'])).toEqual({ me: { name: 'Runa' } });
  client.setQueryData(['session'], { me: null });
  await written();
  expect((await nextVisit()).getQueryData(['session'])).toBeUndefined();
});

test('what is older than a week is not shown as if it were news', async () => {
  const db = await deviceDatabase();
  const put = (id: string, at: number) => db.put('answers', { key: ['case', id], data: { id }, at }, id);
  await put('old', Date.now() - 8 * day);
  await put('fresh', Date.now() - 6 * day);
  const client = await nextVisit();
  expect(client.getQueryData(['case', 'old'])).toBeUndefined();
  expect(client.getQueryData(['case', 'fresh'])).toEqual({ id: 'fresh' });
});

test('a batch is on the device from when it was put until it is removed', async () => {
  const batch = { key: '1', personId: 'p', caseId: 'c', events: [] };
  await deviceStorage.put(batch);
  await deviceStorage.put({ ...batch, key: '0' });
  expect((await deviceStorage.all()).map(({ key }) => key)).toEqual(['0', '1']);
  await deviceStorage.remove('0');
  await deviceStorage.remove('never there');
  expect(await deviceStorage.all()).toEqual([batch]);
});

test('storage that does not answer does not keep the page waiting', async () => {
  const client = page();
  client.setQueryData(['case', 'a'], { number: 1 });
  await written();
  const asked = jest
    .spyOn(IDBObjectStore.prototype, 'getAll')
    .mockReturnValue(new IDBRequest() as ReturnType<IDBObjectStore['getAll']>);
  const later = await nextVisit();
  expect(later.getQueryData(['case', 'a'])).toBeUndefined();
  asked.mockRestore();
  expect((await nextVisit()).getQueryData(['case', 'a'])).toEqual({ number: 1 });
});
