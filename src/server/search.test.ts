import { cpSync, mkdtempSync, readdirSync } from 'node:fs';
import { tmpdir } from 'node:os';
import { join } from 'node:path';
import pg from 'pg';
import { eventsOf } from '../core/casework/testing-log';
import type { CaseDetail, CaseList } from '../contracts';
import { migrate } from './database/migrate';
import { inShop } from './database/in-shop';
import { caseListSize } from './repositories/case-list';
import { createTestDatabase } from './testing-database';
import { createTestServer, testShops, type TestServer } from './testing-server';

let server: TestServer;
beforeAll(async () => {
  server = await createTestServer();
});
afterAll(() => server.close());

let last = 0;
const newId = () => `99999999-9999-4999-8999-${String(++last).padStart(12, '0')}`;

async function open(machine: string, owner: string, complaint: string, shop: 0 | 1 = 0): Promise<CaseDetail> {
  const events = eventsOf({ machine: { name: machine } }).map((event) => ({ ...event, owner, complaint }));
  const answer = await server.as('lead', shop).post('/api/cases').send({ id: newId(), events }).expect(201);
  return answer.body as CaseDetail;
}
const list = async (query: object, shop: 0 | 1 = 0) =>
  (await server.as('lead', shop).get('/api/cases').query(query).expect(200)).body as CaseList;
const found = async (search: string, shop: 0 | 1 = 0) =>
  (await list({ search }, shop)).cases.map(({ machine }) => machine);

describe('a search', () => {
  beforeAll(async () => {
    await open('Kiln clerk', 'Øyvind Brask', 'Dead since Friday: no fan, no light.');
    await open('Net loft', "Tove O'Hara", 'Beeps, then a dark picture');
    await open('Kiln clerk', 'Someone else', 'Belongs to another shop', 1);
  });

  test.each([
    ['kiln', ['Kiln clerk']],
    ['KIL brask', ['Kiln clerk']],
    ['øyv', ['Kiln clerk']],
    ['friday no', ['Kiln clerk']],
    ["o'hara", ['Net loft']],
    ['kiln hara', []],
    ['ark', []],
    ['%', ['Net loft', 'Kiln clerk']],
    ['  ', ['Net loft', 'Kiln clerk']],
  ])('of "%s" finds the cases in which each of its words begins a word', async (search, machines) => {
    expect(new Set(await found(search))).toEqual(new Set(machines));
  });

  test('of a number gives that case first, then those that say it', async () => {
    const { number } = await open('Oar bench', 'Ask', 'Plain');
    const says = `Says ${number}`;
    await open(says, 'Ask', 'Plain');
    for (const search of [String(number), `#${String(number).padStart(4, '0')}`])
      expect((await found(search))[0]).toBe('Oar bench');
    expect(await found(String(number))).toContain(says);
    expect((await list({ search: String(number), stage: 'closed' })).cases).toEqual([]);
  });

  test('no longer finds an owner who was erased', async () => {
    await open('Sail loft', 'Vanja Erased', 'Dead');
    expect(await found('vanja')).toEqual(['Sail loft']);
    await server.as('lead').post('/api/owners/erase').send({ name: 'vanja erased' }).expect(200);
    expect(await found('vanja')).toEqual([]);
    expect(await found('sail')).toEqual(['Sail loft']);
    const { rows } = await inShop(server.pool, testShops[0].id, (db) =>
      db.query("SELECT 1 FROM case_words WHERE word = 'vanja'"),
    );
    expect(rows).toEqual([]);
  });
});

test('of very many cases the newest are shown, and a rare word among common ones is found', async () => {
  await inShop(server.pool, testShops[1].id, (db) =>
    db.query(
      `INSERT INTO cases (id, shop_id, number, machine, owner, complaint, stage, trials, last_sequence, opened_at, updated_at)
       SELECT gen_random_uuid(), current_shop(), 1000 + n, 'Common machine ' || n,
         CASE WHEN n <= 2100 THEN 'Alder' ELSE 'Birch' END, CASE WHEN n <= 2095 THEN 'Lamp' ELSE 'Kettle' END, 'closed', 0, 1,
         timestamptz '2026-01-01' + n * interval '1 s', timestamptz '2026-01-01' + n * interval '1 s'
       FROM generate_series(1, 4200) n`,
    ),
  );
  const all = await list({ search: 'common mach' }, 1);
  expect(all.cases).toHaveLength(caseListSize);
  expect(all.hasMore).toBe(true);
  expect(all.cases[0]?.machine).toBe('Common machine 4200');
  expect((await list({ search: 'alder' }, 1)).cases[0]?.machine).toBe('Common machine 2100');
  expect(await found('common 2499', 1)).toEqual(['Common machine 2499']);
  // Each of them very often, together hardly ever.
  expect(await found('alder kettle', 1)).toEqual([2100, 2099, 2098, 2097, 2096].map((n) => `Common machine ${n}`));
  expect(await found('birch lamp', 1)).toEqual([]);
  expect(await list({ search: 'common kiln' }, 1)).toEqual({ cases: [], hasMore: false });
  // What is open comes before what is closed, however old.
  expect((await list({}, 1)).cases[0]?.complaint).toBe('Belongs to another shop');
});

test('cases of every shop that were there before the search are found after the update', async () => {
  const database = await createTestDatabase({ isEmpty: true });
  const before = mkdtempSync(join(tmpdir(), 'migrations-'));
  const folder = 'src/server/migrations';
  for (const name of readdirSync(folder)) if (name < '0005') cpSync(join(folder, name), join(before, name));
  await migrate(database.url, before);
  const client = new pg.Client({ connectionString: database.url });
  await client.connect();
  for (const [n, { id, name }] of testShops.entries()) {
    await client.query('INSERT INTO shops (id, name) VALUES ($1, $2)', [id, name]);
    await client.query(
      `INSERT INTO cases (id, shop_id, number, machine, owner, complaint, stage, trials, last_sequence, opened_at, updated_at)
       VALUES ($1, $2, 1, 'Old', $3, 'Dead', 'closed', 0, 1, now(), now())`,
      [newId(), id, `Owner${n}`],
    );
  }
  await migrate(database.url, folder);
  const { rows } = await client.query<{ word: string }>('SELECT word FROM case_words ORDER BY word');
  await client.end();
  await database.drop();
  expect(rows.map(({ word }) => word)).toEqual(['dead', 'dead', 'old', 'old', 'owner0', 'owner1']);
});
