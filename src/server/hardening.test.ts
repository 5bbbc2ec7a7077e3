import { createHash } from 'node:crypto';
import { mkdirSync, mkdtempSync, writeFileSync } from 'node:fs';
import type { AddressInfo } from 'node:net';
import { connect } from 'node:net';
import { tmpdir } from 'node:os';
import { join } from 'node:path';
import { gzipSync } from 'node:zlib';
import request from 'supertest';
import { fullBoard } from '../contracts/testing-board';
import { createHttpServer } from './http-server';
import { createTestServer, type TestServer } from './testing-server';

let server: TestServer;
const root = mkdtempSync(join(tmpdir(), 'probe-web-'));
beforeAll(async () => {
  server = await createTestServer();
  const web = join(root, 'web');
  mkdirSync(join(web, 'assets'), { recursive: true });
  writeFileSync(join(root, 'secret.txt'), 'a secret beside the pages');
  writeFileSync(join(web, 'index.html'), '<style nonce="__STYLE_NONCE__"></style>the page');
  writeFileSync(join(web, 'assets', 'a-1234.js'), 'void 0;');
  writeFileSync(join(web, '.hidden'), 'a hidden file');
});
afterAll(() => server.close());
const withPages = () => server.app({ webRoot: join(root, 'web') });
const codeOf = (answer: { body: unknown }) => (answer.body as { code?: string }).code;

describe('a path that leads out of the pages', () => {
  /** As it is sent: other clients would tidy it up first. */
  const rawGet = async (path: string) => {
    const web = createHttpServer(withPages()).listen(0, '127.0.0.1');
    await new Promise((resolve) => web.once('listening', resolve));
    const socket = connect((web.address() as AddressInfo).port, '127.0.0.1');
    socket.write(`GET ${path} HTTP/1.1\r\nHost: localhost\r\nConnection: close\r\n\r\n`);
    let text = '';
    for await (const chunk of socket) text += String(chunk);
    await new Promise((resolve) => web.close(resolve));
    return text;
  };

  test.each([
    '/../secret.txt',
    '/assets/../../secret.txt',
    '/assets/..%2f..%2fsecret.txt',
    '/assets/%2e%2e/%2e%2e/secret.txt',
    '/..%5csecret.txt',
    '/.hidden',
    '/%2ehidden',
    '/assets/%00',
    '/assets/a-1234.js%00.html',
    '/%ff',
  ])('%s gives nothing away', async (path) => {
    const text = await rawGet(path);
    expect(text).not.toMatch(/a secret|a hidden/);
    expect(text).not.toMatch(/^HTTP\/1\.1 5/);
    expect(text).not.toContain(root);
  });

  test('what is missing among the files is said, and is not the page', async () => {
    for (const path of ['/assets/none-1.js', '/assets/', '/assets'])
      expect((await request(withPages()).get(path)).status).toBe(404);
    expect((await request(withPages()).get('/cases/anything')).text).toContain('the page');
  });
});

test('a page lets nothing run that did not come with it, and each one has a nonce of its own', async () => {
  const [one, two] = [await request(withPages()).get('/'), await request(withPages()).get('/')];
  const policy = String(one.headers['content-security-policy']);
  expect(policy).toContain("default-src 'none'");
  expect(policy).toContain("script-src 'self'");
  expect(policy).not.toMatch(/unsafe|https?:|\*/);
  const nonce = /nonce="([^"]+)"/.exec(one.text)?.[1];
  expect(policy).toContain(`'nonce-${nonce}'`);
  expect(two.text).not.toContain(nonce);
  expect(one.headers).toMatchObject({
    'x-content-type-options': 'nosniff',
    'referrer-policy': 'no-referrer',
    'cross-origin-opener-policy': 'same-origin',
  });
  expect(one.headers).not.toHaveProperty('x-powered-by');
});

describe('a body', () => {
  const post = () => server.as('lead').post('/api/cases').set('content-type', 'application/json');
  const put = (type: string) => server.as('lead').post('/api/cases').set('content-type', type);

  test('that unpacks to more than is taken is refused', async () => {
    const bomb = gzipSync(Buffer.alloc(20 * 2 ** 20, ' '));
    expect(bomb.length).toBeLessThan(50_000);
    const answer = await post()
      .set('content-encoding', 'gzip')
      .serialize((body: unknown) => body as string)
      .send(bomb);
    expect([answer.status, codeOf(answer)]).toEqual([413, 'body-too-large']);
  });

  test('that cannot be unpacked, is no JSON or in no known letters is refused', async () => {
    const broken = await post().set('content-encoding', 'gzip').send('"not packed"');
    expect([broken.status, codeOf(broken)]).toEqual([400, 'bad-request']);
    expect((await post().set('content-encoding', 'zip').send('{}')).status).toBe(415);
    expect((await put('application/json; charset=x').send('{}')).status).toBe(415);
    expect(codeOf(await post().send('{"id":'))).toBe('not-json');
    expect((await put('text/plain').send('{}')).status).toBe(422);
  });

  test('too long for signing in is refused long before it would be for a case', async () => {
    const answer = await request(server.app())
      .post('/api/session')
      .send({ login: 'x'.repeat(9000), password: 'x' });
    expect(answer.status).toBe(413);
  });

  test('deeper than anything is refused, and the server goes on', async () => {
    expect((await post().send('['.repeat(200_000) + ']'.repeat(200_000))).status).toBe(422);
    await server.as('lead').get('/api/cases').expect(200);
  });

  test('cannot reach into what all objects share', async () => {
    const body = '{"expectedEdition":0,"__proto__":{"polluted":1},"constructor":{"prototype":{"polluted":1}}}';
    expect((await put('application/json').send(body)).status).toBe(422);
    expect(({} as Record<string, unknown>)['polluted']).toBeUndefined();
  });
});

test('text with a character that is none is refused at its field, wherever it comes in', async () => {
  const lead = server.as('lead');
  const id = '12121212-1212-4212-8212-121212121212';
  for (const bad of ['a\0b', 'half \ud83c here'])
    expect(
      (
        await lead
          .put(`/api/boards/${id}`)
          .send({ expectedEdition: 0, board: { ...fullBoard, model: bad } })
          .expect(422)
      ).body,
    ).toMatchObject({ fields: [{ path: ['board', 'model'], code: 'unreadable-text' }] });
  await lead.get('/api/cases?search=%00').expect(422);
  await lead.get('/api/owners?name=a%00b').expect(422);
  await lead.get('/api/cases/%00').expect(422);
  await lead.get(`/api/boards/${id}`).expect(404);
});

test('an error of the database tells nobody what was in it', async () => {
  const pool = { connect: () => Promise.reject(new Error('relation "secret_table" of Owner Somebody')) };
  const answer = await request(server.app({ pool: pool as never }))
    .get('/api/cases')
    .set('cookie', server.cookie('lead'))
    .expect(500);
  expect(answer.text).not.toMatch(/secret_table|Somebody|\.ts:/);
});

describe('a client that is slow on purpose', () => {
  const limits = { headersMs: 300, requestMs: 600, idleMs: 300, stalledMs: 900, headers: 100 };
  test.each([
    ['its headers', 'POST /api/session HTTP/1.1\r\nHost: x\r\nX-Slow: '],
    [
      'its body',
      'POST /api/session HTTP/1.1\r\nHost: x\r\nContent-Type: application/json\r\nContent-Length: 500\r\n\r\n',
    ],
    ['its next request', 'GET /api/health/live HTTP/1.1\r\nHost: x\r\n\r\n'],
  ])('with %s is cut off, and others are answered meanwhile', async (_what, begin) => {
    const slow = createHttpServer(server.app(), limits).listen(0, '127.0.0.1');
    await new Promise((resolve) => slow.once('listening', resolve));
    const { port } = slow.address() as AddressInfo;
    const socket = connect(port, '127.0.0.1').on('error', () => undefined);
    const closed = new Promise((resolve) => socket.once('close', resolve));
    socket.write(begin);
    socket.resume();
    const drip = begin.startsWith('POST') ? setInterval(() => socket.write(' '), 50) : undefined;
    expect((await fetch(`http://127.0.0.1:${port}/api/health/live`)).status).toBe(200);
    await closed;
    clearInterval(drip);
    slow.closeAllConnections();
    await new Promise((resolve) => slow.close(resolve));
  });
});

test('what is kept of a session and of a code opens nothing', async () => {
  const token = server.cookie('lead').replace('probe=', '');
  const { rows } = await server.pool.query<{ token_hash: string }>('SELECT token_hash FROM sessions');
  const hash = createHash('sha256').update(token).digest('hex');
  expect(rows.map((row) => row.token_hash)).toContain(hash);
  await request(server.app())
    .get('/api/cases')
    .set('cookie', `probe=${hash.slice(0, 43)}`)
    .expect(401);
});

describe('more requests than one person may make', () => {
  test('are refused for a while, which the answer says; others go on', async () => {
    const app = server.app({ requestsPerMinute: 2 });
    const eager = server.as('technician', 0, app);
    for (const _ of [1, 2]) expect((await eager.get('/api/cases')).status).toBe(200);
    const refused = await eager.get('/api/cases');
    expect(refused.status).toBe(429);
    expect(codeOf(refused)).toBe('too-many-requests');
    expect(Number(refused.get('retry-after'))).toBeGreaterThan(0);
    expect(Number(refused.get('retry-after'))).toBeLessThanOrEqual(60);
    expect((await server.as('lead', 0, app).get('/api/cases')).status).toBe(200);
  });

  test('who leaves is not held back by it', async () => {
    const app = server.app({ requestsPerMinute: 1 });
    const eager = server.as('reader', 1, app);
    await eager.get('/api/cases');
    expect((await eager.get('/api/session')).status).toBe(200);
  });
});

describe('answers on their way', () => {
  const encodingOf = async (path: string) =>
    (await server.as('lead', 0, withPages()).get(path).set('accept-encoding', 'gzip')).get('content-encoding');

  test('are packed where they are long', async () => {
    writeFileSync(join(root, 'web', 'assets', 'long-1234.js'), 'void 0;'.repeat(1_000));
    expect(await encodingOf('/assets/long-1234.js')).toBe('gzip');
    const board = '/api/boards/55555555-5555-4555-8555-555555555555';
    await server.as('lead').put(board).send({ expectedEdition: 0, board: fullBoard }).expect(200);
    expect(await encodingOf(board)).toBe('gzip');
  });

  test('are not packed where a secret stands in them: their length would give it away', async () => {
    for (let made = 0; made < 12; made += 1)
      await server
        .as('lead')
        .post('/api/people/invitations')
        .send({ role: 'trainee', name: `Somebody ${made}` });
    const people = await server.as('lead', 0, withPages()).get('/api/people').set('accept-encoding', 'gzip');
    expect(Number(people.get('content-length'))).toBeGreaterThan(1_024);
    expect(people.get('content-encoding')).toBeUndefined();
  });
});

test.each([
  ['/api/session', { login: 'x', password: { length: { toString: 1 } } }],
  ['/api/session/invitation', { code: { length: { toString: 1 } } }],
  ['/api/session/set-up', { code: { length: { valueOf: 1, toString: 1 } }, shop: 'x', name: 'x', login: 'x' }],
])('%s: a body that cannot be looked at is refused, and is no fault of the server', async (path, body) => {
  const answer = await request(server.app()).post(path).send(body);
  expect([answer.status, codeOf(answer)]).toEqual([400, 'bad-request']);
});

test('one person cannot take the server from the others by asking for much at once', async () => {
  const app = server.app();
  const many = await Promise.all(Array.from({ length: 60 }, () => server.as('trainee', 0, app).get('/api/cases')));
  const refused = many.filter(({ status }) => status === 429);
  expect(refused.length).toBeGreaterThan(0);
  expect(refused[0]?.headers['retry-after']).toBe('1');
  expect(many.filter(({ status }) => status === 200).length).toBeGreaterThanOrEqual(24);
  await server.as('trainee', 0, app).get('/api/cases').expect(200);
});

test('a body that is too large is told what would be taken', async () => {
  const login = 'x'.repeat(9000);
  const small = await request(server.app()).post('/api/session').send({ login, password: 'x' });
  expect(small.body).toMatchObject({ status: 413, detail: 'expected at most 8 KiB' });
  const large = await server
    .as('lead')
    .post('/api/cases')
    .send({ id: 'x'.repeat(1_100_000) });
  expect(large.body).toMatchObject({ status: 413, detail: 'expected at most 1024 KiB' });
});
