/** @jest-environment jsdom */
import { firstHash, hashEvent, type CaseEvent } from '../../../core/casework';
import { eventsOf } from '../../../core/casework/testing-log';
import { openCaseFile } from './open-case-file';

const events = eventsOf({ reported: 'dead', trials: [['start', 'dead']] });
function chained(log: readonly CaseEvent[]) {
  let hash = firstHash;
  return log.map((event, i) => ({ hash: (hash = hashEvent(hash, i + 1, event)) }));
}
const file = (content: unknown): File => {
  const text = typeof content === 'string' ? content : JSON.stringify(content);
  return Object.assign(new File([text], 'case.json'), { text: () => Promise.resolve(text) });
};
const whole = { format: 'jovial-probe/case', version: 2, model: '6', number: '12', events, chain: chained(events) };
const opened = async (content: unknown) => {
  const read = await openCaseFile(file(content));
  if (!read.ok) throw new Error(read.problem);
  return read.file;
};

test('a file says what is in it, and its chain is checked', async () => {
  expect(await opened(whole)).toMatchObject({
    machine: 'Test machine',
    number: '12',
    model: '6',
    entries: 2,
    unread: 0,
    chain: { isIntact: true, words: 'Record intact.' },
    events,
  });
});

test('one that was changed is told, and takes a note along', async () => {
  const changed = events.map((event) => (event.kind === 'trial-done' ? { ...event, outcome: 'works' } : event));
  const read = await opened({ ...whole, events: changed });
  expect(read.chain).toEqual({
    isIntact: false,
    words: expect.stringMatching(/^The record was changed, from entry 2 on: /) as string,
  });
  expect(read.events.at(-1)).toMatchObject({
    kind: 'note-added',
    text: expect.stringMatching(/^Taken in from a file. The record was changed, from entry 2 on/) as string,
  });
  expect((await opened({ ...whole, chain: whole.chain.slice(1) })).chain.words).toContain('expected 2 hashes, found 1');
});

test('entries of another version are counted and left out; a file by hand has no hashes', async () => {
  const later = {
    kind: 'hologram-taken',
    id: '00000000-0000-4000-8000-000000000777',
    at: '2026-01-05T10:00:00Z',
    by: 'X',
    v: 9,
  };
  const more = [...events, later as unknown as CaseEvent];
  const read = await opened({ ...whole, events: more, chain: chained(more) });
  expect([read.unread, read.entries, read.events.length, read.chain.isIntact]).toEqual([1, 3, 2, true]);
  const byHand = { format: whole.format, version: 2, events };
  expect((await opened(byHand)).chain.words).toContain('no hashes');
});

test.each([
  ['not JSON', '{', 'expected JSON'],
  ['another file', { format: 'jovial-probe/board' }, 'format'],
  [
    'a log that begins in the middle',
    { format: whole.format, version: 2, events: events.slice(1) },
    'expected case-opened first',
  ],
])('%s is refused in words', async (_what, content, words) => {
  const read = await openCaseFile(file(content));
  expect(read.ok ? '' : read.problem).toContain(words);
});
