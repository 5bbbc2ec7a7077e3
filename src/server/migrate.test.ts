import { mkdtempSync, writeFileSync } from 'node:fs';
import { tmpdir } from 'node:os';
import { join } from 'node:path';
import pg from 'pg';
import { migrate } from './database/migrate';
import { createTestDatabase } from './testing-database';

let database: Awaited<ReturnType<typeof createTestDatabase>>;
beforeEach(async () => {
  database = await createTestDatabase({ isEmpty: true });
});
afterEach(() => database.drop());

const folderWith = (files: Record<string, string>) => {
  const folder = mkdtempSync(join(tmpdir(), 'migrations-'));
  for (const [name, text] of Object.entries(files)) writeFileSync(join(folder, name), text);
  return folder;
};
async function tableExists(name: string): Promise<boolean> {
  const client = new pg.Client({ connectionString: database.url });
  await client.connect();
  const { rows } = await client.query<{ found: string | null }>('SELECT to_regclass($1)::text AS found', [name]);
  await client.end();
  return rows[0]?.found !== null;
}

test('each file runs once, in the order of its number', async () => {
  const folder = folderWith({
    '9002_b.sql': 'INSERT INTO t VALUES (1)',
    '9001_a.sql': 'CREATE TABLE t (n int)',
    'notes.txt': 'x',
  });
  expect(await migrate(database.url, folder)).toEqual(['9001_a.sql', '9002_b.sql']);
  expect(await migrate(database.url, folder)).toEqual([]);
});

test('a file that fails leaves nothing behind and is named', async () => {
  const folder = folderWith({ '9001_half.sql': 'CREATE TABLE half (n int); SELECT 1/0;' });
  await expect(migrate(database.url, folder)).rejects.toThrow('9001_half.sql: division by zero');
  expect(await tableExists('half')).toBe(false);
});

test('a file that changed after it ran is refused', async () => {
  const folder = folderWith({ '9001_a.sql': 'CREATE TABLE a (n int)' });
  await migrate(database.url, folder);
  writeFileSync(join(folder, '9001_a.sql'), 'CREATE TABLE a (n bigint)');
  await expect(migrate(database.url, folder)).rejects.toThrow('9001_a.sql: expected the file that ran before');
});

test('two servers that start at once migrate once', async () => {
  const folder = folderWith({ '9001_a.sql': 'CREATE TABLE a (n int)' });
  const ran = await Promise.all([migrate(database.url, folder), migrate(database.url, folder)]);
  expect(ran.flat()).toEqual(['9001_a.sql']);
});

test('an older program refuses the database of a newer one, and leaves it as it is', async () => {
  const folder = folderWith({ '9001_a.sql': 'CREATE TABLE a (n int)' });
  const newer = folderWith({ '9001_a.sql': 'CREATE TABLE a (n int)', '9002_b.sql': 'CREATE TABLE b (n int)' });
  await migrate(database.url, newer);
  await expect(migrate(database.url, folder)).rejects.toThrow('newer version of Jovial Probe (it has 9002_b.sql)');
  expect(await tableExists('b')).toBe(true);
});
