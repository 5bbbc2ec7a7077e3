import request from 'supertest';
import { inShop, inTransaction } from './database/in-shop';
import { addSetUpCode, findDemoShop, markNotSetUp } from './repositories/installation';
import { closeDemoPeople, countActiveLeads } from './repositories/people';
import { hashSecret, newTypedCode } from './services/secrets';
import { seedQuay, seeded, signingIn } from './testing-seeded';
import { createTestServer, type TestServer } from './testing-server';

let server: TestServer;
beforeAll(async () => {
  server = await createTestServer();
});
beforeEach(() => seedQuay(server));
afterAll(() => server.close());

const signIn = signingIn(() => server);

describe('accounts of the demo', () => {
  const closeDemo = () =>
    inShop(server.pool, seeded.id, async (db) => [await closeDemoPeople(db), await countActiveLeads(db)]);

  test('are closed with their sessions where the program is served without it, and open again with it', async () => {
    const client = request.agent(server.app());
    await signIn('ylva', 'kettle-on-the-boil', client).expect(201);
    expect(await inTransaction(server.pool, findDemoShop)).toBe(seeded.id);
    expect(await closeDemo()).toEqual([2, 0]);
    await client.get('/api/cases').expect(401);
    await signIn('ylva', 'kettle-on-the-boil').expect(401);
    await seedQuay(server);
    await signIn('ylva', 'kettle-on-the-boil').expect(201);
  });

  test('one with a password of its own is none any more', async () => {
    const client = request.agent(server.app());
    await signIn('odd', 'never-mind-the-gap', client).expect(201);
    const next = 'a password that nobody published';
    await client.put('/api/session/password').send({ current: 'never-mind-the-gap', next }).expect(200);
    expect(await closeDemo()).toEqual([1, 0]);
    await signIn('odd', next).expect(201);
  });
});

test('a code that one server printed is not voided by the next', async () => {
  const codes = [newTypedCode(), newTypedCode()] as const;
  await inTransaction(server.pool, markNotSetUp);
  for (const code of codes) await inTransaction(server.pool, (db) => addSetUpCode(db, hashSecret(code)));
  const body = { shop: 'Slip', name: 'Una', login: 'una-2', password: 'oars in the boathouse' };
  const come = (code: string) =>
    request(server.app())
      .post('/api/session/set-up')
      .send({ ...body, code });
  await come(codes[0]).expect(201);
  await come(codes[1]).expect(422);
});

test('an invitation ends with the right of who made it', async () => {
  const lead = request.agent(server.app());
  await signIn('ylva', 'kettle-on-the-boil', lead).expect(201);
  const { body } = await lead.post('/api/people/invitations').send({ name: 'N', role: 'reader' }).expect(201);
  const look = () => request(server.app()).post('/api/session/invitation').send(code);
  const code = { code: (body as { code: string }).code };
  await look().expect(200);
  await inShop(server.pool, seeded.id, (db) => db.query("UPDATE people SET role = 'technician' WHERE login = 'ylva'"));
  await look().expect(422);
});
