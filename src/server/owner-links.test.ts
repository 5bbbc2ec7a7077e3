import { randomUUID } from 'node:crypto';
import request from 'supertest';
import { eventsOf } from '../core/casework/testing-log';
import type { CaseDetail, OwnerLink, OwnerView } from '../contracts';
import { createTestServer, type TestServer } from './testing-server';

let server: TestServer;
beforeAll(async () => {
  server = await createTestServer();
});
afterAll(() => server.close());

const owner = 'Alva of the harbour';
const day = 24 * 3_600_000;

async function openCase() {
  const id = randomUUID();
  const events = eventsOf({ reported: 'dead' }).map((event) => ({ ...event, owner }));
  const { body } = await server.as().post('/api/cases').send({ id, events, contact: '555 0199' }).expect(201);
  let sequence = (body as CaseDetail).events.length;
  const write = async (event: object) => {
    const entry = { ...event, id: randomUUID(), by: 'Test', at: '2026-01-05T11:00:00Z' };
    await server
      .as()
      .post(`/api/cases/${id}/events`)
      .send({ expectedSequence: sequence, events: [entry] })
      .expect(201);
    sequence += 1;
    return entry.id;
  };
  return { id, write, answered: () => (sequence += 1) };
}
const makeLink = async (id: string, days = 30) =>
  ((await server.as().post(`/api/cases/${id}/owner-links`).send({ days }).expect(201)).body as { token: string }).token;
const links = async (id: string) =>
  ((await server.as().get(`/api/cases/${id}/owner-links`).expect(200)).body as { links: OwnerLink[] }).links;
/** Somebody without an account. */
const door = (path: string, body: object, app = server.app()) => request(app).post(`/api/owner/${path}`).send(body);
const look = async (token: string) => (await door('look', { token }).expect(200)).body as OwnerView;

test('without an account the owner sees where it stands, and nothing that names a person', async () => {
  const { id, write } = await openCase();
  const token = await makeLink(id);
  expect(token).toMatch(/^[\w-]{43}$/);
  expect(await look(token)).toMatchObject({
    shop: 'Shop one',
    machine: 'Test machine',
    state: 'We have it. Its turn has not come yet.',
    estimate: null,
    hasSheet: false,
  });
  await write({ kind: 'case-parked', waitingFor: 'a supply', until: '2026-02-01T10:00:00Z' });
  const parked = await look(token);
  expect(parked).toMatchObject({ state: 'It waits for a supply.', waitingUntil: '2026-02-01T10:00:00Z' });
  for (const secret of [owner, '555 0199', id, 'The lead']) expect(JSON.stringify(parked)).not.toContain(secret);
  expect(await links(id)).toMatchObject([{ by: 'The lead', seenAt: server.now.toISOString() }]);
});

test('an estimate is accepted once, and what was accepted may then be spent', async () => {
  const { id, write } = await openCase();
  const token = await makeLink(id);
  const writtenBefore = (
    (await server.as().get('/api/audit').query({ action: 'case-written' })).body as { entries: unknown[] }
  ).entries.length;
  const estimate = await write({ kind: 'estimate-given', low: '40', high: '120', words: 'A supply, most likely' });
  expect(await look(token)).toMatchObject({ estimate: { id: estimate, low: '40', high: '120', answer: null } });
  // What the shop writes meanwhile does no harm.
  await write({ kind: 'note-added', text: 'Ordered' });
  const answer = { token, estimate, isAccepted: true, words: 'Please go on' };
  const { body } = await door('answer', answer).expect(200);
  expect(body).toMatchObject({ estimate: { answer: { isAccepted: true } } });
  await door('answer', answer).expect(409);
  const detail = (await server.as().get(`/api/cases/${id}`).expect(200)).body as CaseDetail;
  expect(detail.events.at(-1)?.event).toMatchObject({
    kind: 'consent-noted',
    to: 'over-limit',
    isAgreed: true,
    way: 'in-writing',
    upTo: 120,
    answers: estimate,
    by: 'The owner, by link',
    words: 'Accepts the estimate of 40 to 120 EUR, by the link of The lead. Please go on',
  });
  const audit = await server.as().get('/api/audit').query({ action: 'link-answered' }).expect(200);
  expect((audit.body as { entries: unknown[] }).entries).toMatchObject([{ person: null, detail: { entries: 1 } }]);
  // The estimate and the note are the lead's; the answer is nobody's of the shop.
  const written = await server.as().get('/api/audit').query({ action: 'case-written' }).expect(200);
  expect((written.body as { entries: unknown[] }).entries).toHaveLength(writtenBefore + 2);
});

test('a newer estimate asks again, and the old one cannot be answered any more', async () => {
  const { id, write, answered } = await openCase();
  const token = await makeLink(id);
  const first = await write({ kind: 'estimate-given', low: '40', high: '120' });
  const second = await write({ kind: 'estimate-given', low: '80', high: '200' });
  const old = await door('answer', { token, estimate: first, isAccepted: true });
  expect([old.status, (old.body as { code: string }).code]).toEqual([409, 'other-estimate']);
  await door('answer', { token, estimate: second, isAccepted: false }).expect(200);
  answered();
  expect((await look(token)).estimate?.answer).toMatchObject({ isAccepted: false });
  await write({ kind: 'estimate-given', low: '60', high: '90' });
  expect((await look(token)).estimate?.answer).toBeNull();
});

test('the sheet is there once the case is closed, and only then', async () => {
  const { id, write } = await openCase();
  const token = await makeLink(id);
  await door('sheet', { token }).expect(409);
  await write({ kind: 'case-closed', ending: 'repaired', fault: null, cause: 'A worn lead', done: 'Fitted another' });
  expect(await look(token)).toMatchObject({ state: 'It is repaired and ready.', hasSheet: true, isOpen: false });
  const sheet = await door('sheet', { token }).expect(200);
  expect(sheet.headers['content-type']).toBe('application/pdf');
});

test('a link ends: taken back, too old, or with the owner’s data', async () => {
  const { id } = await openCase();
  const [revoked, kept] = [await makeLink(id), await makeLink(id, 7)];
  const [, first] = await links(id);
  await server.as().delete(`/api/cases/${id}/owner-links/${first?.id}`).expect(204);
  await server.as().delete(`/api/cases/${id}/owner-links/${first?.id}`).expect(404);
  const gone = [revoked, kept].map((token) => door('look', { token }).then(({ status }) => status));
  expect((await Promise.all(gone)).sort()).toEqual([200, 404]);
  const before = server.now;
  const last = await makeLink(id, 90);
  server.now = new Date(before.getTime() + 8 * day);
  await door('look', { token: kept }).expect(404);
  await door('look', { token: last }).expect(200);
  server.now = before;
  await server.as().post('/api/owners/erase').send({ name: owner }).expect(200);
  await door('look', { token: last }).expect(404);
});

test('guessing has to wait longer and longer, and asking too often too', async () => {
  const { id } = await openCase();
  const token = await makeLink(id);
  const app = server.app();
  const statuses: number[] = [];
  for (let n = 0; n < 30; n++)
    statuses.push((await door('look', { token: `${'x'.repeat(41)}${String(n).padStart(2, '0')}` }, app)).status);
  expect(statuses.slice(0, 20)).toEqual(new Array(20).fill(404));
  expect(statuses.at(-1)).toBe(429);
  const other = server.app();
  server.now = new Date(server.now.getTime() + day);
  const often: number[] = [];
  for (let n = 0; n < 65; n++) often.push((await door('look', { token }, other)).status);
  expect([often[0], often.at(-1)]).toEqual([200, 429]);
});
