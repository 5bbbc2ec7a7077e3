import { execFileSync } from 'node:child_process';
import { mkdtempSync, writeFileSync } from 'node:fs';
import { tmpdir } from 'node:os';
import { join } from 'node:path';
import { randomUUID } from 'node:crypto';
import jsQR from 'jsqr';
import type { EventBody } from '../core/casework';
import { eventsOf } from '../core/casework/testing-log';
import type { CaseList, Shelf, ShelfItem } from '../contracts';
import { inShop } from './database/in-shop';
import { noOutlook, saveOutlook } from './repositories/outlooks';
import { createTestServer, testShops, type TestServer } from './testing-server';

let server: TestServer;
beforeAll(async () => {
  server = await createTestServer();
});
afterAll(() => server.close());

const supply = { kind: 'supply', name: 'Bench supply', make: 'Whelk', serial: 'W-77', rating: '650 W', paid: '49.90' };

async function onShelf(part: object = supply, standing = 'good'): Promise<string> {
  const id = randomUUID();
  server.now = new Date('2026-01-05T12:00:00Z');
  await server.as().put(`/api/shelf/${id}`).send({ expectedEdition: 0, part, standing }).expect(200);
  return id;
}
const item = async (id: string) => (await server.as().get(`/api/shelf/${id}`).expect(200)).body as ShelfItem;
const list = async () => (await server.as().get('/api/shelf').expect(200)).body as Shelf;

/** A case, and what is written into it one after the other. */
async function openCase() {
  server.now = new Date('2026-01-05T20:00:00Z');
  const id = randomUUID();
  await server
    .as()
    .post('/api/cases')
    .send({ id, events: eventsOf({ reported: 'dead' }) })
    .expect(201);
  let sequence = 1;
  let minute = 0;
  const write = async (body: EventBody, { at, status = 201 }: { at?: string; status?: number } = {}) => {
    const eventId = randomUUID();
    minute += 1;
    const event = {
      ...body,
      id: eventId,
      by: 'Test',
      at: at ?? `2026-01-05T12:${String(minute).padStart(2, '0')}:00Z`,
    };
    const answer = await server
      .as()
      .post(`/api/cases/${id}/events`)
      .send({ expectedSequence: sequence, events: [event] });
    expect([answer.status, answer.text.slice(0, answer.status === status ? 0 : 400)]).toEqual([status, '']);
    if (status === 201) sequence += 1;
    return { eventId, answer };
  };
  return { id, write };
}
const lend = (id: string): EventBody => ({ kind: 'part-lent', item: id, name: supply.name, part: 'supply' });

test('a spare is written under the next number, read and changed; a stale writing is refused', async () => {
  const [a, b] = [await onShelf(), await onShelf()];
  const [first, second] = [await item(a), await item(b)];
  expect(second.number).toBe(first.number + 1);
  expect(first).toMatchObject({ part: supply, standing: 'good', standingCase: null, lent: null, edition: 1 });
  const put = (expectedEdition: number, standing: string) =>
    server.as().put(`/api/shelf/${a}`).send({ expectedEdition, part: supply, standing });
  await put(1, 'failed').expect(200);
  await put(1, 'failed').expect(200);
  await put(1, 'untested').expect(409);
  expect((await item(a)).standing).toBe('failed');
});

test.each([
  [{ ...supply, paid: '12.345' }, ['part', 'paid']],
  [{ ...supply, kind: 'sofa' }, ['part', 'kind']],
  [{ ...supply, name: ' ' }, ['part', 'name']],
  [{ ...supply, warrantyUntil: 'next year' }, ['part', 'warrantyUntil']],
])('%o is refused at its field', async (part, path) => {
  const { body } = await server
    .as()
    .put(`/api/shelf/${randomUUID()}`)
    .send({ expectedEdition: 0, part, standing: 'good' });
  expect((body as { fields: { path: unknown }[] }).fields[0]?.path).toEqual(path);
});

test('a spare that is lent is out for the case; one that failed is good no more until a test of another case shows it', async () => {
  const id = await onShelf();
  const first = await openCase();
  await first.write(lend(id));
  const { number } = (await server.as().get(`/api/cases/${first.id}`)).body as { number: number };
  expect((await item(id)).lent).toMatchObject({ caseId: first.id, caseNumber: number });
  await server.as().delete(`/api/shelf/${id}`).expect(409);
  await first.write(lend(id), { status: 422 });

  await first.write({ kind: 'part-home', item: id, result: 'failed' });
  expect(await item(id)).toMatchObject({ lent: null, standing: 'failed', standingCase: { id: first.id, number } });
  const second = await openCase();
  await second.write(lend(id), { at: '2026-01-05T14:00:00Z' });
  await second.write({ kind: 'part-home', item: id, result: 'worked' }, { at: '2026-01-05T15:00:00Z' });
  expect(await item(id)).toMatchObject({ standing: 'good', standingCase: { id: second.id }, lent: null });
  // What is told later of an earlier hour changes nothing of what is known since.
  const third = await openCase();
  await third.write(lend(id), { at: '2026-01-05T12:30:00Z' });
  await third.write({ kind: 'part-home', item: id, result: 'failed' }, { at: '2026-01-05T12:40:00Z' });
  expect((await item(id)).standing).toBe('good');
});

test('what is crossed out in the case is taken back on the shelf', async () => {
  const id = await onShelf();
  const { write } = await openCase();
  const { eventId: lent } = await write(lend(id));
  await write({ kind: 'entry-struck', entry: lent, reason: 'Another one' });
  expect((await item(id)).lent).toBeNull();
  await write(lend(id));
  const { eventId: home } = await write({ kind: 'part-home', item: id, result: 'failed' });
  expect((await item(id)).standing).toBe('failed');
  await write({ kind: 'entry-struck', entry: home, reason: 'It was the cord' });
  const back = await item(id);
  expect([back.standing, back.lent !== null]).toEqual(['untested', true]);
});

test('a spare that two cases say they took is where it was taken last, whatever the other writes afterwards', async () => {
  const id = await onShelf();
  const [first, second] = [await openCase(), await openCase()];
  await first.write(lend(id), { at: '2026-01-05T13:00:00Z' });
  await second.write(lend(id), { at: '2026-01-05T14:00:00Z' });
  expect((await item(id)).lent?.caseId).toBe(second.id);
  const other = await onShelf();
  await first.write(lend(other), { at: '2026-01-05T15:00:00Z' });
  expect((await item(id)).lent?.caseId).toBe(second.id);
  expect((await item(other)).lent?.caseId).toBe(first.id);
});

test('a part that goes back to its seller after the case was closed is noted there', async () => {
  const { write } = await openCase();
  await write({ kind: 'case-closed', ending: 'returned', fault: null, cause: 'Unknown', done: 'Given back' });
  await write({ kind: 'part-moved', way: 'to-seller', name: 'Supply', part: 'supply', serial: 'K-1' });
  await write({ kind: 'note-added', text: 'Sent' });
});

test('a case closes over no spare unless it is written as still lent, and takes it home afterwards', async () => {
  const id = await onShelf();
  const { write } = await openCase();
  await write(lend(id));
  const closing = {
    kind: 'case-closed',
    ending: 'returned',
    fault: null,
    cause: 'Unknown',
    done: 'Given back',
  } as const;
  const { answer } = await write(closing, { status: 422 });
  expect(answer.body).toMatchObject({ code: 'spare-out' });
  await write({ ...closing, stillLent: [id] });
  expect((await item(id)).lent).not.toBeNull();
  await write({ kind: 'part-home', item: id, result: 'not-tested' });
  expect(await item(id)).toMatchObject({ lent: null, standing: 'good' });
});

test('only a shop that keeps its list complete lacks what is not on it', async () => {
  const card = await onShelf({ kind: 'card', name: 'Plain card' });
  expect((await list()).lacks).toEqual([]);
  await server.as().put('/api/shop/settings').send({ keepsShelf: true }).expect(200);
  const { lacks } = await list();
  expect([lacks.includes('card'), lacks.includes('monitor')]).toEqual([false, true]);
  const { id, write } = await openCase();
  await inShop(server.pool, testShops[0].id, (db) =>
    saveOutlook(db, { caseId: id, sequence: 1, outlook: { ...noOutlook, nextTest: 'Swap in a known-good card' } }),
  );
  const nextTest = async () => {
    const { body } = await server.as().get('/api/cases').expect(200);
    return (body as CaseList).cases.find((one) => one.id === id)?.outlook?.nextTest;
  };
  await server
    .as()
    .put(`/api/shelf/${card}`)
    .send({ expectedEdition: 1, part: { kind: 'card', name: 'Card' }, standing: 'good' });
  expect(await nextTest()).toBe('Swap in a known-good card');
  await write({ kind: 'part-lent', item: card, name: 'Plain card', part: 'supply' });
  expect((await list()).lacks).toContain('card');
  const { rows } = await inShop(server.pool, testShops[0].id, (db) => db.query('SELECT 1 FROM case_outlooks'));
  expect(rows).toEqual([]);
});

/** What the code on the first page of a PDF says, as a camera reads it. */
function codeOn(file: string): string | null {
  const pgm = execFileSync('pdftoppm', ['-gray', '-r', '150', '-singlefile', file], { maxBuffer: 2 ** 26 });
  const [, width = '', height = ''] = /^P5\s+(\d+)\s+(\d+)\s+255\s/.exec(pgm.subarray(0, 40).toString('latin1')) ?? [];
  const dots = pgm.subarray(pgm.length - Number(width) * Number(height));
  const rgba = Uint8ClampedArray.from({ length: 4 * dots.length }, (_, i) => (i % 4 === 3 ? 255 : (dots[i >> 2] ?? 0)));
  return jsQR(rgba, Number(width), Number(height))?.data ?? null;
}

test('labels name the spare, and their codes open it', async () => {
  const ids = [await onShelf(), await onShelf({ kind: 'card', name: 'Plain card' })];
  const { body } = await server
    .as()
    .get('/api/shelf/labels.pdf')
    .query({ items: ids.join(',') })
    .buffer(true)
    .expect(200);
  const file = join(mkdtempSync(join(tmpdir(), 'labels-')), 'labels.pdf');
  writeFileSync(file, body as Buffer);
  const text = execFileSync('pdftotext', ['-layout', file, '-'], { encoding: 'utf8' });
  const { number } = await item(ids[0] ?? '');
  expect(text).toContain(`S-${String(number).padStart(4, '0')}`);
  expect(text).toContain('Bench supply');
  expect(text).toContain('Plain card');
  await server.as().get('/api/shelf/labels.pdf').query({ items: 'all' }).expect(422);
  const one = await server.as().get('/api/shelf/labels.pdf').query({ items: ids[1] }).buffer(true).expect(200);
  writeFileSync(file, one.body as Buffer);
  expect(codeOn(file)).toMatch(new RegExp(`^http://127\\.0\\.0\\.1:\\d+/shelf/${ids[1] ?? ''}$`));
});
