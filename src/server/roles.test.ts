import { eventsOf, eventId } from '../core/casework/testing-log';
import { ACTIONS, may, ROLES, type Action, type Role } from '../contracts';
import { fullBoard } from '../contracts/testing-board';
import { jpegOf } from '../core/attachments/testing-jpeg';
import { putFile } from './testing-attachments';
import { closing, flash, rolesBench } from './testing-roles';
import { createTestServer, type TestServer } from './testing-server';

let server: TestServer;
beforeAll(async () => {
  server = await createTestServer();
});
afterAll(() => server.close());

const { newId, base, openedCase, append } = rolesBench(() => server);

async function writtenBoard(): Promise<string> {
  const id = newId();
  await server.as('lead').put(`/api/boards/${id}`).send({ expectedEdition: 0, board: fullBoard }).expect(200);
  return id;
}
/** The address of a photo of a case. */
async function storedPhoto(more = ''): Promise<string> {
  const [id, file] = [await openedCase(), newId()];
  await putFile(server.as(), id, file, jpegOf()).expect(201);
  return `/api/cases/${id}/attachments/${file}${more}`;
}
const imported = (role: Role) =>
  server
    .as(role)
    .post('/api/cases')
    .send({ id: newId(), events: eventsOf({}), imported: true });

const spare = { kind: 'supply', name: 'Bench supply' };
async function writtenSpare(): Promise<string> {
  const id = newId();
  await server
    .as('lead')
    .put(`/api/shelf/${id}`)
    .send({ expectedEdition: 0, part: spare, standing: 'good' })
    .expect(200);
  return id;
}

/** Every way in to an action; what it answers to those who may is not 401, 403 or 5xx. */
const doors: Record<Action, readonly ((role: Role) => Promise<{ status: number }>)[]> = {
  read: [
    ...['/cases', '/cases/waits.ics', '/boards', '/shop/settings', '/shelf'].map(
      (path) => async (role: Role) => server.as(role).get(`/api${path}`),
    ),
    async (role) => server.as(role).get(`/api/cases/${await openedCase()}`),
    async (role) => server.as(role).get(`/api/shelf/${await writtenSpare()}`),
    async (role) =>
      server
        .as(role)
        .get('/api/shelf/labels.pdf')
        .query({ items: await writtenSpare() }),
    async (role) => server.as(role).get(`/api/boards/${await writtenBoard()}`),
    async (role) => server.as(role).get(await storedPhoto()),
    async (role) => server.as(role).get(await storedPhoto('/preview')),
  ],
  'write-cases': [
    async (role) =>
      server
        .as(role)
        .post('/api/cases')
        .send({ id: newId(), events: eventsOf({}) }),
    async (role) => append(role, [{ ...base(), kind: 'note-added', text: 'Seen' }]),
    async (role) => putFile(server.as(role), await openedCase(), newId(), jpegOf()),
    async (role) =>
      server
        .as(role)
        .put(await storedPhoto('/preview'))
        .set('content-type', 'image/jpeg')
        .send(Buffer.from(jpegOf())),
  ],
  'close-cases': [
    async (role) => append(role, [{ ...base(), ...closing }]),
    async (role) => append(role, [{ ...base(), kind: 'case-reopened', reason: 'Again' }]),
    async (role) =>
      server
        .as(role)
        .post('/api/cases')
        .send({ id: newId(), events: [...eventsOf({}), { ...base(), id: eventId(50), ...closing }] }),
  ],
  'flash-firmware': [async (role) => append(role, [{ ...base(), ...flash }])],
  'flash-against-book': [async (role) => append(role, [{ ...base(), ...flash, againstBook: 'The maker sent it' }])],
  'write-boards': [
    async (role) => server.as(role).put(`/api/boards/${newId()}`).send({ expectedEdition: 0, board: fullBoard }),
  ],
  'delete-boards': [async (role) => server.as(role).delete(`/api/boards/${await writtenBoard()}`)],
  'import-cases': [imported],
  'export-cases': [
    async (role) => server.as(role).get(`/api/cases/${await openedCase()}/file`),
    async (role) => server.as(role).get(`/api/cases/${await openedCase()}/file.zip`),
    async (role) => server.as(role).get(`/api/cases/${await openedCase()}/owner-links`),
    async (role) =>
      server
        .as(role)
        .post(`/api/cases/${await openedCase()}/owner-links`)
        .send({ days: 7 }),
    async (role) => server.as(role).delete(`/api/cases/${await openedCase()}/owner-links/${'0'.repeat(16)}`),
    async (role) => server.as(role).get(`/api/cases/${await openedCase()}/papers/owner.md`),
    ...['jsonl', 'csv'].map((kind) => async (role: Role) => server.as(role).get(`/api/cases/export.${kind}`)),
  ],
  'write-shelf': [
    async (role) =>
      server.as(role).put(`/api/shelf/${newId()}`).send({ expectedEdition: 0, part: spare, standing: 'good' }),
    async (role) => server.as(role).delete(`/api/shelf/${await writtenSpare()}`),
  ],
  'manage-people': [
    async (role) => server.as(role).get('/api/people'),
    async (role) => server.as(role).post('/api/people/invitations').send({ name: 'N', role: 'reader' }),
    async (role) => server.as(role).delete('/api/people/invitations/0123456789abcdef'),
    async (role) => server.as(role).put(`/api/people/${newId()}`).send({ isActive: false }),
  ],
  'manage-shop': [async (role) => server.as(role).put('/api/shop/settings').send({ allowsSupplyBridge: true })],
  'read-audit': [async (role) => server.as(role).get('/api/audit')],
  'owner-data': [
    async (role) => server.as(role).get('/api/owners').query({ name: 'Nobody' }),
    async (role) => server.as(role).get('/api/owners/file').query({ name: 'Nobody' }),
    async (role) => server.as(role).get('/api/owners/file.zip').query({ name: 'Nobody' }),
    async (role) => server.as(role).post('/api/owners/erase').send({ name: 'Nobody' }),
  ],
};

const cells = ACTIONS.flatMap((action) => ROLES.map((role) => [role, action, may(role, action)] as const));

test.each(cells)('a %s and %s: %s', async (role, action, isAllowed) => {
  expect(doors[action].length).toBeGreaterThan(0);
  for (const [n, door] of doors[action].entries()) {
    const { status } = await door(role);
    if (isAllowed) expect([n, status === 403 || status === 401 || status >= 500]).toEqual([n, false]);
    else expect([n, status]).toEqual([n, 403]);
  }
});

test('the table is as the shop knows it', () => {
  const columns = Object.fromEntries(ROLES.map((role) => [role, ACTIONS.filter((action) => may(role, action))]));
  expect(columns).toEqual({
    lead: ACTIONS,
    technician: [
      'read',
      'write-cases',
      'close-cases',
      'flash-firmware',
      'write-boards',
      'import-cases',
      'export-cases',
      'write-shelf',
    ],
    trainee: ['read', 'write-cases'],
    reader: ['read'],
  });
});

test('a role that was taken away is gone with the next request', async () => {
  const id = server.personId('technician');
  await server.as('lead').put(`/api/people/${id}`).send({ role: 'reader' }).expect(204);
  await server.as('technician').get('/api/cases').expect(401);
});
