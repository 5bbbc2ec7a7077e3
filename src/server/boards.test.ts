import type pg from 'pg';
import { pino } from 'pino';
import request from 'supertest';
import type { BoardBookFile, BoardDetail } from '../contracts';
import { createApp } from './app';
import { createBoardService } from './board-service';
import { createCaseService } from './case-service';
import { inShop } from './database/in-shop';
import { createPool } from './database/pool';
import { ensureShop } from './repositories/shops';
import { createTestDatabase } from './testing-database';

const shop = '11111111-1111-4111-8111-111111111111';
const otherShop = '22222222-2222-4222-8222-222222222222';
const now = () => new Date('2026-01-05T12:00:00Z');
const id = '44444444-4444-4444-8444-444444444444';
const board: BoardBookFile = {
  format: 'jovial-probe/board',
  version: 1,
  model: 'Tern 4',
  setupKey: 'Delete',
  revisions: [{ revision: '1.1', processors: ['Kestrel 2'], releases: [{ version: 'R1', date: '2024-01-10' }] }],
};

let database: Awaited<ReturnType<typeof createTestDatabase>>;
let pool: pg.Pool;
const appOf = (shopId: string) =>
  createApp({
    pool,
    cases: createCaseService({ pool, shopId, now }),
    boards: createBoardService({ pool, shopId, now }),
    log: pino({ level: 'silent' }),
    version: '9.9.9',
    webRoot: null,
  });
const put = (body: unknown, { boardId = id, on = shop } = {}) =>
  request(appOf(on))
    .put(`/api/boards/${boardId}`)
    .send(body as object);
const read = async (boardId = id, on = shop) => request(appOf(on)).get(`/api/boards/${boardId}`);

beforeAll(async () => {
  database = await createTestDatabase();
  pool = createPool(database.url, { onError: () => undefined });
  for (const [shopId, name] of [
    [shop, 'One'],
    [otherShop, 'Two'],
  ] as const)
    await inShop(pool, shopId, (db) => ensureShop(db, { id: shopId, name }));
});
afterAll(async () => {
  await pool.end();
  await database.drop();
});

test('a board is written, read, listed with its versions, and given as a file', async () => {
  await put({ expectedEdition: 0, board }).expect(200);
  expect((await read()).body).toMatchObject({ id, edition: 1, board });
  const { body } = await request(appOf(shop)).get('/api/boards').expect(200);
  expect(body).toMatchObject({
    boards: [{ id, model: 'Tern 4', revisions: [{ revision: '1.1', versions: ['R1'] }], canFlashBare: false }],
  });
  const file = await request(appOf(shop)).get(`/api/boards/${id}/file`).expect(200);
  expect(file.headers['content-disposition']).toContain('board-tern-4.json');
  expect(file.body).toEqual(board);
});

test('the same writing twice is harmless; a stale one is refused and changes nothing', async () => {
  await put({ expectedEdition: 0, board }).expect(200);
  const mine = { ...board, setupKey: 'F2' };
  await put({ expectedEdition: 1, board: mine }).expect(200);
  const stale = await put({ expectedEdition: 1, board: { ...board, setupKey: 'F10' } }).expect(409);
  expect(stale.body).toMatchObject({ code: 'stale-board' });
  expect(((await read()).body as BoardDetail).board.setupKey).toBe('F2');
});

test('of two writers at once one wins and the other is told', async () => {
  const { edition } = (await read()).body as BoardDetail;
  const answers = await Promise.all(
    ['A', 'B'].map((setupKey) => put({ expectedEdition: edition, board: { ...board, setupKey } })),
  );
  expect(answers.map(({ status }) => status).sort()).toEqual([200, 409]);
});

test.each([
  [{ model: '' }, ['board', 'model']],
  [{ colour: 'green' }, ['board']],
  [
    { revisions: [{ revision: '1', processors: [], releases: [{ version: 'R1', date: 'yesterday' }] }] },
    ['board', 'revisions', 0, 'releases', 0, 'date'],
  ],
  [
    { headers: [{ name: 'F', purpose: 'p', rows: 1, columns: 2, pins: [{ row: 2, column: 1, label: 'x' }] }] },
    ['board', 'headers', 0, 'pins', 0],
  ],
])('%j is refused at its field', async (change, path) => {
  const { body } = await put(
    { expectedEdition: 0, board: { ...board, ...change } },
    {
      boardId: '55555555-5555-4555-8555-555555555555',
    },
  ).expect(422);
  expect((body as { fields: { path: unknown }[] }).fields[0]?.path).toEqual(path);
  expect((await read('55555555-5555-4555-8555-555555555555')).status).toBe(404);
});

test('another shop sees none of it, cannot change it and cannot take its id', async () => {
  expect((await request(appOf(otherShop)).get('/api/boards')).body).toEqual({ boards: [] });
  expect((await read(id, otherShop)).status).toBe(404);
  expect((await put({ expectedEdition: 0, board }, { on: otherShop })).body).toMatchObject({ code: 'board-id-taken' });
  await request(appOf(otherShop)).delete(`/api/boards/${id}`).expect(404);
  expect((await read()).status).toBe(200);
});

test('a board is taken out of the book, and a late writing of it does not bring it back', async () => {
  const { edition } = (await read()).body as BoardDetail;
  await request(appOf(shop)).delete(`/api/boards/${id}`).expect(204);
  await request(appOf(shop)).delete(`/api/boards/${id}`).expect(404);
  await put({ expectedEdition: edition, board }).expect(409);
  expect((await read()).status).toBe(404);
});
