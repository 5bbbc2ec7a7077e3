import { QueryClient } from '@tanstack/react-query';
import { followChanges } from './changes';

/** As much of a browser as the stream needs: event sources, and locks that one window holds at a time. */
class FakeSource {
  static readonly open: FakeSource[] = [];
  static readonly CLOSED = 2;
  readyState = 1;
  onerror: (() => void) | null = null;
  private readonly heard = new Map<string, (event: { data: string }) => void>();
  constructor(readonly url: string) {
    FakeSource.open.push(this);
  }
  addEventListener(name: string, hear: (event: { data: string }) => void) {
    this.heard.set(name, hear);
  }
  say(name: string, data: object = {}) {
    this.heard.get(name)?.({ data: JSON.stringify(data) });
  }
  close() {
    this.readyState = FakeSource.CLOSED;
    FakeSource.open.splice(FakeSource.open.indexOf(this), 1);
  }
}
let queue: Promise<unknown> = Promise.resolve();
const locks = {
  request: (_name: string, { signal }: { signal: AbortSignal }, work: () => Promise<unknown>) =>
    (queue = queue.then(() => (signal.aborted ? undefined : work()))),
};
const before = { EventSource: globalThis.EventSource, navigator: globalThis.navigator };
const put = (name: string, value: unknown) =>
  Object.defineProperty(globalThis, name, { value, configurable: true, writable: true });
beforeAll(() => {
  put('EventSource', FakeSource);
  put('navigator', { locks });
});
afterAll(() => {
  put('EventSource', before.EventSource);
  put('navigator', before.navigator);
});

const settle = (ms = 30) => new Promise((resolve) => setTimeout(resolve, ms));
const opened = { sequence: 1, hash: '', recordedAt: '', event: {} };

/** A window with a case that it knows up to its first entry. */
function openWindow() {
  const client = new QueryClient();
  client.setQueryData(['case', 'known'], { id: 'known', number: 1, events: [opened] });
  const asked: string[] = [];
  client.invalidateQueries = async (filters) => void asked.push(JSON.stringify(filters?.queryKey));
  let back = 0;
  const stop = followChanges(client, () => (back += 1));
  return { asked, stop, back: () => back };
}

test('one window holds the stream, all hear what it says, and another takes over when it closes', async () => {
  const [one, two] = [openWindow(), openWindow()];
  await settle();
  expect(FakeSource.open.map(({ url }) => url)).toEqual(['/api/changes']);

  FakeSource.open[0]?.say('ready');
  await settle();
  for (const { asked, back } of [one, two]) expect([asked, back()]).toEqual([['["case"]'], 1]);

  FakeSource.open[0]?.say('case', { id: 'known', sequence: 2 });
  await settle();
  for (const { asked } of [one, two]) expect(asked).toContain('["case","known"]');

  one.stop();
  await settle();
  expect(FakeSource.open).toHaveLength(1);
  FakeSource.open[0]?.say('gap');
  await settle();
  expect([one.back(), two.back()]).toEqual([1, 2]);
  two.stop();
  await settle();
  expect(FakeSource.open).toHaveLength(0);
});

test('a case is asked for only if it is known and has grown, and the lists once for many changes', async () => {
  const { asked, stop } = openWindow();
  await settle();
  for (let n = 0; n < 5; n++) FakeSource.open[0]?.say('case', { id: `other-${n}`, sequence: 9 });
  FakeSource.open[0]?.say('case', { id: 'known', sequence: 1 });
  FakeSource.open[0]?.say('case', { id: 'known', sequence: 'nonsense' });
  await settle();
  expect(asked).toEqual([]);
  await settle(1100);
  expect(asked).toEqual(['["cases"]']);
  stop();
});

test('a browser that lends no locks holds a stream in each window', async () => {
  put('navigator', {});
  const [one, two] = [openWindow(), openWindow()];
  await settle();
  expect(FakeSource.open).toHaveLength(2);
  one.stop();
  two.stop();
  await settle();
  expect(FakeSource.open).toHaveLength(0);
});
