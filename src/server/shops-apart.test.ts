import { eventsOf } from '../core/casework/testing-log';
import { fullBoard } from '../contracts/testing-board';
import { shopSettingsSchema, type CaseDetail } from '../contracts';
import { inShop, inTransaction, type Queryable } from './database/in-shop';
import { jpegOf } from '../core/attachments/testing-jpeg';
import * as attachments from './repositories/attachments';
import * as audit from './repositories/audit';
import * as boards from './repositories/boards';
import * as caseList from './repositories/case-list';
import * as cases from './repositories/cases';
import * as installation from './repositories/installation';
import * as invitations from './repositories/invitations';
import * as outlooks from './repositories/outlooks';
import * as ownerLinks from './repositories/owner-links';
import * as owners from './repositories/owners';
import * as people from './repositories/people';
import * as sessions from './repositories/sessions';
import * as shelf from './repositories/shelf';
import * as shops from './repositories/shops';
import * as devices from './repositories/known-devices';
import * as failures from './repositories/sign-in-failures';
import { hashSecret } from './services/secrets';
import { attachedBody, putFile } from './testing-attachments';
import { createTestServer, testShops, type TestServer } from './testing-server';

const caseId = '88888888-8888-4888-8888-000000000001';
const boardId = '88888888-8888-4888-8888-000000000002';
const spareId = '88888888-8888-4888-8888-000000000003';
const spare = { kind: 'supply', name: 'Guest spare' } as const;
const owner = 'Only of shop one';
const fileId = '88888888-8888-4888-8888-000000000004';
const photo = jpegOf();
const deviceHash = 'd'.repeat(64);
const [one, two] = testShops;

let server: TestServer;
let log: CaseDetail['events'];
let code: string;
let linkHash: string;
/** Everything that shop one has; what shop two does must leave all of it as it is. */
const everything = async () => {
  const tables = ['shops', 'cases', 'case_events', 'boards', 'people', 'sessions', 'invitations'];
  tables.push(
    'owner_links',
    'attachments',
    'attachment_pieces',
    'shelf_items',
    'case_owners',
    'case_words',
    'case_outlooks',
    'known_devices',
  );
  const rows = await inShop(server.pool, one.id, async (db) => {
    const found: unknown[] = [];
    for (const table of tables) found.push((await db.query(`SELECT * FROM ${table} t ORDER BY t::text`)).rows);
    return found;
  });
  return JSON.stringify(rows);
};

beforeAll(async () => {
  server = await createTestServer();
  const lead = server.as('lead');
  const events = eventsOf({ reported: 'dead' }).map((event) => ({ ...event, owner }));
  log = ((await lead.post('/api/cases').send({ id: caseId, events }).expect(201)).body as CaseDetail).events;
  await putFile(lead, caseId, fileId, photo).expect(201);
  const attached = { ...attachedBody(fileId, photo), id: fileId, at: at.toISOString(), by: 'One' };
  await lead
    .post(`/api/cases/${caseId}/events`)
    .send({ expectedSequence: 1, events: [attached] })
    .expect(201);
  const linked = await lead.post(`/api/cases/${caseId}/owner-links`).send({ days: 7 }).expect(201);
  linkHash = hashSecret((linked.body as { token: string }).token);
  await lead.put(`/api/boards/${boardId}`).send({ expectedEdition: 0, board: fullBoard }).expect(200);
  await lead.put('/api/shop/settings').send({ allowsSupplyBridge: true }).expect(200);
  await lead.put(`/api/shelf/${spareId}`).send({ expectedEdition: 0, part: spare, standing: 'good' }).expect(200);
  const invited = await lead.post('/api/people/invitations').send({ name: 'Guest', role: 'reader' }).expect(201);
  code = (invited.body as { code: string }).code;
  const device = { personId: server.personId('lead'), shopId: one.id, deviceHash };
  await inShop(server.pool, one.id, (db) => devices.rememberDevice(db, device, at));
});
afterAll(() => server.close());

const note = { kind: 'note-added', id: caseId, at: '2026-01-05T10:00:00Z', by: 'Two', text: 'Mine now' };

/** Whatever kind of file it is: what it says, letter by letter. */
const asText = (response: NodeJS.EventEmitter, done: (error: Error | null, body: unknown) => void): void => {
  let text = '';
  response.on('data', (chunk: Buffer) => (text += chunk.toString('latin1')));
  response.on('end', () => done(null, text));
};

type Ask = (client: ReturnType<TestServer['as']>) => PromiseLike<{ status: number; text?: string }>;
const routes: Record<string, [Ask, number]> = {
  'GET /cases': [(c) => c.get('/api/cases'), 200],
  'GET /cases?search': [(c) => c.get('/api/cases').query({ search: owner }), 200],
  'POST /cases': [(c) => c.post('/api/cases').send({ id: caseId, events: eventsOf({}) }), 409],
  'GET /cases/:id': [(c) => c.get(`/api/cases/${caseId}`), 404],
  'GET /cases/:id/file': [(c) => c.get(`/api/cases/${caseId}/file`), 404],
  'GET /cases/:id/papers/:paper': [(c) => c.get(`/api/cases/${caseId}/papers/record.pdf`), 404],
  'GET /cases/waits.ics': [(c) => c.get('/api/cases/waits.ics'), 200],
  'GET /cases/export.jsonl': [(c) => c.get('/api/cases/export.jsonl').buffer(true).parse(asText), 200],
  'GET /cases/export.csv': [(c) => c.get('/api/cases/export.csv'), 200],
  'GET /owners/file.zip': [(c) => c.get('/api/owners/file.zip').query({ name: owner }).buffer(true).parse(asText), 200],
  'POST /cases/:id/events': [
    (c) => c.post(`/api/cases/${caseId}/events`).send({ expectedSequence: 1, events: [note] }),
    404,
  ],
  'GET /cases/:id/file.zip': [(c) => c.get(`/api/cases/${caseId}/file.zip`), 404],
  'PUT /attachments/:file': [(c) => putFile(c, caseId, boardId, photo), 404],
  'GET /attachments/:file': [(c) => c.get(`/api/cases/${caseId}/attachments/${fileId}`), 404],
  'PUT /attachments/:file/preview': [
    (c) =>
      c
        .put(`/api/cases/${caseId}/attachments/${fileId}/preview`)
        .set('content-type', 'image/jpeg')
        .send(Buffer.from(photo)),
    404,
  ],
  'GET /attachments/:file/preview': [(c) => c.get(`/api/cases/${caseId}/attachments/${fileId}/preview`), 404],
  'GET /owner-links': [(c) => c.get(`/api/cases/${caseId}/owner-links`), 404],
  'POST /owner-links': [(c) => c.post(`/api/cases/${caseId}/owner-links`).send({ days: 7 }), 404],
  'DELETE /owner-links/:link': [(c) => c.delete(`/api/cases/${caseId}/owner-links/${linkHash.slice(0, 16)}`), 404],
  'GET /boards': [(c) => c.get('/api/boards'), 200],
  'GET /boards/:id': [(c) => c.get(`/api/boards/${boardId}`), 404],
  'GET /boards/:id/file': [(c) => c.get(`/api/boards/${boardId}/file`), 404],
  'PUT /boards/:id': [(c) => c.put(`/api/boards/${boardId}`).send({ expectedEdition: 0, board: fullBoard }), 409],
  'DELETE /boards/:id': [(c) => c.delete(`/api/boards/${boardId}`), 404],
  'GET /people': [(c) => c.get('/api/people'), 200],
  'PUT /people/:id': [(c) => c.put(`/api/people/${server.personId('technician')}`).send({ isActive: false }), 404],
  'DELETE /people/invitations/:id': [(c) => c.delete(`/api/people/invitations/${hashSecret(code).slice(0, 16)}`), 404],
  'GET /audit': [(c) => c.get('/api/audit'), 200],
  'GET /audit?person': [(c) => c.get('/api/audit').query({ person: server.personId('lead') }), 200],
  'GET /owners': [(c) => c.get('/api/owners').query({ name: owner }), 200],
  'GET /owners/file': [(c) => c.get('/api/owners/file').query({ name: owner }), 200],
  'GET /shop/settings': [(c) => c.get('/api/shop/settings').expect(shopSettingsSchema.parse({})), 200],
  'PUT /shop/settings': [(c) => c.put('/api/shop/settings').send({ allowsSupplyBridge: false }), 200],
  'GET /shelf': [(c) => c.get('/api/shelf'), 200],
  'GET /shelf/labels.pdf': [(c) => c.get('/api/shelf/labels.pdf').query({ items: spareId }), 404],
  'GET /shelf/:id': [(c) => c.get(`/api/shelf/${spareId}`), 404],
  'PUT /shelf/:id': [
    (c) => c.put(`/api/shelf/${spareId}`).send({ expectedEdition: 0, part: spare, standing: 'good' }),
    409,
  ],
  'DELETE /shelf/:id': [(c) => c.delete(`/api/shelf/${spareId}`), 404],
  'POST /owners/erase': [(c) => c.post('/api/owners/erase').send({ name: owner }), 200],
};

test.each(Object.entries(routes))('%s shows and changes nothing of another shop', async (_name, [ask, status]) => {
  const before = await everything();
  const answer = await ask(server.as('lead', 1));
  expect(answer.status).toBe(status);
  // The answer may repeat the name that was asked for.
  const told = (answer.text ?? String((answer as { body?: unknown }).body)).replaceAll(`"owner":"${owner}"`, '');
  const isRefusal = answer.status >= 400;
  for (const own of [owner, one.name, 'technician-0', 'Guest', ...(isRefusal ? [] : [caseId, boardId])])
    expect(told).not.toContain(own);
  expect(await everything()).toBe(before);
});

/** A layer of the router, as far as it is walked here. */
interface Layer {
  readonly handle: { readonly stack?: readonly Layer[] };
  readonly route?: { readonly path: string; readonly methods: Readonly<Record<string, boolean>> };
  readonly match: (path: string) => unknown;
}

/** Every route that the application serves under one of these, e.g. `GET /cases/:id`; a router elsewhere is named `?`. */
function servedRoutes(mounts: readonly string[]): string[] {
  const { stack } = server.app().router as unknown as { stack: readonly Layer[] };
  return stack
    .filter(({ handle }) => handle.stack)
    .flatMap((router) => {
      const ofCase = ['attachments', 'owner-links'].find(
        (name) => router.match(`/api/cases/${caseId}/${name}/x`) && !router.match('/api/cases/x'),
      );
      const mount = ofCase ?? mounts.find((name) => router.match(`/api/${name}/x`)) ?? '?';
      return (router.handle.stack ?? []).flatMap(({ route }) =>
        Object.keys(route?.methods ?? {}).map(
          (method) => `${method.toUpperCase()} /${mount}${route?.path === '/' ? '' : route?.path}`,
        ),
      );
    });
}

test('no route of the application is left out above', () => {
  // What an owner sees by a link is of the case of that link alone: owner-links.test.ts.
  const ofNoShop = ['health', 'session', 'changes', 'owner'];
  const served = servedRoutes(['cases', 'boards', 'people', 'audit', 'owners', 'shop', 'shelf', ...ofNoShop]).filter(
    (route) => !ofNoShop.some((name) => route.split('/')[1] === name),
  );
  const asked = Object.keys(routes).map((name) => name.replace(/\?.*/, ''));
  // An invitation names nothing that is there.
  expect([...new Set(asked), 'POST /people/invitations'].sort()).toEqual([...new Set(served)].sort());
});

const asTwo = <T>(work: (db: Queryable) => Promise<T>) => inShop(server.pool, two.id, work);
const person = () => ({
  id: server.personId('technician'),
  shopId: one.id,
  login: 'x',
  name: 'X',
  role: 'lead' as const,
  passwordHash: 'x',
  isActive: true,
  createdAt: server.now,
});
const session = () => ({
  tokenHash: 'a'.repeat(64),
  shopId: one.id,
  personId: server.personId('lead'),
  createdAt: server.now,
  seenAt: server.now,
});
const at = new Date('2026-01-05T12:00:00Z');
const projection = {
  machine: 'm',
  owner: 'o',
  complaint: 'c',
  stage: 'closed' as const,
  waitingFor: null,
  waitingUntil: null,
  trials: 9,
  openedAt: at.toISOString(),
  updatedAt: at.toISOString(),
  lastSequence: 9,
};
const detail = { id: boardId, edition: 9, updatedAt: at.toISOString(), board: fullBoard };
const nothing = (value: unknown): boolean =>
  value === null || value === false || value === undefined || (Array.isArray(value) && value.length === 0);

const stored: attachments.StoredAttachment = {
  id: fileId,
  kind: 'picture',
  upload: boardId,
  bytes: 9,
  sha256: 'e'.repeat(64),
  width: 1,
  height: 1,
  storedAt: at,
};
const uploadOfOne = () =>
  inShop(server.pool, one.id, async (db) => (await attachments.findAttachment(db, caseId, fileId))?.upload ?? '');

/** Every function of every repository with what belongs to shop one, run as shop two. */
const repositories: Record<string, Record<string, ((db: Queryable) => Promise<unknown>) | null>> = {
  audit: {
    insertAudit: (db) => audit.insertAudit(db, { action: 'case-read', personId: null, subject: caseId }, at),
    insertAuditOnce: (db) =>
      audit.insertAuditOnce(db, { action: 'case-read', personId: null, subject: caseId }, at, 10),
    listAudit: async (db) => (await audit.listAudit(db, {})).entries.filter(({ action }) => action === 'case-opened'),
  },
  attachments: {
    findAttachment: (db) => attachments.findAttachment(db, caseId, fileId),
    findLoggedFile: (db) => attachments.findLoggedFile(db, caseId, fileId),
    listAttachments: (db) => attachments.listAttachments(db, caseId),
    insertAttachment: (db) => attachments.insertAttachment(db, caseId, { ...stored, id: boardId }),
    insertPiece: async (db) => {
      await attachments.insertPiece(db, { upload: boardId, position: 0, at, bytes: Buffer.from('theirs') });
    },
    readPiece: async (db) => attachments.readPiece(db, await uploadOfOne(), 0),
    deletePieces: async (db) => attachments.deletePieces(db, [await uploadOfOne()]),
    readPreview: (db) => attachments.readPreview(db, caseId, fileId),
    setPreview: (db) => attachments.setPreview(db, caseId, fileId, Buffer.from(photo)),
    bytesOfCase: async (db) => (await attachments.bytesOfCase(db, caseId)) || null,
    markLogged: (db) => attachments.markLogged(db, caseId, [{ file: fileId, showsOwner: true }]),
    eraseAttachments: async (db) => (await attachments.eraseAttachments(db, [caseId], 'all')) || null,
    sweepAttachments: (db) => attachments.sweepAttachments(db, new Date('2030-01-01')),
  },
  boards: {
    listBoards: (db) => boards.listBoards(db),
    findBoard: (db) => boards.findBoard(db, boardId),
    insertBoard: (db) => boards.insertBoard(db, one.id, { ...detail, id: caseId }),
    updateBoard: (db) => boards.updateBoard(db, detail),
    deleteBoard: (db) => boards.deleteBoard(db, boardId),
  },
  caseList: { listCases: async (db) => (await caseList.listCases(db, { search: owner })).cases },
  cases: {
    findCase: (db) => cases.findCase(db, caseId),
    lockCaseHead: (db) => cases.lockCaseHead(db, caseId),
    insertCase: (db) => cases.insertCase(db, one.id, boardId, 99, projection),
    growCase: (db) =>
      cases.growCase(db, {
        shopId: one.id,
        caseId,
        events: log.map((e) => ({ ...e, sequence: 2 })),
        projection,
        audit: { action: 'case-written', personId: null },
        at,
      }),
    readEvents: (db) => cases.readEvents(db, caseId),
  },
  installation: {
    isSetUp: null,
    addSetUpCode: null,
    takeSetUpCode: null,
    markSetUp: null,
    markNotSetUp: null,
    findDemoShop: null,
  },
  invitations: {
    findInvitation: (db) => invitations.findInvitation(db, hashSecret(code)),
    insertInvitation: (db) =>
      invitations.insertInvitation(db, {
        codeHash: 'b'.repeat(64),
        shopId: one.id,
        name: 'x',
        role: 'lead',
        invitedBy: server.personId('lead'),
        createdAt: at,
        expiresAt: at,
      }),
    deleteInvitation: (db) => invitations.deleteInvitation(db, hashSecret(code)),
    listInvitations: (db) => invitations.listInvitations(db, at),
  },
  outlooks: {
    forgetOutlooks: (db) => outlooks.forgetOutlooks(db),
    saveOutlook: (db) => outlooks.saveOutlook(db, { caseId, sequence: 9, outlook: outlooks.noOutlook }),
  },
  owners: {
    findOwner: (db) => owners.findOwner(db, caseId),
    insertOwner: (db) => owners.insertOwner(db, one.id, caseId, { owner: 'x', contact: null, salt: '0'.repeat(32) }),
    casesOfOwner: (db) => owners.casesOfOwner(db, owner),
    eraseOwner: (db) => owners.eraseOwner(db, owner),
    erasedSince: (db) => owners.erasedSince(db, new Date(0)),
  },
  ownerLinks: {
    findOwnerLink: (db) => ownerLinks.findOwnerLink(db, linkHash),
    insertOwnerLink: (db) =>
      ownerLinks.insertOwnerLink(db, {
        tokenHash: 'f'.repeat(64),
        shopId: one.id,
        caseId,
        madeBy: server.personId('lead'),
        madeAt: at,
        expiresAt: at,
      }),
    touchOwnerLink: (db) => ownerLinks.touchOwnerLink(db, linkHash, at),
    deleteOwnerLink: (db) => ownerLinks.deleteOwnerLink(db, caseId, linkHash.slice(0, 16)),
    deleteOwnerLinksOf: (db) => ownerLinks.deleteOwnerLinksOf(db, [caseId]),
    listOwnerLinks: (db) => ownerLinks.listOwnerLinks(db, caseId, new Date(0)),
  },
  people: {
    findPersonByLogin: (db) => people.findPersonByLogin(db, 'lead-0'),
    findPerson: (db) => people.findPerson(db, server.personId('lead')),
    listPeople: async (db) => (await people.listPeople(db)).filter(({ login }) => login.endsWith('-0')),
    insertPerson: (db) => people.insertPerson(db, { ...person(), id: caseId }),
    updatePerson: (db) => people.updatePerson(db, person()),
    markOwnPassword: (db) => people.markOwnPassword(db, server.personId('lead')),
    openDemoPeople: (db) => people.openDemoPeople(db, ['lead-0']),
    closeDemoPeople: async (db) => (await people.closeDemoPeople(db)) || null,
    countActiveLeads: async (db) => (await people.countActiveLeads(db)) - 1 || null,
  },
  sessions: {
    findSession: async (db) => {
      const { rows } = await db.query<{ hash: string }>('SELECT token_hash AS hash FROM sessions');
      return rows.length === 4 ? null : rows;
    },
    insertSession: (db) => sessions.insertSession(db, session()),
    touchSession: (db) => sessions.touchSession(db, session().tokenHash, at),
    deleteSession: (db) => sessions.deleteSession(db, session().tokenHash),
    deleteSessionsOf: (db) => sessions.deleteSessionsOf(db, server.personId('lead')),
    deleteStaleSessions: (db) => sessions.deleteStaleSessions(db, at, at),
  },
  shelf: {
    listShelf: (db) => shelf.listShelf(db),
    findShelfItem: (db) => shelf.findShelfItem(db, spareId),
    insertShelfItem: (db) => shelf.insertShelfItem(db, { id: spareId, part: spare, standing: 'good', at }),
    updateShelfItem: (db) => shelf.updateShelfItem(db, { id: spareId, part: spare, standing: 'failed', at }),
    deleteShelfItem: (db) => shelf.deleteShelfItem(db, spareId),
    followSpares: (db) =>
      shelf.followSpares(db, {
        caseId,
        out: [{ item: spareId, since: '2026-01-05T10:00:00Z' }],
        home: [{ item: spareId, standing: 'failed', home: '2027-01-05T10:00:00Z' }],
      }),
  },
  shops: {
    ensureShop: (db) => shops.ensureShop(db, { id: one.id, name: 'Taken over' }),
    findShop: async (db) => ((await shops.findShop(db))?.id === two.id ? null : 'another shop'),
    takeCaseNumber: async (db) => {
      await shops.takeCaseNumber(db);
    },
    readShopSettings: async (db) => (await shops.readShopSettings(db)).allowsSupplyBridge,
    writeShopSettings: (db) => shops.writeShopSettings(db, shopSettingsSchema.parse({})),
  },
  failures: { readWait: null, countFailure: null, forgetFailures: null, deleteExpiredFailures: null },
  devices: {
    isKnownDevice: (db) => devices.isKnownDevice(db, server.personId('lead'), deviceHash),
    rememberDevice: (db) =>
      devices.rememberDevice(db, { personId: server.personId('lead'), shopId: one.id, deviceHash: 'c'.repeat(64) }, at),
    forgetDevices: (db) => devices.forgetDevices(db, server.personId('lead')),
  },
};
const modules = {
  attachments,
  audit,
  boards,
  cases,
  installation,
  invitations,
  outlooks,
  ownerLinks,
  owners,
  people,
  sessions,
  shelf,
  shops,
  failures,
  devices,
};

test.each(Object.entries(modules))('the list of what %s can do is whole', (name, module) => {
  const functions = Object.entries(module).filter(([, value]) => typeof value === 'function');
  expect(Object.keys(repositories[name] ?? {}).sort()).toEqual(functions.map(([fn]) => fn).sort());
});

const doings = Object.entries(repositories).flatMap(([name, list]) =>
  Object.entries(list).flatMap(([fn, work]) => (work ? [[`${name}.${fn}`, work] as const] : [])),
);

test.each(doings)('%s, run for one shop, neither sees nor changes another', async (_name, work) => {
  const before = await everything();
  // Refused by row-level security, or blind: either will do.
  const found = await asTwo(work).catch(() => null);
  expect(nothing(found)).toBe(true);
  expect(await everything()).toBe(before);
});

test('without a shop and without a secret nothing is seen at all', async () => {
  const tables = ['shops', 'cases', 'case_events', 'boards', 'people', 'sessions', 'invitations', 'audit_entries'];
  for (const table of [
    ...tables,
    'owner_links',
    'attachments',
    'attachment_pieces',
    'case_owners',
    'case_words',
    'known_devices',
  ]) {
    const seen = await inTransaction(server.pool, (db) => db.query(`SELECT 1 FROM ${table}`));
    expect([table, seen.rowCount]).toEqual([table, 0]);
  }
});

test('neither the log nor the audit can be rewritten by the role that requests run as', async () => {
  for (const statement of [
    'UPDATE case_events SET sequence = 5',
    'DELETE FROM case_events',
    'UPDATE audit_entries SET subject = NULL',
    'DELETE FROM audit_entries',
    'ALTER TABLE cases DISABLE ROW LEVEL SECURITY',
  ])
    await expect(inShop(server.pool, one.id, (db) => db.query(statement))).rejects.toThrow(/denied|must be owner/);
});
