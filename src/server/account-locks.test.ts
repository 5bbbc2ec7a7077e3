import { createTestServer, type TestServer } from './testing-server';

let server: TestServer;
beforeAll(async () => {
  server = await createTestServer();
});
afterAll(() => server.close());

test('who signs out everywhere holds no session before the person: a change of the account meanwhile is not locked out', async () => {
  const personId = server.personId('reader', 1);
  const db = await server.pool.connect();
  try {
    await db.query('BEGIN');
    await db.query("SELECT set_config('probe.shop_id', $1, true)", ['22222222-2222-4222-8222-222222222222']);
    await db.query('SELECT id FROM people WHERE id = $1 FOR UPDATE', [personId]);
    const leaving = server
      .as('reader', 1)
      .delete('/api/session/all')
      .then(({ status }) => status);
    // Until it waits for the person.
    await new Promise((resolve) => setTimeout(resolve, 300));
    const { rowCount } = await db.query('SELECT 1 FROM sessions WHERE person_id = $1 FOR UPDATE NOWAIT', [personId]);
    expect(rowCount).toBeGreaterThan(0);
    await db.query('COMMIT');
    expect(await leaving).toBe(204);
  } finally {
    db.release();
  }
});
