import request from 'supertest';
import { createTestServer, type TestServer } from './testing-server';

let server: TestServer;
beforeAll(async () => {
  server = await createTestServer();
});
afterAll(() => server.close());

describe('the host that is asked for', () => {
  const ask = (host: string, more: Parameters<TestServer['app']>[0] = {}) =>
    request(server.app(more)).get('/api/session').set('host', host);

  test('is this machine, unless an address is configured', async () => {
    for (const host of ['localhost', '127.0.0.1:4780', '[::1]:4780', 'LOCALHOST:80']) await ask(host).expect(200);
    const { body } = await ask('bench.attacker.example').expect(421);
    expect(body).toMatchObject({ code: 'other-host' });
    await ask('127.0.0.1.attacker.example').expect(421);
    await ask('bench.example', { publicHost: 'bench.example' }).expect(200);
    await ask('other.example', { publicHost: 'bench.example' }).expect(421);
  });

  test('is what a trusted proxy says, and that decides what comes from another site', async () => {
    const post = (trustedProxies: number, publicHost: string | null = null) =>
      request(server.app({ trustedProxies, publicHost }))
        .post('/api/session')
        .set('host', '127.0.0.1:4780')
        .set('x-forwarded-host', 'bench.example')
        .set('origin', 'https://bench.example')
        .send({ login: 'nobody', password: 'x' });
    await post(1).expect(401);
    await post(1, 'bench.example').expect(401);
    await post(1, 'other.example').expect(421);
    // Nobody's word is taken without a proxy: the origin is another site then.
    await post(0).expect(403);
  });
});
