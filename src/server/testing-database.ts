import { readFileSync } from 'node:fs';
import { gunzipSync } from 'node:zlib';
import pg from 'pg';
import { migrate } from './database/migrate';

interface TestDatabaseOptions {
  /** Without anything in it, not even tables. */
  readonly isEmpty?: boolean;
  /** With the data of an earlier release, which is migrated: a packed dump. */
  readonly release?: string;
}

/** A fresh database of its own in the test cluster, migrated. */
export async function createTestDatabase({ isEmpty = false, release }: TestDatabaseOptions = {}): Promise<{
  url: string;
  drop: () => Promise<void>;
}> {
  const ownerUrl = process.env['TEST_DATABASE_URL'];
  if (!ownerUrl)
    throw new Error('TEST_DATABASE_URL: expected the address of the test cluster, found nothing (run npm test)');
  const name = `test_${process.pid}_${Math.random().toString(36).slice(2, 10)}`;
  await run(ownerUrl, `CREATE DATABASE ${name}`);
  const url = new URL(ownerUrl);
  url.pathname = `/${name}`;
  if (release !== undefined) await run(url.href, gunzipSync(readFileSync(release)).toString('utf8'));
  if (!isEmpty) await migrate(url.href, 'src/server/migrations');
  return { url: url.href, drop: () => run(ownerUrl, `DROP DATABASE ${name} WITH (FORCE)`) };
}

async function run(url: string, statement: string): Promise<void> {
  const client = new pg.Client({ connectionString: url });
  await client.connect();
  await client.query(statement).finally(() => client.end());
}
