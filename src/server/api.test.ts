import type request from 'supertest';
import { checkChain, type CaseEvent } from '../core/casework';
import { eventsOf, eventId } from '../core/casework/testing-log';
import type { CaseDetail, CaseFile, CaseSummary, StoredEvent } from '../contracts';
import { inShop } from './database/in-shop';
import { createPool } from './database/pool';
import { createTestServer, testShops, type TestServer } from './testing-server';

const [shop, otherShop] = testShops;

type Client = ReturnType<typeof request.agent>;
let server: TestServer;
let app: () => Client;

beforeAll(async () => {
  server = await createTestServer();
  const client = server.as();
  app = () => client;
});
afterAll(() => server.close());

let nextId = 1;
const newCaseId = () => `33333333-3333-4333-8333-${String(nextId++).padStart(12, '0')}`;
const trial = (n: number, id = 'start', outcome = 'dead'): CaseEvent => ({
  kind: 'trial-done',
  id: eventId(500 + n),
  at: '2026-01-05T10:00:00Z',
  by: 'Runa',
  trial: id,
  outcome,
});

async function openCase(on = app()): Promise<CaseDetail> {
  const answer = await on
    .post('/api/cases')
    .send({ id: newCaseId(), events: eventsOf({ reported: 'dead' }) })
    .expect(201);
  return answer.body as CaseDetail;
}
const append = (id: string, expectedSequence: number, events: readonly unknown[], on = app()) =>
  on.post(`/api/cases/${id}/events`).send({ expectedSequence, events });
const logOf = async (id: string) => ((await app().get(`/api/cases/${id}`).expect(200)).body as CaseDetail).events;

test('health says version and database state', async () => {
  const answer = await app().get('/api/health').expect(200);
  expect(answer.body).toEqual({ version: '9.9.9', database: 'up' });
});

test('a case is opened, worked on, listed and read back whole', async () => {
  const { id, number } = await openCase();
  await append(id, 1, [trial(1), trial(2, 'look/rocker/supply', 'at-o')]).expect(201);
  const events = await logOf(id);
  expect(events.map(({ sequence, event }) => [sequence, event.kind])).toEqual([
    [1, 'case-opened'],
    [2, 'trial-done'],
    [3, 'trial-done'],
  ]);
  const { body } = await app()
    .get('/api/cases')
    .query({ search: String(number) })
    .expect(200);
  expect((body as { cases: CaseSummary[] }).cases[0]).toMatchObject({
    id,
    number,
    stage: 'on-bench',
    trials: 2,
    machine: 'Test machine',
  });
});

test('each event carries the hash of the one before, in the log and in the file', async () => {
  const { id } = await openCase();
  await append(id, 1, [trial(1)]).expect(201);
  const log = await logOf(id);
  expect(checkChain(log)).toEqual({ ok: true, length: 2, last: log[1]?.hash });
  const file = (await app().get(`/api/cases/${id}/file`).expect(200)).body as CaseFile;
  expect(file.chain?.map(({ hash }) => hash)).toEqual(log.map(({ hash }) => hash));
});

test('a stale writer gets 409 with the newer events and changes nothing', async () => {
  const { id } = await openCase();
  await append(id, 1, [trial(1)]).expect(201);
  const answer = await append(id, 1, [trial(2)]).expect(409);
  expect(answer.body).toMatchObject({ status: 409, code: 'stale', newerEvents: [{ sequence: 2 }] });
  expect(answer.headers['content-type']).toContain('application/problem+json');
  expect(await logOf(id)).toHaveLength(2);
});

test('a sequence from the future is stale as well', async () => {
  const { id } = await openCase();
  await append(id, 7, [trial(1)]).expect(409);
});

test('sending an event again is harmless', async () => {
  const { id } = await openCase();
  const first = await append(id, 1, [trial(1)]).expect(201);
  const again = await append(id, 1, [trial(1)]).expect(201);
  expect((again.body as { events: StoredEvent[] }).events).toEqual((first.body as { events: StoredEvent[] }).events);
  expect(await logOf(id)).toHaveLength(2);
});

test('opening the same case again is harmless, another case under its id is refused', async () => {
  const body = { id: newCaseId(), events: eventsOf({ reported: 'dead' }) };
  const first = await app().post('/api/cases').send(body).expect(201);
  const again = await app().post('/api/cases').send(body).expect(201);
  expect((again.body as CaseDetail).number).toBe((first.body as CaseDetail).number);
  const other = { ...body, events: body.events.map((event) => ({ ...event, id: eventId(900) })) };
  await app().post('/api/cases').send(other).expect(409);
});

test('two writers at once: one is stored, the other is told', async () => {
  const { id } = await openCase();
  const answers = await Promise.all([append(id, 1, [trial(1)]), append(id, 1, [trial(2)]), append(id, 1, [trial(3)])]);
  expect(answers.map(({ status }) => status).sort()).toEqual([201, 409, 409]);
  expect(await logOf(id)).toHaveLength(2);
});

test('many openers at once get numbers of their own', async () => {
  const opened = await Promise.all(Array.from({ length: 8 }, () => openCase()));
  expect(new Set(opened.map(({ number }) => number)).size).toBe(8);
});

test.each<[string, unknown[], string, string]>([
  ['an unknown trial', [trial(1, 'look/tea-leaves/cup', 'fine')], 'unknown-trial', 'events.0.trial'],
  ['an outcome that the trial does not have', [trial(1, 'start', 'at-i')], 'unknown-outcome', 'events.0.outcome'],
  [
    'a second event that does not fit',
    [
      trial(1),
      {
        ...trial(2),
        kind: 'configuration-changed',
        changes: [{ kind: 'place', part: 'flux', to: { state: 'out' } }],
        trial: undefined,
        outcome: undefined,
      },
    ],
    'unknown-part',
    'events.1.changes.0.part',
  ],
  ['an unknown kind of event', [{ ...trial(1), kind: 'coffee' }], 'bad-input', 'events.0.kind'],
  ['a field that nobody knows', [{ ...trial(1), colour: 'red' }], 'bad-input', 'events.0'],
  ['an id that is no UUID', [{ ...trial(1), id: 'one' }], 'bad-input', 'events.0.id'],
  ['a time that is no time', [{ ...trial(1), at: 'noon' }], 'bad-input', 'events.0.at'],
  ['a time before all calendars', [{ ...trial(1), at: '0000-01-01T00:00:00+23:59' }], 'bad-input', 'events.0.at'],
  ['a time behind all calendars', [{ ...trial(1), at: '9999-12-31T23:59:59-23:59' }], 'bad-input', 'events.0.at'],
])('%s is refused at its field, and nothing is stored', async (_what, events, code, path) => {
  const { id } = await openCase();
  const answer = await append(id, 1, events).expect(422);
  const { code: found, fields } = answer.body as { code: string; fields: { path: (string | number)[] }[] };
  expect([found, fields[0]?.path.join('.')]).toEqual([code, path]);
  expect(await logOf(id)).toHaveLength(1);
});

test('striking an entry on which a later one rests is refused in words that help', async () => {
  const { id } = await openCase();
  await append(id, 1, [trial(1, 'out/drive', 'dead'), trial(2, 'back/drive', 'dead')]).expect(201);
  const strike = {
    kind: 'entry-struck',
    id: eventId(600),
    at: '2026-01-05T10:00:00Z',
    by: 'Runa',
    entry: eventId(501),
    reason: 'x',
  };
  const answer = await append(id, 3, [strike]).expect(422);
  expect(answer.body).toMatchObject({
    code: 'entry-needed',
    detail: expect.stringContaining('Cross out the later one first'),
  });
});

test('broken JSON, a huge body, unknown cases and unknown addresses get clear refusals', async () => {
  const post = (body: string) => app().post('/api/cases').set('content-type', 'application/json').send(body);
  expect((await post('{"id":').expect(400)).body).toMatchObject({ code: 'not-json' });
  expect((await post(JSON.stringify({ id: 'x'.repeat(10_000_000) })).expect(413)).body).toMatchObject({
    code: 'body-too-large',
  });
  expect((await app().get('/api/cases/not-an-id').expect(422)).body).toMatchObject({ code: 'bad-input' });
  expect((await app().get(`/api/cases/${newCaseId()}`).expect(404)).body).toMatchObject({
    code: 'no-such-case',
  });
  expect((await app().get('/api/teapots').expect(404)).body).toMatchObject({ code: 'no-such-address' });
  expect((await app().get('/api/cases').query({ stage: 'lost' }).expect(422)).body).toMatchObject({
    code: 'bad-input',
  });
});

test('text that looks like SQL or script is stored as text', async () => {
  const owner = `Robert'); DROP TABLE cases;-- <script>alert(1)</script>`;
  const events = eventsOf({}).map((event) => ({ ...event, owner }));
  const id = newCaseId();
  await app().post('/api/cases').send({ id, events }).expect(201);
  const { body } = await app().get('/api/cases').query({ search: "robert')" }).expect(200);
  expect((body as { cases: CaseSummary[] }).cases.map((c) => [c.id, c.owner])).toEqual([[id, owner]]);
});

test('a shop neither reads nor writes another shop’s case, nor takes its id', async () => {
  const { id } = await openCase();
  const theirs = server.as('lead', 1);
  await theirs.get(`/api/cases/${id}`).expect(404);
  await append(id, 1, [trial(1)], theirs).expect(404);
  await theirs
    .post('/api/cases')
    .send({ id, events: eventsOf({ reported: 'twitch' }) })
    .expect(409);
  expect(((await theirs.get('/api/cases').expect(200)).body as { cases: unknown[] }).cases).toEqual([]);
  expect(await logOf(id)).toHaveLength(1);
});

test('a query that forgets the shop sees only the shop in force, and the log cannot be rewritten', async () => {
  await openCase();
  const seen = await inShop(server.pool, otherShop.id, (db) => db.query('SELECT 1 FROM case_events'));
  expect(seen.rowCount).toBe(0);
  const rewrite = inShop(server.pool, shop.id, (db) => db.query('UPDATE case_events SET sequence = sequence + 1'));
  await expect(rewrite).rejects.toThrow('permission denied');
  const smuggle = inShop(server.pool, otherShop.id, (db) => db.query('UPDATE shops SET id = $1', [shop.id]));
  await expect(smuggle).rejects.toThrow();
});

test('while the database is away everything says so with 503 and recovers', async () => {
  const away = createPool('postgresql://nobody@127.0.0.1:1/none', { onError: () => undefined });
  const cut = server.as('lead', 0, server.app({ pool: away }));
  expect((await cut.get('/api/health').expect(503)).body).toMatchObject({ database: 'down' });
  await cut.get('/api/health/live').expect(200);
  expect((await cut.get('/api/cases').expect(503)).body).toMatchObject({ code: 'database-away' });
  await away.end();
});

test('a case file holds the whole log under a name with the case number', async () => {
  const { id, number } = await openCase();
  const answer = await app().get(`/api/cases/${id}/file`).expect(200);
  expect(answer.headers['content-disposition']).toContain(`case-${String(number).padStart(4, '0')}.json`);
  expect(answer.body).toMatchObject({
    format: 'jovial-probe/case',
    version: 2,
    events: [{ kind: 'case-opened', v: 3 }],
  });
});
