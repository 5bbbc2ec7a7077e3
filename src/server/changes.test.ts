import { get, type IncomingMessage } from 'node:http';
import type { AddressInfo } from 'node:net';
import type { Express } from 'express';
import { eventsOf } from '../core/casework/testing-log';
import { createChangeFeed } from './database/changes';
import { createTestServer, type TestServer } from './testing-server';

let server: TestServer;
beforeAll(async () => {
  server = await createTestServer();
});
afterAll(() => server.close());

const stops: (() => void)[] = [];
afterEach(() => stops.splice(0).forEach((stop) => stop()));

/** A window that listens for changes: what it has received so far, and a promise of the next message. */
async function listen(app: Express, cookie: string) {
  const listening = app.listen(0, '127.0.0.1');
  await new Promise((resolve) => listening.once('listening', resolve));
  const { port } = listening.address() as AddressInfo;
  const answer = await new Promise<IncomingMessage>((resolve) =>
    get({ host: '127.0.0.1', port, path: '/api/changes', headers: { cookie } }, resolve),
  );
  stops.push(() => (answer.destroy(), listening.close()));
  let text = '';
  answer.setEncoding('utf8').on('data', (piece: string) => (text += piece));
  const until = async (words: string) => {
    for (let n = 0; n < 200 && !text.includes(words); n++) await new Promise((resolve) => setTimeout(resolve, 25));
    return text.includes(words);
  };
  let isOver = false;
  answer.on('end', () => (isOver = true));
  const untilOver = async () => {
    for (let n = 0; n < 200 && !isOver; n++) await new Promise((resolve) => setTimeout(resolve, 25));
    return isOver;
  };
  return { until, untilOver, status: answer.statusCode, said: () => text };
}

let next = 1;
const open = async (shop: 0 | 1 = 0) => {
  const id = `55555555-5555-4555-8555-${String(next++).padStart(12, '0')}`;
  await server
    .as('lead', shop)
    .post('/api/cases')
    .send({ id, events: eventsOf({}) })
    .expect(201);
  return id;
};
const cookieOf = (shop: 0 | 1 = 0) => server.cookie('lead', shop);

test('a second app server tells its windows of what was written through the first', async () => {
  const changes = createChangeFeed(server.databaseUrl, () => undefined);
  stops.push(() => void changes.close());
  const window = await listen(server.app({ changes }), cookieOf());
  expect(await window.until('event: ready')).toBe(true);
  const id = await open();
  expect(await window.until(`{"id":"${id}","sequence":1}`)).toBe(true);
});

test('another shop hears nothing of it', async () => {
  const theirs = await listen(server.app(), cookieOf(1));
  const ours = await listen(server.app(), cookieOf(0));
  const id = await open(0);
  expect(await ours.until(id)).toBe(true);
  expect(theirs.said()).not.toContain(id);
});

test('when the listening connection is cut it is taken up again, and windows are told that they may have missed something', async () => {
  const window = await listen(server.app(), cookieOf());
  await window.until('event: ready');
  await server.pool.query(
    "SELECT pg_terminate_backend(pid) FROM pg_stat_activity WHERE application_name = 'probe changes' AND datname = current_database()",
  );
  expect(await window.until('event: gap')).toBe(true);
  const id = await open();
  expect(await window.until(id)).toBe(true);
});

test('an entry that was refused is not announced', async () => {
  const window = await listen(server.app(), cookieOf());
  await window.until('event: ready');
  const id = await open();
  await server
    .as()
    .post(`/api/cases/${id}/events`)
    .send({ expectedSequence: 5, events: [{}] })
    .expect(422);
  await open();
  await window.until('"sequence":1}\n\nevent: case');
  expect(window.said()).not.toContain('"sequence":2');
});

test('the windows of somebody whose account was closed hear no more', async () => {
  const app = server.app();
  const theirs = await listen(app, server.cookie('trainee'));
  const ours = await listen(app, server.cookie('technician'));
  expect(await theirs.until('event: ready')).toBe(true);
  await server
    .as('lead')
    .put(`/api/people/${server.personId('trainee')}`)
    .send({ isActive: false })
    .expect(204);
  expect(await theirs.untilOver()).toBe(true);
  const id = await open();
  expect(await ours.until(id)).toBe(true);
  expect(theirs.said()).not.toContain(id);
});

test('who leaves while the session is being looked up counts no longer', async () => {
  const listening = server.app().listen(0, '127.0.0.1');
  await new Promise((resolve) => listening.once('listening', resolve));
  const { port } = listening.address() as AddressInfo;
  for (let n = 0; n < 60; n++)
    await new Promise<void>((resolve) => {
      const asked = get({
        host: '127.0.0.1',
        port,
        path: '/api/changes',
        headers: { cookie: cookieOf() },
        agent: false,
      });
      asked.on('error', () => resolve());
      asked.on('response', (answer) => answer.destroy());
      asked.on('close', () => resolve());
      // By chance before, while and after the session is found.
      setTimeout(() => asked.destroy(), n % 6);
    });
  await new Promise((resolve) => setTimeout(resolve, 200));
  const last = await new Promise<IncomingMessage>((resolve) =>
    get({ host: '127.0.0.1', port, path: '/api/changes', headers: { cookie: cookieOf() } }, resolve),
  );
  expect(last.statusCode).toBe(200);
  last.destroy();
  listening.close();
});

test('who leaves before an answer counts no longer among the requests of one person at once', async () => {
  const listening = server.app().listen(0, '127.0.0.1');
  await new Promise((resolve) => listening.once('listening', resolve));
  const { port } = listening.address() as AddressInfo;
  const ask = (leaveAfterMs: number) =>
    new Promise<void>((resolve) => {
      const asked = get({ host: '127.0.0.1', port, path: '/api/cases', headers: { cookie: cookieOf() }, agent: false });
      asked.on('error', () => resolve());
      asked.on('close', () => resolve());
      setTimeout(() => asked.destroy(), leaveAfterMs);
    });
  for (let round = 0; round < 12; round++) await Promise.all(Array.from({ length: 10 }, (_, n) => ask(n % 5)));
  await new Promise((resolve) => setTimeout(resolve, 200));
  const last = await new Promise<IncomingMessage>((resolve) =>
    get({ host: '127.0.0.1', port, path: '/api/cases', headers: { cookie: cookieOf() } }, resolve),
  );
  expect(last.statusCode).toBe(200);
  last.destroy();
  listening.close();
});
