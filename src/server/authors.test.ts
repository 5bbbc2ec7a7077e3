import { checkChain } from '../core/casework';
import { eventId, eventsOf } from '../core/casework/testing-log';
import { caseDetailSchema, type Role, type StoredEvent } from '../contracts';
import { createTestServer, type TestServer } from './testing-server';

let server: TestServer;
beforeAll(async () => {
  server = await createTestServer();
});
afterAll(() => server.close());

let next = 1;
const newCase = () => `88888888-8888-4888-8888-${String(next++).padStart(12, '0')}`;
const opening = eventsOf({})[0];
const note = (more: object = {}) => ({
  id: eventId(900 + next++),
  at: '2026-01-05T11:59:00Z',
  by: 'The lead',
  kind: 'note-added',
  text: 'Seen',
  ...more,
});

async function opened(role: Role = 'lead'): Promise<string> {
  const id = newCase();
  await server
    .as(role)
    .post('/api/cases')
    .send({ id, events: [opening] })
    .expect(201);
  return id;
}
async function written(role: Role, event: object): Promise<StoredEvent> {
  const id = await opened();
  const { body } = await server
    .as(role)
    .post(`/api/cases/${id}/events`)
    .send({ expectedSequence: 1, events: [event] })
    .expect(201);
  const [stored] = (body as { events: StoredEvent[] }).events;
  if (!stored) throw new Error('expected the stored event');
  return stored;
}

test('an entry is by who is signed in, whatever it says, and the record says who and when', async () => {
  const stored = await written('trainee', note({ by: 'The lead' }));
  expect(stored.event).toMatchObject({
    by: 'The trainee',
    at: '2026-01-05T11:59:00Z',
    recorded: { at: server.now.toISOString(), by: 'The trainee', person: server.personId('trainee') },
  });
  expect(stored.event).not.toHaveProperty('recorded.deviceAt');
});

test('what a writer says of the recording does not count', async () => {
  const forged = { at: '2026-01-01T00:00:00Z', by: 'The lead', person: server.personId('lead'), imported: true };
  const { event } = await written('trainee', note({ recorded: forged }));
  expect(event).toMatchObject({ recorded: { by: 'The trainee', at: server.now.toISOString() } });
  expect(event).not.toHaveProperty('recorded.imported');
});

test.each([
  ['two minutes ahead is a clock that runs fast', '2026-01-05T12:02:00Z', true],
  ['a little more is not', '2026-01-05T12:02:01Z', false],
  ['the year 2999 is not', '2999-01-05T12:00:00Z', false],
  ['a week of work without the server is kept', '2025-12-29T12:00:00Z', true],
  ['longer ago is not', '2025-12-29T11:59:59Z', false],
])('%s', async (_words, at, isKept) => {
  const { event } = await written('technician', note({ at }));
  if (isKept) expect(event.at).toBe(at);
  else expect(event).toMatchObject({ at: server.now.toISOString(), recorded: { deviceAt: at } });
});

test('who and when stand in the chain: a record that was changed shows', async () => {
  const id = await opened('technician');
  await server
    .as('trainee')
    .post(`/api/cases/${id}/events`)
    .send({ expectedSequence: 1, events: [note()] })
    .expect(201);
  const { events } = caseDetailSchema.parse((await server.as().get(`/api/cases/${id}`)).body);
  expect(checkChain(events).ok).toBe(true);
  const forged = events.map((stored, i) =>
    i === 1 ? { ...stored, event: { ...stored.event, recorded: { by: 'The lead' } } } : stored,
  );
  expect(checkChain(forged)).toEqual({ ok: false, sequence: 2, why: 'changed' });
});

test('the log of another bench keeps its authors and times, and is marked as imported', async () => {
  const id = newCase();
  const theirs = [{ ...opening, at: '2019-05-01T09:00:00Z', by: 'Another bench' }];
  await server.as('trainee').post('/api/cases').send({ id, events: theirs, imported: true }).expect(403);
  const { body } = await server
    .as('technician')
    .post('/api/cases')
    .send({ id, events: theirs, imported: true })
    .expect(201);
  expect(caseDetailSchema.parse(body).events[0]?.event).toMatchObject({
    by: 'Another bench',
    at: '2019-05-01T09:00:00Z',
    recorded: { by: 'The technician', imported: true },
  });
});

describe('what its writer has seen', () => {
  const start = (n: number) => {
    const { id, at, by } = note({ id: eventId(n) });
    return { id, at, by, kind: 'trial-done', trial: 'start', outcome: 'dead' };
  };

  test('an entry behind one of its own that was on its way is no crossing', async () => {
    const id = await opened();
    const send = (events: readonly object[], seen: readonly string[] = []) =>
      server.as('technician').post(`/api/cases/${id}/events`).send({ expectedSequence: 1, seen, events });
    await send([note({ id: eventId(401) })]).expect(201);
    await send([start(402)], [eventId(401)]).expect(201);
  });

  test('more than there is cannot have been seen', async () => {
    const id = await opened();
    for (const expectedSequence of [2, Number.MAX_SAFE_INTEGER])
      await server
        .as('lead')
        .post(`/api/cases/${id}/events`)
        .send({ expectedSequence, events: [note()] })
        .expect(409);
  });

  test('an entry of another that came first is shown, and not those that its writer has seen', async () => {
    const id = await opened();
    const send = (role: Role, expectedSequence: number, event: object, seen: readonly string[] = []) =>
      server
        .as(role)
        .post(`/api/cases/${id}/events`)
        .send({ expectedSequence, seen, events: [event] });
    await send('lead', 1, start(501)).expect(201);
    await send('technician', 2, note({ id: eventId(502) })).expect(201);
    const { body } = await send('technician', 1, start(503), [eventId(502)]).expect(409);
    expect((body as { newerEvents: StoredEvent[] }).newerEvents.map(({ event }) => event.id)).toEqual([eventId(501)]);
  });
});

test('a log that is full takes what closes it, and says so to all else', async () => {
  const id = newCase();
  const many = Array.from({ length: 5000 }, (_, n) => (n === 0 ? opening : { ...note(), id: eventId(10_000 + n) }));
  await server
    .as('lead')
    .post('/api/cases')
    .send({ id, events: many.slice(0, 3000) })
    .expect(201);
  for (let from = 3000; from < 5000; from += 100)
    await server
      .as('lead')
      .post(`/api/cases/${id}/events`)
      .send({ expectedSequence: from, events: many.slice(from, from + 100) })
      .expect(201);
  const send = (event: object) =>
    server
      .as('lead')
      .post(`/api/cases/${id}/events`)
      .send({ expectedSequence: 5000, events: [event] });
  const { body } = await send(note()).expect(422);
  expect(body).toMatchObject({ code: 'log-full' });
  const { at } = note();
  const closing = { kind: 'case-closed', ending: 'returned', fault: null, cause: 'Unknown', done: 'Given back' };
  await send({ id: eventId(20_000), at, by: 'T', ...closing }).expect(201);
});
