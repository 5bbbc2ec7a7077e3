import { checkChain, ERASED_OWNER } from '../core/casework';
import { eventsOf } from '../core/casework/testing-log';
import type { AuditEntry, CaseDetail, CaseFile } from '../contracts';
import { fullBoard } from '../contracts/testing-board';
import { inShop } from './database/in-shop';
import { createTestServer, testShops, type TestServer } from './testing-server';

let server: TestServer;
beforeAll(async () => {
  server = await createTestServer();
});
afterAll(() => server.close());

let next = 1;
const newId = () => `66666666-6666-4666-8666-${String(next++).padStart(12, '0')}`;
const audit = async (query: object = {}) =>
  (await server.as('lead').get('/api/audit').query(query).expect(200)).body as {
    entries: AuditEntry[];
    hasMore: boolean;
  };
const openFor = async (owner: string, contact?: string) => {
  const id = newId();
  const events = eventsOf({ reported: 'dead' }).map((event) => ({ ...event, owner }));
  await server
    .as('technician')
    .post('/api/cases')
    .send({ id, events, ...(contact ? { contact } : {}) })
    .expect(201);
  return id;
};

test('opening, writing, reading and taking out of the shop stand in the audit with who and what', async () => {
  const id = await openFor('Ferry office');
  const note = { kind: 'note-added', id: newId(), at: '2026-01-05T10:00:00Z', by: 'T', text: 'x' };
  await server
    .as('trainee')
    .post(`/api/cases/${id}/events`)
    .send({ expectedSequence: 1, events: [note] });
  await server.as('reader').get(`/api/cases/${id}`);
  await server.as('reader').get(`/api/cases/${id}`);
  await server.as('technician').get(`/api/cases/${id}/file`);
  const board = newId();
  await server.as('technician').put(`/api/boards/${board}`).send({ expectedEdition: 0, board: fullBoard });
  await server.as('lead').delete(`/api/boards/${board}`);
  const { entries } = await audit();
  expect(entries.map(({ person, action, subject }) => [person, action, subject]).slice(0, 7)).toEqual([
    ['The lead', 'audit-read', 'audit'],
    ['The lead', 'board-deleted', board],
    ['The technician', 'board-written', board],
    ['The technician', 'case-exported', 'case 0001'],
    ['The reader', 'case-read', 'case 0001'],
    ['The trainee', 'case-written', 'case 0001'],
    ['The technician', 'case-opened', 'case 0001'],
  ]);
});

test('what somebody tried and may not do stands in the audit, once for a while', async () => {
  const reader = server.as('reader');
  for (let n = 0; n < 3; n++) await reader.get('/api/audit').expect(403);
  await reader.post('/api/owners/erase').send({ name: 'Everybody' }).expect(403);
  const refused = await audit({ action: 'refused' });
  expect(refused.entries.map(({ person, subject }) => [person, subject])).toEqual([
    ['The reader', 'owner data'],
    ['The reader', 'read audit'],
  ]);
});

test('the audit comes in pages, by action and by person', async () => {
  for (let n = 0; n < 105; n++) await openFor('Pages');
  const first = await audit({ action: 'case-opened' });
  expect([first.entries.length, first.hasMore]).toEqual([100, true]);
  const rest = await audit({ action: 'case-opened', before: first.entries.at(-1)?.id });
  expect([rest.entries.length, rest.hasMore]).toEqual([6, false]);
  const own = await audit({ person: server.personId('trainee') });
  expect(own.entries.map(({ action }) => action)).toEqual(['case-written']);
});

test('an owner is erased: the person goes from log, queue and file, the record stays whole and goes on', async () => {
  const id = await openFor('Astrid of the Lighthouse', 'by the astrid lamp, twice');
  await openFor('Somebody else');
  const lead = server.as('lead');
  const found = (await lead.get('/api/owners').query({ name: 'astrid of the lighthouse' })).body as { cases: object[] };
  expect(found.cases).toMatchObject([{ id, machine: 'Test machine' }]);
  const { body } = await lead.get('/api/owners/file').query({ name: 'Astrid of the Lighthouse' }).expect(200);
  const contact = 'by the astrid lamp, twice';
  expect(body).toMatchObject({ cases: [{ id, contact, events: [{ event: { owner: 'Astrid of the Lighthouse' } }] }] });
  expect((await lead.get(`/api/cases/${id}`)).body).toMatchObject({ contact });
  expect(JSON.stringify((await lead.get(`/api/cases/${id}/file`)).body)).not.toContain(contact);

  const erased = await lead.post('/api/owners/erase').send({ name: 'Astrid of the Lighthouse' });
  expect(erased.body).toEqual({ cases: 1, files: 0 });
  const { events } = (await lead.get(`/api/cases/${id}`)).body as CaseDetail;
  expect(events[0]).toMatchObject({ event: { owner: ERASED_OWNER }, seal: { salt: null } });
  expect(checkChain(events).ok).toBe(true);
  const note = { kind: 'note-added', id: newId(), at: '2026-01-05T10:00:00Z', by: 'T', text: 'Goes on' };
  await lead
    .post(`/api/cases/${id}/events`)
    .send({ expectedSequence: 1, events: [note] })
    .expect(201);
  const after = (await lead.get(`/api/cases/${id}`)).body as CaseDetail;
  expect(checkChain(after.events)).toMatchObject({ ok: true, length: 2 });
  const file = (await lead.get(`/api/cases/${id}/file`)).body as CaseFile;
  const everywhere = await inShop(server.pool, testShops[0].id, async (db) => {
    const found: unknown[] = [];
    for (const table of ['cases', 'case_events', 'case_owners', 'case_words', 'audit_entries'])
      found.push((await db.query(`SELECT * FROM ${table}`)).rows);
    return JSON.stringify(found);
  });
  expect(JSON.stringify(file) + everywhere).not.toMatch(/astrid/i);
  expect(everywhere).toContain('Somebody else');
  const ofOwners = ({ action }: AuditEntry) => action.startsWith('owner-');
  expect((await audit()).entries.filter(ofOwners).map(({ action, detail }) => [action, detail['cases']])).toEqual([
    ['owner-erased', undefined],
    ['owner-exported', 1],
    ['owner-read', 1],
  ]);
});

test('the log keeps the owner out of its rows from the beginning', async () => {
  await openFor('Not in the log');
  const { rows } = await inShop(server.pool, testShops[0].id, (db) =>
    db.query<{ text: string }>('SELECT event::text AS text FROM case_events'),
  );
  expect(rows.some(({ text }) => text.includes('Not in the log'))).toBe(false);
});
