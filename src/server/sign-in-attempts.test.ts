import { pino } from 'pino';
import request from 'supertest';
import { seedQuay, signingIn } from './testing-seeded';
import { createTestServer, type TestServer } from './testing-server';

let server: TestServer;
beforeAll(async () => {
  server = await createTestServer();
  await seedQuay(server);
});
afterAll(() => server.close());
const later = (seconds: number) => (server.now = new Date(server.now.getTime() + 1000 * seconds));
beforeEach(() => later(7200));

const signIn = signingIn(() => server);

test('neither a wrong password nor an unknown name says which of them it was', async () => {
  const wrong = await signIn('ylva', 'kettle-off-the-boil').expect(401);
  const unknown = await signIn('nobody', 'kettle-on-the-boil').expect(401);
  expect(wrong.body).toEqual(unknown.body);
});

test('each failed attempt doubles the wait, and a right password in time resets it', async () => {
  for (let n = 0; n < 5; n++) await signIn('odd', `wrong-${n}`).expect(401);
  await signIn('odd', 'wrong').expect(401);
  const early = await signIn('odd', 'never-mind-the-gap').expect(429);
  expect(early.headers['retry-after']).toBe('1');
  later(2);
  await signIn('odd', 'wrong').expect(401);
  later(1);
  await signIn('odd', 'never-mind-the-gap').expect(429);
  later(2);
  await signIn('odd', 'never-mind-the-gap').expect(201);
  await signIn('odd', 'wrong').expect(401);
  await signIn('odd', 'never-mind-the-gap').expect(201);
});

test('failures that are long forgotten are not kept', async () => {
  const kept = async () =>
    Number((await server.pool.query<{ count: string }>('SELECT count(*) FROM sign_in_failures')).rows[0]?.count);
  for (const login of ['guess-1', 'guess-2', 'guess-3']) await signIn(login, 'x').expect(401);
  expect(await kept()).toBeGreaterThanOrEqual(4);
  later(3601);
  await signIn('ylva', 'kettle-on-the-boil').expect(201);
  expect(await kept()).toBe(0);
});

test('guesses at the same moment do not slip through', async () => {
  const app = server.app();
  const guess = (_: unknown, n: number) => signIn('odd', `guess-${n}`, request.agent(app));
  const answers = await Promise.all(Array.from({ length: 20 }, guess));
  expect(answers.filter(({ status }) => status === 401).length).toBeLessThanOrEqual(9);
  expect(answers.filter(({ status }) => status === 429).length).toBeGreaterThanOrEqual(11);
});

test('right passwords at the same moment all come in', async () => {
  const all = Array.from({ length: 24 }, (_, n) =>
    n % 2 === 0 ? signIn('ylva', 'kettle-on-the-boil') : signIn('odd', 'never-mind-the-gap'),
  );
  expect((await Promise.all(all)).map(({ status }) => status)).toEqual(Array(24).fill(201));
});

describe('from many addresses', () => {
  const from = (address: string, client = request.agent(server.app({ trustedProxies: 1 }))) => ({
    signIn: (login: string, password: string) =>
      client.post('/api/session').set('x-forwarded-for', address).send({ login, password }),
  });

  test('guesses elsewhere keep nobody out', async () => {
    for (let n = 0; n < 40; n++) await from(`10.0.0.${n}`).signIn('odd', `guess-${n}`).expect(401);
    await from('10.1.1.1').signIn('odd', 'never-mind-the-gap').expect(201);
  });

  test('a device that signed in before gets through where its address has to wait, and no further than its own guesses', async () => {
    const client = request.agent(server.app({ trustedProxies: 1 }));
    const device = from('10.2.2.2', client);
    await device.signIn('odd', 'never-mind-the-gap').expect(201);
    for (let n = 0; n < 6; n++) await from('10.2.2.2').signIn('odd', `guess-${n}`).expect(401);
    await from('10.2.2.2').signIn('odd', 'never-mind-the-gap').expect(429);
    await device.signIn('odd', 'never-mind-the-gap').expect(201);
    for (let n = 0; n < 11; n++) await device.signIn('odd', `guess-${n}`).expect(401);
    await device.signIn('odd', 'never-mind-the-gap').expect(429);
  });

  test('a new password makes every device a stranger again', async () => {
    const client = request.agent(server.app({ trustedProxies: 1 }));
    await from('10.3.3.3', client).signIn('odd', 'never-mind-the-gap').expect(201);
    await client
      .put('/api/session/password')
      .send({ current: 'never-mind-the-gap', next: 'never mind the other gap' })
      .expect(200);
    for (let n = 0; n < 6; n++) await from('10.3.3.3').signIn('odd', `guess-${n}`).expect(401);
    await from('10.3.3.3', client).signIn('odd', 'never mind the other gap').expect(429);
    later(600);
    await from('10.3.3.3', client).signIn('odd', 'never mind the other gap').expect(201);
    await client
      .put('/api/session/password')
      .send({ current: 'never mind the other gap', next: 'never-mind-the-gap' })
      .expect(200);
  });

  test('what failed stands in the audit with its address, and in the log without what was typed', async () => {
    const lines: string[] = [];
    const log = pino({ level: 'warn' }, { write: (line: string) => void lines.push(line) });
    const client = request.agent(server.app({ trustedProxies: 1, log }));
    await from('10.4.4.4', client).signIn('ylva', 'kettle-off').expect(401);
    await from('10.4.4.5', client).signIn('my password by mistake', 'x').expect(401);
    expect(lines.map((line) => JSON.parse(line) as object)).toMatchObject([
      { msg: 'a sign-in failed', address: '10.4.4.4' },
      { msg: 'a sign-in failed', address: '10.4.4.5', person: null },
    ]);
    expect(lines.join()).not.toMatch(/kettle-off|by mistake/);
    const lead = request.agent(server.app());
    await signIn('ylva', 'kettle-on-the-boil', lead).expect(201);
    const { body } = await lead.get('/api/audit').query({ action: 'sign-in-failed' });
    expect((body as { entries: object[] }).entries[0]).toMatchObject({ detail: { from: '10.4.4.4' } });
  });
});

test('a clock that was ahead for a while keeps nobody out', async () => {
  later(6 * 3600);
  for (let n = 0; n < 8; n++) {
    await signIn('odd', `guess-${n}`);
    later(300);
  }
  later(-8 * 3600);
  await signIn('odd', 'never-mind-the-gap').expect(201);
});
