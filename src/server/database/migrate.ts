import { createHash } from 'node:crypto';
import { readdir, readFile } from 'node:fs/promises';
import { join } from 'node:path';
import pg from 'pg';

/** Any fixed number: one migration at a time in a database. */
const lockKey = 4780_0001;

/**
 * Brings the database up to date: each numbered .sql file once, in order, each in its own transaction.
 * Failure: throws, naming the file; a file that changed after it ran is refused.
 */
export async function migrate(connectionString: string, folder: string): Promise<string[]> {
  const client = new pg.Client({ connectionString, connectionTimeoutMillis: 10_000 });
  await client.connect();
  try {
    await client.query('SELECT pg_advisory_lock($1)', [lockKey]);
    await ensureRole(client);
    await client.query(
      'CREATE TABLE IF NOT EXISTS migrations (name text PRIMARY KEY, sha256 text NOT NULL, ran_at timestamptz NOT NULL DEFAULT now())',
    );
    return await runPending(client, folder);
  } finally {
    await client.end();
  }
}

/** The role that requests run as: owns nothing, bypasses nothing. Roles are shared by the databases of a cluster. */
async function ensureRole(client: pg.Client): Promise<void> {
  const found = await client.query("SELECT 1 FROM pg_roles WHERE rolname = 'probe_app'");
  if (found.rowCount === 0)
    await client.query('CREATE ROLE probe_app NOLOGIN NOSUPERUSER NOBYPASSRLS').catch(ignoreIfThere);
  await client.query(
    "DO $$ BEGIN IF NOT pg_has_role(current_user, 'probe_app', 'MEMBER') THEN EXECUTE format('GRANT probe_app TO %I', current_user); END IF; END $$",
  );
}

const duplicateObject = '42710';
const uniqueViolation = '23505';

/** Two databases of one cluster may be migrated at the same moment. */
function ignoreIfThere(error: unknown): void {
  const code = error instanceof pg.DatabaseError ? error.code : undefined;
  if (code !== duplicateObject && code !== uniqueViolation) throw error;
}

async function runPending(client: pg.Client, folder: string): Promise<string[]> {
  const done = new Map<string, string>();
  for (const row of (await client.query<{ name: string; sha256: string }>('SELECT name, sha256 FROM migrations')).rows)
    done.set(row.name, row.sha256);
  const ran: string[] = [];
  const files = (await readdir(folder)).filter((file) => /^\d{4}_.*\.sql$/.test(file)).sort();
  const newer = [...done.keys()].filter((name) => !files.includes(name)).sort();
  if (newer.length > 0)
    throw new Error(
      `The database was written by a newer version of Jovial Probe (it has ${newer.join(', ')}). Start that version, or restore a backup of before.`,
    );
  for (const name of files) {
    const text = await readFile(join(folder, name), 'utf8');
    const sha256 = createHash('sha256').update(text).digest('hex');
    const before = done.get(name);
    if (before !== undefined && before !== sha256)
      throw new Error(`${name}: expected the file that ran before, found it changed (add a new migration instead)`);
    if (before !== undefined) continue;
    await runOne(client, name, text, sha256);
    ran.push(name);
  }
  return ran;
}

async function runOne(client: pg.Client, name: string, text: string, sha256: string): Promise<void> {
  try {
    await client.query('BEGIN');
    await client.query(text);
    await client.query('INSERT INTO migrations (name, sha256) VALUES ($1, $2)', [name, sha256]);
    await client.query('COMMIT');
  } catch (error) {
    await client.query('ROLLBACK');
    throw new Error(`${name}: ${error instanceof Error ? error.message : String(error)}`, { cause: error });
  }
}
