import { eventsOf, eventId } from '../core/casework/testing-log';
import { ACTIONS, may, ROLES, type Action, type Role } from '../contracts';
import { fullBoard } from '../contracts/testing-board';
import { createTestServer, type TestServer } from './testing-server';

let server: TestServer;
beforeAll(async () => {
  server = await createTestServer();
});
afterAll(() => server.close());

let next = 1;
const newId = () => `77777777-7777-4777-8777-${String(next++).padStart(12, '0')}`;
const base = () => ({ id: newId(), at: '2026-01-05T10:00:00Z', by: 'Somebody' });

async function openedCase(): Promise<string> {
  const id = newId();
  await server
    .as('lead')
    .post('/api/cases')
    .send({ id, events: eventsOf({}) })
    .expect(201);
  return id;
}
async function writtenBoard(): Promise<string> {
  const id = newId();
  await server.as('lead').put(`/api/boards/${id}`).send({ expectedEdition: 0, board: fullBoard }).expect(200);
  return id;
}
const append = async (role: Role, events: object[]) =>
  server
    .as(role)
    .post(`/api/cases/${await openedCase()}/events`)
    .send({ expectedSequence: 1, events });

const closing = { kind: 'case-closed', ending: 'returned', fault: null, cause: 'Unknown', done: 'Given back' };
const flash = { kind: 'firmware-flashed', method: 'menu', purpose: 'update', from: 'R1', to: 'R2', end: 'finished' };

/** Every way in to an action; what it answers to those who may is not 401, 403 or 5xx. */
const doors: Record<Action, readonly ((role: Role) => Promise<{ status: number }>)[]> = {
  read: [
    async (role) => server.as(role).get('/api/cases'),
    async (role) => server.as(role).get(`/api/cases/${await openedCase()}`),
    async (role) => server.as(role).get('/api/boards'),
    async (role) => server.as(role).get(`/api/boards/${await writtenBoard()}`),
  ],
  'write-cases': [
    async (role) =>
      server
        .as(role)
        .post('/api/cases')
        .send({ id: newId(), events: eventsOf({}) }),
    async (role) => append(role, [{ ...base(), kind: 'note-added', text: 'Seen' }]),
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
  'write-boards': [
    async (role) => server.as(role).put(`/api/boards/${newId()}`).send({ expectedEdition: 0, board: fullBoard }),
  ],
  'delete-boards': [async (role) => server.as(role).delete(`/api/boards/${await writtenBoard()}`)],
  'export-cases': [async (role) => server.as(role).get(`/api/cases/${await openedCase()}/file`)],
  'manage-people': [
    async (role) => server.as(role).get('/api/people'),
    async (role) => server.as(role).post('/api/people/invitations').send({ name: 'N', role: 'reader' }),
    async (role) => server.as(role).delete('/api/people/invitations/0123456789abcdef'),
    async (role) => server.as(role).put(`/api/people/${newId()}`).send({ isActive: false }),
  ],
  'read-audit': [async (role) => server.as(role).get('/api/audit')],
  'owner-data': [
    async (role) => server.as(role).get('/api/owners').query({ name: 'Nobody' }),
    async (role) => server.as(role).get('/api/owners/file').query({ name: 'Nobody' }),
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
    technician: ['read', 'write-cases', 'close-cases', 'flash-firmware', 'write-boards', 'export-cases'],
    trainee: ['read', 'write-cases'],
    reader: ['read'],
  });
});

test('a role that was taken away is gone with the next request', async () => {
  const id = server.personId('technician');
  await server.as('lead').put(`/api/people/${id}`).send({ role: 'reader' }).expect(204);
  await server.as('technician').get('/api/cases').expect(401);
});
