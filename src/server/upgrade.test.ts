import { randomUUID } from 'node:crypto';
import { readdirSync } from 'node:fs';
import { join } from 'node:path';
import pg from 'pg';
import request from 'supertest';
import { readEvent, type CaseDetail, type CaseSummary } from '../contracts';
import { checkChain, foldStored } from '../core/casework';
import { inShop } from './database/in-shop';
import { insertPerson } from './repositories/people';
import { insertSession } from './repositories/sessions';
import { hashSecret, newSecret } from './services/secrets';
import { createTestServer, type TestServer } from './testing-server';

/** The data of every earlier release, as that release wrote it, is taken over whole. */

const folder = 'src/server/releases';
const releases = readdirSync(folder).filter((file) => file.endsWith('.sql.gz'));
const migrations = readdirSync('src/server/migrations');

test('there is a dump of every edition of the tables', () => {
  expect(releases).toHaveLength(migrations.length);
});

describe.each(releases)('%s', (file) => {
  let server: TestServer;
  let client: ReturnType<typeof request.agent>;
  let written: { cases: number; events: number; boards: number };

  beforeAll(async () => {
    server = await createTestServer({ release: join(folder, file) });
    const owner = new pg.Client({ connectionString: server.databaseUrl });
    await owner.connect();
    await owner.query('SET row_security = off');
    const { rows } = await owner.query<{ shop_id: string; cases: number; events: number; boards: number }>(
      `SELECT shop_id, count(*)::int AS cases,
         (SELECT count(*)::int FROM case_events e WHERE e.shop_id = c.shop_id) AS events,
         (SELECT count(*)::int FROM boards b WHERE b.shop_id = c.shop_id) AS boards
       FROM cases c GROUP BY shop_id`,
    );
    await owner.end();
    const [shop] = rows;
    if (!shop) throw new Error(`${file}: expected cases`);
    written = shop;
    const token = newSecret();
    await inShop(server.pool, shop.shop_id, async (db) => {
      const own = { id: randomUUID(), shopId: shop.shop_id, isActive: true, createdAt: server.now };
      await insertPerson(db, { ...own, login: 'upgrader', name: 'Upgrader', role: 'lead', passwordHash: 'none' });
      const at = { createdAt: server.now, seenAt: server.now };
      await insertSession(db, { tokenHash: hashSecret(token), shopId: shop.shop_id, personId: own.id, ...at });
    });
    client = request.agent(server.app()).set('cookie', `probe=${token}`);
  });
  afterAll(() => server.close());

  const listed = async (query: Record<string, string> = {}) =>
    ((await client.get('/api/cases').query(query).expect(200)).body as { cases: CaseSummary[] }).cases;
  const detailOf = async (id: string) => (await client.get(`/api/cases/${id}`).expect(200)).body as CaseDetail;

  test('every case is listed, its chain is whole, and its log can be read', async () => {
    const cases = await listed();
    expect(cases).toHaveLength(written.cases);
    const details = await Promise.all(cases.map(({ id }) => detailOf(id)));
    expect(details.reduce((sum, { events }) => sum + events.length, 0)).toBe(written.events);
    for (const { number, events } of details) {
      expect([number, checkChain(events).ok]).toEqual([number, true]);
      const folded = foldStored(events.map(({ event }) => readEvent(event)));
      expect([number, folded.ok && folded.state.entries.filter(({ unread }) => unread).length]).toEqual([number, 0]);
    }
  });

  test('it is found by its words, and goes on', async () => {
    const [first] = await listed();
    if (!first) throw new Error('expected a case');
    expect((await listed({ search: first.machine })).map(({ id }) => id)).toContain(first.id);
    const { events } = await detailOf(first.id);
    const note = { kind: 'note-added', id: randomUUID(), at: '2026-01-05T12:00:00Z', by: 'Upgrader', text: 'Goes on' };
    await client
      .post(`/api/cases/${first.id}/events`)
      .send({ expectedSequence: events.length, events: [note] })
      .expect(201);
    expect(checkChain((await detailOf(first.id)).events)).toMatchObject({ ok: true, length: events.length + 1 });
  });

  test('the board book is there as it was', async () => {
    const { boards } = (await client.get('/api/boards').expect(200)).body as { boards: unknown[] };
    expect(boards).toHaveLength(written.boards);
  });
});
