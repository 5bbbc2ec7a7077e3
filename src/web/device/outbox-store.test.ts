import 'fake-indexeddb/auto';
import { QueryClient } from '@tanstack/react-query';
import { eventsOf } from '../../core/casework/testing-log';
import type { CaseEvent } from '../../core/casework';
import { deviceDatabase } from './device-storage';
import { connectOutbox, outbox, useOutboxStore } from './outbox-store';

/** The outbox of a window with the device and the API beneath it: what each answer of the server makes of an entry. */

const log = eventsOf({});
const caseId = '0d3a0c00-0000-4000-8000-000000000100';
let n = 0;
const note = (): CaseEvent => ({
  kind: 'note-added',
  id: `00000000-0000-4000-8000-${String(++n).padStart(12, '0')}`,
  at: '2026-01-05T10:00:00Z',
  by: 'Runa',
  text: 'x',
});
const start = (outcome: string): CaseEvent => {
  const { id, at, by } = note();
  return { kind: 'trial-done', id, at, by, trial: 'start', outcome };
};
const stored = (event: CaseEvent, sequence: number) => ({
  sequence,
  hash: 'a'.repeat(64),
  recordedAt: '2026-01-05T10:00:00.000Z',
  event,
});
const problem = (status: number, more: object = {}) => ({ type: 'x', title: 'No', status, code: 'x', ...more });

function answerWith(status: number, body: unknown): void {
  globalThis.fetch = () => Promise.resolve(new Response(JSON.stringify(body), { status }));
}

beforeEach(async () => {
  await (await deviceDatabase()).clear('outbox');
  await outbox.leaveOut(caseId);
  const client = new QueryClient();
  client.setQueryData(['case', caseId], { id: caseId, number: 1, events: log.map((event, i) => stored(event, i + 1)) });
  connectOutbox(client);
  await outbox.begin('me');
});
const onDevice = async () => (await deviceDatabase()).count('outbox');

test('what the server stored waits no more', async () => {
  const mine = note();
  answerWith(201, { events: [stored(mine, 2)] });
  await expect(outbox.write(caseId, [mine])).resolves.toBe(true);
  expect(useOutboxStore.getState()).toMatchObject({ waiting: {}, isAway: false, troubles: {} });
  expect(await onDevice()).toBe(0);
});

test('what it refused is taken back with its reason', async () => {
  answerWith(422, problem(422, { detail: 'expected a test, found nothing' }));
  await expect(outbox.write(caseId, [note()])).resolves.toBe(false);
  expect(useOutboxStore.getState().troubles[caseId]).toMatchObject({
    kind: 'refused',
    message: 'expected a test, found nothing',
  });
});

test.each<[string, number, object, string | null]>([
  [
    'too much at once',
    429,
    { detail: 'Too many requests at once. Wait 5 seconds.' },
    'Too many requests at once. Wait 5 seconds.',
  ],
  ['a session that is over', 401, {}, null],
  ['a server at fault', 500, {}, null],
  ['a database that is away', 503, {}, null],
])('after %s an entry is kept on the device and sent again', async (_what, status, more, reason) => {
  answerWith(status, problem(status, more));
  const mine = note();
  await expect(outbox.write(caseId, [mine])).resolves.toBe(true);
  expect(useOutboxStore.getState()).toMatchObject({ isAway: true, awayReason: reason });
  expect(useOutboxStore.getState().waiting[caseId]).toEqual([mine]);
  expect(await onDevice()).toBe(1);
});

test('where both changed the machine a person decides', async () => {
  const theirs: CaseEvent = start('dead');
  const mine: CaseEvent = start('works');
  answerWith(409, problem(409, { newerEvents: [stored(theirs, 2)] }));
  await expect(outbox.write(caseId, [mine])).resolves.toBe(false);
  expect(useOutboxStore.getState().troubles[caseId]).toMatchObject({ kind: 'conflict', theirs: [{ id: theirs.id }] });
  expect(useOutboxStore.getState().waiting[caseId]).toEqual([mine]);
});
