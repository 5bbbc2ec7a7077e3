import 'fake-indexeddb/auto';
import { QueryClient } from '@tanstack/react-query';
import { deviceDatabase, deviceStorage } from './device-storage';
import { forgetAnswers, restoreAnswers } from './offline-cache';

const day = 24 * 3_600_000;
/** Longer than it takes until what was read is on the device. */
const written = () => new Promise((resolve) => setTimeout(resolve, 500));

beforeEach(async () => (await deviceDatabase()).clear('answers'));

const visits: (() => void)[] = [];
afterEach(() => visits.splice(0).forEach((end) => end()));

/** The page at one visit of the browser: it shows what was kept, and keeps what it reads. */
async function visit() {
  const client = new QueryClient();
  visits.push(await restoreAnswers(client));
  return client;
}
/** The next one, after the tab was closed. */
async function nextVisit() {
  await written();
  visits.splice(0).forEach((end) => end());
  return visit();
}
const kept = async () => (await (await deviceDatabase()).get('answers', 'answers')) ?? '';

test('what was opened is there at the next visit, and is asked for again; what was searched for is not', async () => {
  const client = await visit();
  client.setQueryData(['case', 'a'], { number: 1 });
  client.setQueryData(['case', 'a'], { number: 2 });
  client.setQueryData(['cases', null, ''], { cases: [] });
  client.setQueryData(['cases', null, 'lamp te'], { cases: ['typed on the way'] });
  client.setQueryData(['audit'], { entries: ['not for the device'] });
  const later = await nextVisit();
  expect(later.getQueryData(['case', 'a'])).toEqual({ number: 2 });
  expect(later.getQueryData(['cases', null, ''])).toEqual({ cases: [] });
  expect(later.getQueryState(['case', 'a'])?.isInvalidated).toBe(true);
  expect(await kept()).not.toMatch(/typed on the way|not for the device/);
});

test('what was read stays kept while the server does not answer', async () => {
  const client = await visit();
  client.setQueryData(['session'], { me: { name: 'Runa' } });
  const away = () => Promise.reject(new Error('away'));
  await client.query({ queryKey: ['session'], queryFn: away, staleTime: 0, retry: false }).catch(() => undefined);
  expect(client.getQueryState(['session'])?.status).toBe('error');
  const later = await nextVisit();
  expect(later.getQueryData(['session'])).toEqual({ me: { name: 'Runa' } });
  expect(later.getQueryState(['session'])?.status).toBe('success');
});

test('the end of a session takes it from the device at once, even what was about to be written', async () => {
  const client = await visit();
  client.setQueryData(['case', 'a'], { number: 1 });
  await written();
  expect(await kept()).toContain('"number":1');
  client.setQueryData(['case', 'b'], { number: 2 });
  client.clear();
  await forgetAnswers();
  expect(await kept()).toBe('');
  await written();
  expect(await kept()).not.toContain('number');
});

test('that nobody is signed in is not remembered, and takes the place of who was', async () => {
  const client = await visit();
  client.setQueryData(['session'], { me: { name: 'Runa' } });
  const next = await nextVisit();
  expect(next.getQueryData(['session'])).toEqual({ me: { name: 'Runa' } });
  next.setQueryData(['session'], { me: null });
  expect((await nextVisit()).getQueryData(['session'])).toBeUndefined();
});

test('what is older than a week is neither shown nor kept', async () => {
  const client = await visit();
  client.setQueryData(['case', 'old'], { id: 'old' }, { updatedAt: Date.now() - 8 * day });
  client.setQueryData(['case', 'fresh'], { id: 'fresh' }, { updatedAt: Date.now() - 6 * day });
  const later = await nextVisit();
  expect(later.getQueryData(['case', 'old'])).toBeUndefined();
  expect(later.getQueryData(['case', 'fresh'])).toEqual({ id: 'fresh' });
  expect(await kept()).not.toContain('old');
});

test('of very many cases a device keeps the last twenty that were read', async () => {
  const client = await visit();
  for (let n = 0; n < 60; n++) client.setQueryData(['case', `c${n}`], { n }, { updatedAt: Date.now() - 60 + n });
  const later = await nextVisit();
  const there = Array.from({ length: 60 }, (_, n) => later.getQueryData(['case', `c${n}`]) !== undefined);
  expect(there).toEqual(Array.from({ length: 60 }, (_, n) => n >= 40));
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
  const client = await visit();
  client.setQueryData(['case', 'a'], { number: 1 });
  await written();
  const asked = jest.spyOn(IDBObjectStore.prototype, 'get').mockReturnValue(new IDBRequest());
  const later = await nextVisit();
  expect(later.getQueryData(['case', 'a'])).toBeUndefined();
  asked.mockRestore();
});
