import type pg from 'pg';
import { boardBookFileSchema, readEvent } from '../src/contracts';
import { createAttachmentService } from '../src/server/services/attachment-service';
import { createBoardService } from '../src/server/services/board-service';
import { createCaseService, type CaseService } from '../src/server/services/case-service';
import { inShop } from '../src/server/database/in-shop';
import { createPool } from '../src/server/database/pool';
import { ensureShop } from '../src/server/repositories/shops';
import { createShelfService } from '../src/server/services/shelf-service';
import { createTestDatabase } from '../src/server/testing-database';
import { demoCases } from './cases';
import { demoId, trial } from './demo-case';
import { demoBoards } from './boards';
import { loadDemo, loadDemoBoards, loadDemoShelf } from './load-demo';
import { loadDemoPhotos } from './load-photos';
import { demoSpareId, demoSpares } from './shelf';
import { demoShop } from './people';

const now = new Date('2026-01-05T12:00:00Z');
let database: Awaited<ReturnType<typeof createTestDatabase>>;
let pool: pg.Pool;
let cases: CaseService;

beforeAll(async () => {
  database = await createTestDatabase();
  pool = createPool(database.url, { onError: () => undefined });
  await inShop(pool, demoShop.id, (db) => ensureShop(db, demoShop));
  cases = createCaseService({ pool, shopId: demoShop.id, actor: null, now: () => now });
});
afterAll(async () => {
  await pool.end();
  await database.drop();
});

const lengths = async () =>
  Promise.all(demoCases.map(async ({ key }) => (await cases.read(demoId(key))).events.length));

test('the demo is loaded once, and a later start neither doubles nor resets it', async () => {
  expect(await loadDemo(cases, now)).toBe(demoCases.length);
  const before = await lengths();
  const id = demoId('06');
  await cases.append(id, {
    expectedSequence: 1,
    events: [{ kind: 'note-added', id: demoId('06', 99), at: now.toISOString(), by: 'Ebbe', text: 'Mine' }],
  });
  expect(await loadDemo(cases, new Date('2026-02-01T12:00:00Z'))).toBe(0);
  expect(await lengths()).toEqual(before.map((length, i) => (demoCases[i]?.key === '06' ? length + 1 : length)));
});

test('a demo that has changed since leaves the cases that are there alone, and adds what is new', async () => {
  const [first, ...others] = demoCases;
  if (!first) throw new Error('expected a demo case');
  const before = await lengths();
  const changed = { ...first, entries: [trial(1, 'start', 'blank'), ...first.entries] };
  const added = { ...first, key: '77' };
  expect(await loadDemo(cases, now, [changed, ...others, added])).toBe(1);
  expect(await lengths()).toEqual(before);
});

test('the demo boards fit the schema of board files and are loaded once', async () => {
  const boards = createBoardService({ pool, shopId: demoShop.id, actor: null, now: () => now });
  expect(await loadDemoBoards(boards)).toBe(Object.keys(demoBoards).length);
  for (const board of Object.values(demoBoards))
    expect(boardBookFileSchema.safeParse(board)).toMatchObject({ success: true });
  expect(await loadDemoBoards(boards)).toBe(0);
});

test('the demo shelf is loaded once; the demo cases move its spares', async () => {
  // The cases first brought out what was not on the list: they are loaded once more, as the program does it.
  const shelf = createShelfService({
    pool,
    shopId: demoShop.id,
    actor: null,
    now: () => new Date('2025-12-01T12:00:00Z'),
  });
  expect(await loadDemoShelf(shelf)).toBe(Object.keys(demoSpares).length);
  expect(await loadDemoShelf(shelf)).toBe(0);
  const again = demoCases
    .filter(({ key }) => key === '03' || key === '08')
    .map((demo) => ({ ...demo, key: `9${demo.key[1] ?? ''}` }));
  expect(await loadDemo(cases, now, again)).toBe(2);
  const { items } = await shelf.list();
  expect(items.filter(({ lent }) => lent).map(({ id }) => id)).toEqual([demoSpareId('02')]);
  expect(items.find(({ id }) => id === demoSpareId('10'))).toMatchObject({
    standing: 'good',
    standingCase: { number: expect.any(Number) as number },
    lent: null,
  });
});

test('the photos of the demo are there, each as its log says, and small enough for a page', async () => {
  const attachments = createAttachmentService({ pool, shopId: demoShop.id, now: () => now });
  await loadDemoPhotos(attachments, cases);
  const { events } = await cases.read(demoId('08'));
  const files = events.flatMap(({ event }) => {
    const read = readEvent(event);
    return read.kind === 'file-attached' ? [read.file] : [];
  });
  expect(files).toHaveLength(3);
  for (const file of files) {
    const { file: stored } = await attachments.read(demoId('08'), file);
    expect([stored.width, stored.height, stored.bytes < 60_000]).toEqual([1200, 900, true]);
  }
});
