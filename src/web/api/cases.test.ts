import { QueryClient } from '@tanstack/react-query';
import type { StoredEvent } from '../../contracts';
import type { CaseEvent } from '../../core/casework';
import { eventsOf } from '../../core/casework/testing-log';
import { lastSequence, mergeIntoCase } from './case-cache';
import { appendToCase, readCaseDetail } from './cases';
import { AwayError, ProblemError } from './problem-error';

/** Appending to a case through the query cache: what is known of it, what is sent, and what comes into view. */

const id = '0d3a0c00-0000-4000-8000-000000000100';
const log = eventsOf({ trials: [['start', 'dead']] });
const stored = (event: CaseEvent, sequence: number): StoredEvent => ({
  sequence,
  hash: 'a'.repeat(64),
  recordedAt: '2026-01-05T10:00:00.000Z',
  event,
});
const note = (n: number, text: string): CaseEvent => ({
  kind: 'note-added',
  id: `00000000-0000-4000-8000-00000000010${n}`,
  at: '2026-01-05T10:00:00Z',
  by: 'Runa',
  text,
});

interface Asked {
  readonly url: string;
  readonly body: { readonly expectedSequence: number; readonly events: readonly CaseEvent[] } | null;
}

function server(...answers: readonly (readonly [status: number, body: unknown])[]) {
  const asked: Asked[] = [];
  globalThis.fetch = (url, init) => {
    asked.push({ url: url as string, body: init?.body ? (JSON.parse(init.body as string) as Asked['body']) : null });
    const [status, body] = answers[asked.length - 1] ?? [500, null];
    return Promise.resolve(new Response(JSON.stringify(body), { status }));
  };
  return asked;
}

function clientWith(events: readonly CaseEvent[]) {
  const client = new QueryClient();
  client.setQueryData(['case', id], { id, number: 7, events: events.map((event, i) => stored(event, i + 1)) });
  return client;
}
const shown = (client: QueryClient) =>
  client.getQueryData<{ events: StoredEvent[] }>(['case', id])?.events.map(({ event }) => event.id);

test('events go behind what is known, and what was stored comes into view', async () => {
  const client = clientWith(log);
  const mine = note(1, 'mine');
  const asked = server([201, { events: [stored(mine, 3)] }]);
  await expect(appendToCase(client, id, [mine])).resolves.toEqual([]);
  expect(asked).toEqual([{ url: `/api/cases/${id}/events`, body: { expectedSequence: 2, seen: [], events: [mine] } }]);
  expect(shown(client)).toEqual([...log.map((event) => event.id), mine.id]);
});

test('what somebody else wrote first comes into view and is handed back; nothing of mine is shown as stored', async () => {
  const client = clientWith(log);
  const theirs = note(1, 'theirs');
  server([
    409,
    { type: 'x', title: 'The case has moved on', status: 409, code: 'stale', newerEvents: [stored(theirs, 3)] },
  ]);
  await expect(appendToCase(client, id, [note(2, 'mine')])).resolves.toEqual([{ ...theirs, v: 3 }]);
  expect(shown(client)).toEqual([...log.map((event) => event.id), theirs.id]);
  expect(lastSequence(client, id)).toBe(3);
});

test('a case that is not in view is read first', async () => {
  const client = new QueryClient();
  const mine = note(1, 'mine');
  const asked = server(
    [200, { id, number: 7, events: log.map((event, i) => stored(event, i + 1)) }],
    [201, { events: [stored(mine, 3)] }],
  );
  await appendToCase(client, id, [mine]);
  expect(asked.map(({ url, body }) => [url, body?.expectedSequence])).toEqual([
    [`/api/cases/${id}`, undefined],
    [`/api/cases/${id}/events`, 2],
  ]);
});

test('another refusal and a server that is away are thrown on', async () => {
  const client = clientWith(log);
  server([422, { type: 'x', title: 'No', status: 422, code: 'bad-input' }], [503, { title: 'away' }]);
  await expect(appendToCase(client, id, [note(1, 'x')])).rejects.toBeInstanceOf(ProblemError);
  await expect(appendToCase(client, id, [note(1, 'x')])).rejects.toBeInstanceOf(AwayError);
  expect(shown(client)).toEqual(log.map((event) => event.id));
});

test('events that come twice or out of order stand once and in order', () => {
  const client = clientWith(log);
  const [a, b] = [stored(note(1, 'a'), 3), stored(note(2, 'b'), 4)];
  mergeIntoCase(client, id, [b]);
  mergeIntoCase(client, id, [b, a]);
  expect(shown(client)).toEqual([...log.map((event) => event.id), a.event.id, b.event.id]);
});

test('what is stored while the case is being read stays in view, and counts as seen by the next entry', async () => {
  const client = clientWith(log);
  const mine = note(1, 'mine');
  let answerRead: (response: Response) => void = () => undefined;
  globalThis.fetch = (_url, init) =>
    init?.body
      ? Promise.resolve(new Response(JSON.stringify({ events: [stored(mine, 3)] }), { status: 201 }))
      : new Promise((resolve) => (answerRead = resolve));
  const reading = readCaseDetail(client, id);
  await appendToCase(client, id, [mine]);
  answerRead(
    new Response(JSON.stringify({ id, number: 7, events: log.map((event, i) => stored(event, i + 1)) }), {
      status: 200,
    }),
  );
  await reading;
  expect(shown(client)).toEqual([...log.map((event) => event.id), mine.id]);
  expect(lastSequence(client, id)).toBe(3);
});

test('a case is read as the server has it: what it no longer has goes', async () => {
  const client = clientWith([...log, note(1, 'gone')]);
  server([200, { id, number: 7, events: log.map((event, i) => stored(event, i + 1)) }]);
  await readCaseDetail(client, id);
  expect(shown(client)).toEqual(log.map((event) => event.id));
});
