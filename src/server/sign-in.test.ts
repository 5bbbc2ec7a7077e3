import request from 'supertest';
import type { Me } from '../contracts';
import { inTransaction } from './database/in-shop';
import { addSetUpCode } from './repositories/installation';
import { hashSecret, newTypedCode } from './services/secrets';
import { seedQuay, signingIn } from './testing-seeded';
import { createTestServer, type TestServer } from './testing-server';

let server: TestServer;
beforeAll(async () => {
  server = await createTestServer();
});
afterAll(() => server.close());
const later = (seconds: number) => (server.now = new Date(server.now.getTime() + 1000 * seconds));
beforeEach(() => later(7200));

const signIn = signingIn(() => server);
const cookieOf = (answer: { headers: Record<string, unknown> }) => String(answer.headers['set-cookie']);

test('the first lead is made by the printed code, once, and is signed in', async () => {
  const code = newTypedCode();
  await inTransaction(server.pool, (db) => addSetUpCode(db, hashSecret(code)));
  const client = request.agent(server.app());
  expect((await client.get('/api/session')).body).toMatchObject({ me: null, needsSetUp: true });
  const body = { code: code.toLowerCase(), shop: 'Slip', name: 'Una', login: 'Una', password: 'oars in the boathouse' };
  await client
    .post('/api/session/set-up')
    .send({ ...body, code: newTypedCode() })
    .expect(422);
  await client
    .post('/api/session/set-up')
    .send({ ...body, password: 'una una una' })
    .expect(422);
  await client.post('/api/session/set-up').send(body).expect(201);
  expect((await client.get('/api/session')).body).toMatchObject({
    me: { name: 'Una', login: 'una', role: 'lead', shop: { name: 'Slip' } },
    needsSetUp: false,
  });
  await client
    .post('/api/session/set-up')
    .send({ ...body, login: 'second' })
    .expect(422);
  await seedQuay(server);
});

test('nothing but health and the session is answered without a session', async () => {
  const client = request(server.app());
  for (const path of ['cases', 'boards', 'people', 'audit', 'owners?name=x', 'changes', 'teapots'])
    expect([path, (await client.get(`/api/${path}`)).status]).toEqual([path, 401]);
  await client.post('/api/cases').send({}).expect(401);
  await client.get('/api/health').expect(200);
  await client.get('/api/session').expect(200);
});

test('a right password signs in with a cookie that no script and no other site can use', async () => {
  const answer = await signIn(' YLVA ', 'kettle-on-the-boil').expect(201);
  expect(answer.body as Me).toMatchObject({ name: 'Ylva', role: 'lead', shop: { name: 'Quay three' } });
  expect(cookieOf(answer)).toMatch(/^probe=[\w-]{43}; .*HttpOnly; SameSite=Strict$/);
  const secure = await signIn('ylva', 'kettle-on-the-boil', request.agent(server.app({ isSecure: true })));
  expect(cookieOf(secure)).toMatch(/^__Host-probe=.*Path=\/;.*Secure/);
});

test('signing in again ends the session that the browser had', async () => {
  const client = request.agent(server.app());
  const first = cookieOf(await signIn('ylva', 'kettle-on-the-boil', client)).split(';')[0] ?? '';
  const second = cookieOf(await signIn('ylva', 'kettle-on-the-boil', client)).split(';')[0] ?? '';
  expect(second).not.toBe(first);
  await request(server.app()).get('/api/cases').set('cookie', first).expect(401);
  await request(server.app()).get('/api/cases').set('cookie', second).expect(200);
});

test('a session ends when nobody uses it for a working day, and after a week however much it is used', async () => {
  const client = request.agent(server.app());
  await signIn('ylva', 'kettle-on-the-boil', client);
  for (let hours = 0; hours < 160; hours += 10) {
    later(10 * 3600);
    await client.get('/api/cases').expect(200);
  }
  later(9 * 3600);
  await client.get('/api/cases').expect(401);
  await signIn('ylva', 'kettle-on-the-boil', client);
  later(12 * 3600 + 1);
  await client.get('/api/cases').expect(401);
});

test('signing out ends this session, signing out everywhere all of them', async () => {
  const [one, two] = [request.agent(server.app()), request.agent(server.app())];
  await signIn('ylva', 'kettle-on-the-boil', one);
  await signIn('ylva', 'kettle-on-the-boil', two);
  await one.delete('/api/session').expect(204);
  await one.get('/api/cases').expect(401);
  await two.get('/api/cases').expect(200);
  await signIn('ylva', 'kettle-on-the-boil', one);
  await two.delete('/api/session/all').expect(204);
  await one.get('/api/cases').expect(401);
  await two.get('/api/cases').expect(401);
});

test('a changed password ends the other sessions; the old one opens nothing', async () => {
  const [one, two] = [request.agent(server.app()), request.agent(server.app())];
  await signIn('odd', 'never-mind-the-gap', one);
  await signIn('odd', 'never-mind-the-gap', two);
  const change = (current: string, next: string) => one.put('/api/session/password').send({ current, next });
  expect((await change('wrong', 'mind the gap again').expect(422)).body).toMatchObject({
    fields: [{ path: ['current'] }],
  });
  for (const weak of ['short', 'password123', 'aaaaaaaaaaaa', 'odd-quay-three'])
    expect((await change('never-mind-the-gap', weak).expect(422)).body).toMatchObject({ fields: [{ path: ['next'] }] });
  await change('never-mind-the-gap', 'mind the gap again').expect(200);
  await one.get('/api/cases').expect(200);
  await two.get('/api/cases').expect(401);
  await signIn('odd', 'never-mind-the-gap').expect(401);
  await signIn('odd', 'mind the gap again').expect(201);
});

test('an invitation is shown once, opens one account, and is gone when used, withdrawn or old', async () => {
  const lead = request.agent(server.app());
  await signIn('ylva', 'kettle-on-the-boil', lead);
  const invite = async () =>
    ((await lead.post('/api/people/invitations').send({ name: 'Pål', role: 'trainee' })).body as { code: string }).code;
  const post = (path: string, body: object) => request(server.app()).post(`/api/session/invitation${path}`).send(body);
  const code = await invite();
  expect((await post('', { code }).expect(200)).body).toMatchObject({
    name: 'Pål',
    role: 'trainee',
    shop: 'Quay three',
  });
  const account = { code, login: 'pal', password: 'rope and tar and rope' };
  await post('/accept', { ...account, login: 'ylva' }).expect(422);
  const both = await Promise.all([post('/accept', account), post('/accept', { ...account, login: 'pal2' })]);
  expect(both.map(({ status }) => status).sort()).toEqual([201, 422]);
  await post('', { code }).expect(422);
  const withdrawn = await invite();
  const { body } = await lead.get('/api/people');
  const [open] = (body as { invitations: { id: string }[] }).invitations;
  await lead.delete(`/api/people/invitations/${open?.id}`).expect(204);
  await post('/accept', { ...account, code: withdrawn, login: 'late' }).expect(422);
  const old = await invite();
  later(73 * 3600);
  await post('/accept', { ...account, code: old, login: 'late' }).expect(422);
});

test('guessing codes gets slow; looking at a right one again and again does not', async () => {
  const lead = request.agent(server.app());
  await signIn('ylva', 'kettle-on-the-boil', lead);
  const invited = await lead.post('/api/people/invitations').send({ name: 'Guest', role: 'reader' });
  const { code } = invited.body as { code: string };
  const look = (what: string) => request(server.app()).post('/api/session/invitation').send({ code: what });
  for (let n = 0; n < 30; n++) await look(code).expect(200);
  const guesses: number[] = [];
  for (let n = 0; n < 24; n++) guesses.push((await look(`guess-number-${n}`)).status);
  expect(guesses.slice(0, 20)).toEqual(Array(20).fill(422));
  expect(guesses.slice(-2)).toEqual([429, 429]);
});

test('who is closed out or given another role is signed out, and the shop keeps a lead', async () => {
  const [lead, other] = [request.agent(server.app()), request.agent(server.app())];
  const { id } = (await signIn('ylva', 'kettle-on-the-boil', lead)).body as Me;
  const odd = (await signIn('odd', 'mind the gap again', other)).body as Me;
  const change = (who: string, body: object) => lead.put(`/api/people/${who}`).send(body);
  expect((await change(id, { isActive: false }).expect(409)).body).toMatchObject({ code: 'last-lead' });
  expect((await change(id, { role: 'reader' }).expect(409)).body).toMatchObject({ code: 'last-lead' });
  await change(odd.id, { isActive: false }).expect(204);
  await other.get('/api/cases').expect(401);
  await signIn('odd', 'mind the gap again').expect(401);
  await change(odd.id, { isActive: true, role: 'lead' }).expect(204);
  await change(id, { role: 'reader' }).expect(204);
});

test('what another site makes a browser send is refused', async () => {
  const post = () => server.as().post('/api/boards').send({});
  expect((await post().set('origin', 'https://elsewhere.invalid')).body).toMatchObject({ code: 'foreign-request' });
  expect((await post().set('sec-fetch-site', 'cross-site')).body).toMatchObject({ code: 'foreign-request' });
  expect((await post().set('sec-fetch-site', 'same-site')).body).toMatchObject({ code: 'foreign-request' });
  expect((await post().set('origin', 'null')).body).toMatchObject({ code: 'foreign-request' });
});
