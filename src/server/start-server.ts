import { readFileSync } from 'node:fs';
import type { AddressInfo } from 'node:net';
import { dirname, join } from 'node:path';
import { fileURLToPath } from 'node:url';
import pg from 'pg';
import { pino } from 'pino';
import type { Session } from '../contracts';
import { createApp } from './app';
import { readConfig } from './config/read-config';
import { createChangeFeed } from './database/changes';
import { counted } from '../core/wording';
import { inShop, inTransaction } from './database/in-shop';
import { migrate } from './database/migrate';
import { createPool } from './database/pool';
import { createHttpServer } from './http-server';
import { addSetUpCode, findDemoShop, isSetUp, markNotSetUp } from './repositories/installation';
import { closeDemoPeople, countActiveLeads } from './repositories/people';
import { createOutlookThread } from './services/outlook-thread';
import { createOutlooks } from './services/outlooks';
import { hashSecret, newTypedCode } from './services/secrets';
import { shutDownGracefully } from './shut-down-gracefully';

/** What comes before serving, as the demo does: given the pool, says which accounts the sign-in page shows. */
export type Prepare = (pool: pg.Pool) => Promise<Session['demoAccounts']>;

/** Served without the demo: accounts whose passwords anybody can read are closed. */
const closeDemo: Prepare = async (pool) => {
  const shopId = await inTransaction(pool, findDemoShop);
  if (!shopId) return [];
  const { closed, leads } = await inShop(pool, shopId, async (db) => ({
    closed: await closeDemoPeople(db),
    leads: await countActiveLeads(db),
  }));
  if (leads === 0) await inTransaction(pool, markNotSetUp);
  if (closed > 0)
    process.stdout.write(
      `Closed ${counted(closed, 'account')} of the demo: their passwords are published. What they wrote stays.\n`,
    );
  return [];
};

/**
 * Reads the configuration, connects, migrates, prepares, listens on loopback, and stops cleanly on SIGINT and SIGTERM.
 * Failure: ends the process with 1 and one line that says why.
 */
export async function startServer(prepare: Prepare = closeDemo): Promise<void> {
  try {
    await start(prepare);
  } catch (error) {
    fail(error);
  }
}

async function start(prepare: Prepare): Promise<void> {
  const config = readConfig(process.env);
  const log = pino({ level: config.logLevel, redact: ['req.headers', 'password', 'token', 'code'] });
  const here = dirname(fileURLToPath(import.meta.url));
  const { version } = JSON.parse(readFileSync(join(here, '../../package.json'), 'utf8')) as { version: string };
  await migrate(config.migrationDatabaseUrl, join(here, '../server/migrations'));
  const onError = (error: Error) => log.warn({ err: error }, 'a database connection broke');
  const pool = createPool(config.databaseUrl, { onError });
  const reads = createPool(config.databaseUrl, { onError, max: 8 });
  // Servers that start at once do this one after the other.
  const { demoAccounts, code } = await alone(pool, async () => ({
    demoAccounts: await prepare(pool),
    code: await newSetUpCode(pool),
  }));
  const changes = createChangeFeed(config.databaseUrl, onError);
  const thread = createOutlookThread(new URL('../server/outlook-worker.js', import.meta.url));
  const outlooks = createOutlooks({ pool, foresee: thread.foresee, announce: changes.announce, log });
  const app = createApp({
    pool,
    reads,
    changes,
    outlooks,
    log,
    version,
    now: () => new Date(),
    isSecure: config.isSecure,
    publicHost: config.publicHost,
    trustedProxies: config.trustedProxies,
    demoAccounts,
    requestsPerMinute: config.requestsPerMinute,
    webRoot: config.webRoot,
  });
  const server = createHttpServer(app).listen(config.port, '127.0.0.1');
  server.on('error', (error) => fail(error));
  server.on('listening', () => {
    const url = `http://127.0.0.1:${(server.address() as AddressInfo).port}`;
    if (code)
      process.stdout.write(`Nobody works here yet. Make the first lead at ${url}/set-up with the code ${code}\n`);
    process.stdout.write(`Jovial Probe is at ${url}\n`);
    // The start command starts again what has served and then ended.
    process.send?.('serving');
  });
  shutDownGracefully(server, async () => {
    outlooks.close();
    await thread.close();
    await changes.close();
    await Promise.all([pool.end(), reads.end()]);
  });
}

/** Any fixed number: one server at a time prepares a database. */
const prepareLock = 4780_0002;

async function alone<T>(pool: pg.Pool, work: () => Promise<T>): Promise<T> {
  const client = new pg.Client({ connectionString: pool.options.connectionString, connectionTimeoutMillis: 10_000 });
  await client.connect();
  try {
    await client.query('SELECT pg_advisory_lock($1)', [prepareLock]);
    return await work();
  } finally {
    await client.end();
  }
}

/** A code for the first lead, printed once; null where there is one already. */
async function newSetUpCode(pool: pg.Pool): Promise<string | null> {
  return inTransaction(pool, async (db) => {
    if (await isSetUp(db)) return null;
    const code = newTypedCode();
    await addSetUpCode(db, hashSecret(code));
    return code;
  });
}

function fail(error: unknown): void {
  const code = error instanceof Error && 'code' in error ? error.code : undefined;
  const words =
    code === 'EADDRINUSE'
      ? `expected a free port, found ${process.env['PORT'] ?? 4780} taken (set PORT to another)`
      : String(error instanceof Error ? error.message : error);
  process.stderr.write(`Jovial Probe cannot start: ${words}\n`);
  process.exit(1);
}
