import { connect, createServer, type AddressInfo, type Socket } from 'node:net';
import pg from 'pg';
import request from 'supertest';
import { eventId, eventsOf } from '../core/casework/testing-log';
import { createPool } from './database/pool';
import { createTestServer, type TestServer } from './testing-server';

let server: TestServer;
let owner: pg.Client;
beforeAll(async () => {
  server = await createTestServer();
  owner = new pg.Client({ connectionString: server.databaseUrl });
  owner.on('error', () => undefined);
  await owner.connect();
});
afterAll(async () => {
  await owner.end();
  await server.close();
});

const caseId = '66666666-6666-4666-8666-000000000001';
const note = (n: number) => ({ id: eventId(n), at: '2026-01-05T10:00:00Z', by: 'T', kind: 'note-added', text: `${n}` });
const append = (n: number) =>
  server
    .as('lead')
    .post(`/api/cases/${caseId}/events`)
    .send({ expectedSequence: n - 100, events: [note(n)] });

/** Ends every connection but the one that says so, as a restart of the database does. */
const cutAll = () =>
  owner.query(
    'SELECT pg_terminate_backend(pid) FROM pg_stat_activity WHERE pid <> pg_backend_pid() AND datname = current_database()',
  );

test('a connection that is cut in the middle of a request is answered with 503, and the next is served', async () => {
  await server
    .as('lead')
    .post('/api/cases')
    .send({ id: caseId, events: eventsOf({}) })
    .expect(201);
  // Somebody else holds the case, so that the request waits on a connection that is lent out.
  await owner.query('BEGIN');
  await owner.query('SELECT 1 FROM cases WHERE id = $1 FOR UPDATE', [caseId]);
  const waiting = append(101).then(({ status, body }) => ({ status, body: body as { code: string } }));
  const isWaiting = async () =>
    (
      await owner.query(
        "SELECT 1 FROM pg_stat_activity WHERE wait_event_type = 'Lock' AND datname = current_database()",
      )
    ).rowCount === 1;
  while (!(await isWaiting())) await new Promise((resolve) => setTimeout(resolve, 10));
  await cutAll();
  expect(await waiting).toMatchObject({ status: 503, body: { code: 'database-away' } });
  await owner.query('ROLLBACK');
  await append(101).expect(201);
});

test('idle connections that are cut are replaced without a word to those who ask', async () => {
  await Promise.all(Array.from({ length: 5 }, () => server.as('lead').get('/api/cases').expect(200)));
  await cutAll();
  // The pool hears of it a moment later; one request may still get a connection that is already dead.
  await new Promise((resolve) => setTimeout(resolve, 100));
  await server.as('lead').get('/api/cases').expect(200);
});

describe('a database that is frozen, not gone', () => {
  let isFrozen = false;
  const pairs = new Set<Socket>();
  /** Passes bytes on to the database until it is frozen: then it takes them and nothing comes back. */
  const proxy = createServer((client) => {
    const { hostname, port } = new URL(server.databaseUrl);
    const database = connect(Number(port), hostname);
    for (const socket of [client, database]) {
      pairs.add(socket);
      socket.on('error', () => undefined);
      socket.on('close', () => {
        client.destroy();
        database.destroy();
      });
    }
    client.on('data', (data) => !isFrozen && database.write(data));
    database.on('data', (data) => !isFrozen && client.write(data));
  });
  let pool: pg.Pool;
  beforeAll(async () => {
    await new Promise<void>((resolve) => proxy.listen(0, '127.0.0.1', resolve));
    const url = new URL(server.databaseUrl);
    url.port = String((proxy.address() as AddressInfo).port);
    pool = createPool(url.href, { onError: () => undefined, queryTimeoutMs: 400 });
  });
  afterAll(async () => {
    for (const socket of pairs) socket.destroy();
    await new Promise((resolve) => proxy.close(resolve));
    await pool.end();
  });
  const ask = (path: string) => request(server.app({ pool })).get(path).set('cookie', server.cookie('lead'));

  test('requests are answered with 503 in time, health among them, and served again once it moves', async () => {
    await ask('/api/cases').expect(200);
    isFrozen = true;
    const begin = Date.now();
    const [cases, health] = await Promise.all([ask('/api/cases'), ask('/api/health')]);
    expect(cases.status).toBe(503);
    expect(health.status).toBe(503);
    expect(health.body).toMatchObject({ database: 'down' });
    expect(Date.now() - begin).toBeLessThan(8000);
    isFrozen = false;
    await ask('/api/cases').expect(200);
    await ask('/api/health').expect(200);
  });

  test('health says so within three seconds even while the client would wait longer', async () => {
    const url = new URL(server.databaseUrl);
    url.port = String((proxy.address() as AddressInfo).port);
    const patient = createPool(url.href, { onError: () => undefined, queryTimeoutMs: 6000 });
    await patient.query('SELECT 1');
    isFrozen = true;
    const begin = Date.now();
    await request(server.app({ pool: patient }))
      .get('/api/health')
      .expect(503);
    expect(Date.now() - begin).toBeLessThan(3000);
    isFrozen = false;
    for (const socket of pairs) socket.destroy();
    await patient.end();
  });
});
