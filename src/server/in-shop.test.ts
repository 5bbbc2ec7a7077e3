import { inTransaction } from './database/in-shop';
import { createTestServer, type TestServer } from './testing-server';

let server: TestServer;
beforeAll(async () => {
  server = await createTestServer();
});
afterAll(() => server.close());

const withCode = (code: string) => Object.assign(new Error('undone'), { code });

/** Work that PostgreSQL rolls back this often before it goes through. */
function undone(times: number, code: string) {
  const attempts: number[] = [];
  const work = inTransaction(server.pool, async (db) => {
    await db.query('INSERT INTO sign_in_failures VALUES ($1, 1, now(), now())', [
      `${code} ${times} ${attempts.length}`,
    ]);
    attempts.push(attempts.length);
    if (attempts.length <= times) throw withCode(code);
    return 'through';
  });
  return { work, attempts };
}
const kept = async (key: string) =>
  (await server.pool.query('SELECT 1 FROM sign_in_failures WHERE key_hash LIKE $1', [`${key} %`])).rowCount;

test.each(['40P01', '40001'])(
  'work that was undone by %s for another is done again, and leaves one trace',
  async (code) => {
    const { work, attempts } = undone(3, code);
    expect(await work).toBe('through');
    expect([attempts.length, await kept(`${code} 3`)]).toEqual([4, 1]);
  },
);

test('it is not done again for ever, nor for any other failure', async () => {
  const often = undone(9, '40P01');
  await expect(often.work).rejects.toThrow('undone');
  const other = undone(1, '23505');
  await expect(other.work).rejects.toThrow('undone');
  expect([often.attempts.length, other.attempts.length]).toEqual([4, 1]);
  expect([await kept('40P01 9'), await kept('23505 1')]).toEqual([0, 0]);
});

test('two who lock the same rows the other way round both get through', async () => {
  const [a, b] = [server.personId('lead'), server.personId('reader')];
  const lock = (first: string, second: string) =>
    inTransaction(server.pool, async (db) => {
      await db.query("SELECT set_config('probe.shop_id', $1, true)", ['11111111-1111-4111-8111-111111111111']);
      await db.query('SELECT 1 FROM people WHERE id = $1 FOR UPDATE', [first]);
      await new Promise((resolve) => setTimeout(resolve, 100));
      return (await db.query('SELECT 1 FROM people WHERE id = $1 FOR UPDATE', [second])).rowCount;
    });
  expect(await Promise.all([lock(a, b), lock(b, a)])).toEqual([1, 1]);
});
