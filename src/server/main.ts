import { readFileSync } from 'node:fs';
import type { AddressInfo } from 'node:net';
import { dirname, join } from 'node:path';
import { fileURLToPath } from 'node:url';
import type pg from 'pg';
import { pino } from 'pino';
import { createApp } from './app';
import { createBoardService, type BoardService } from './services/board-service';
import { createCaseService, type CaseService } from './services/case-service';
import { readConfig } from './config/read-config';
import { createChangeFeed } from './database/changes';
import { inTransaction } from './database/in-shop';
import { migrate } from './database/migrate';
import { createPool } from './database/pool';
import { createHttpServer } from './http-server';
import { isSetUp, writeSetUpCode } from './repositories/installation';
import { hashSecret, newTypedCode } from './services/secrets';
import { seedShop, type SeededShop } from './services/seed-people';
import { shutDownGracefully } from './shut-down-gracefully';

/** Reads the configuration, connects, migrates, listens on loopback, and stops cleanly on SIGINT and SIGTERM. */
async function main(): Promise<void> {
  const config = readConfig(process.env);
  const log = pino({ level: config.logLevel, redact: ['req.headers', 'password', 'token', 'code'] });
  const here = dirname(fileURLToPath(import.meta.url));
  const { version } = JSON.parse(readFileSync(join(here, '../../package.json'), 'utf8')) as { version: string };
  await migrate(config.migrationDatabaseUrl, join(here, 'migrations'));
  const onError = (error: Error) => log.warn({ err: error }, 'a database connection broke');
  const pool = createPool(config.databaseUrl, { onError });
  const demoAccounts = config.loadDemo ? await loadDemo(here, pool) : [];
  const code = await newSetUpCode(pool);
  const changes = createChangeFeed(config.databaseUrl, onError);
  const app = createApp({
    pool,
    changes,
    log,
    version,
    now: () => new Date(),
    isSecure: config.isSecure,
    trustedProxies: config.trustedProxies,
    demoAccounts,
    webRoot: config.webRoot,
  });
  const server = createHttpServer(app).listen(config.port, '127.0.0.1');
  server.on('error', (error) => fail(error));
  server.on('listening', () => {
    const url = `http://127.0.0.1:${(server.address() as AddressInfo).port}`;
    if (code)
      process.stdout.write(`Nobody works here yet. Make the first lead at ${url}/set-up with the code ${code}\n`);
    process.stdout.write(`Jovial Probe is at ${url}\n`);
  });
  shutDownGracefully(server, async () => {
    await changes.close();
    await pool.end();
  });
}

/** A code for the first lead, printed once; null where there is one already. */
async function newSetUpCode(pool: pg.Pool): Promise<string | null> {
  return inTransaction(pool, async (db) => {
    if (await isSetUp(db)) return null;
    const code = newTypedCode();
    await writeSetUpCode(db, hashSecret(code));
    return code;
  });
}

/** The demo lives outside the server; it is loaded through the same services as requests. */
async function loadDemo(here: string, pool: pg.Pool): Promise<SeededShop['people'][number][]> {
  const demo = (await import(join(here, '../demo/load-demo.js'))) as {
    demoShop: SeededShop;
    loadDemo: (service: CaseService, now: Date) => Promise<number>;
    loadDemoBoards: (service: BoardService) => Promise<number>;
  };
  await seedShop(pool, demo.demoShop, new Date());
  const own = { pool, shopId: demo.demoShop.id, actor: null, now: () => new Date() };
  await demo.loadDemoBoards(createBoardService(own));
  await demo.loadDemo(createCaseService(own), new Date());
  return [...demo.demoShop.people];
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

main().catch(fail);
