import { readFileSync } from 'node:fs';
import type { AddressInfo } from 'node:net';
import { dirname, join } from 'node:path';
import { fileURLToPath } from 'node:url';
import { pino } from 'pino';
import { createApp } from './app';
import { createBoardService } from './board-service';
import { createCaseService } from './case-service';
import { readConfig } from './config/read-config';
import { inShop } from './database/in-shop';
import { migrate } from './database/migrate';
import { createPool } from './database/pool';
import { ensureShop } from './repositories/shops';
import { demoShop } from './demo-shop';

/** Reads the configuration, connects, migrates, listens on loopback, and stops cleanly on SIGINT and SIGTERM. */
async function main(): Promise<void> {
  const config = readConfig(process.env);
  const log = pino({ level: config.logLevel });
  const here = dirname(fileURLToPath(import.meta.url));
  const { version } = JSON.parse(readFileSync(join(here, '../../package.json'), 'utf8')) as { version: string };
  await migrate(config.migrationDatabaseUrl, join(here, 'migrations'));
  const pool = createPool(config.databaseUrl, {
    onError: (error) => log.warn({ err: error }, 'a database connection broke'),
  });
  await inShop(pool, demoShop.id, (db) => ensureShop(db, demoShop));
  const cases = createCaseService({ pool, shopId: demoShop.id, now: () => new Date() });
  const boards = createBoardService({ pool, shopId: demoShop.id, now: () => new Date() });
  if (config.loadDemo) await loadDemoIfBuilt(here, cases, boards);
  const server = createApp({ pool, cases, boards, log, version, webRoot: config.webRoot }).listen(
    config.port,
    '127.0.0.1',
  );
  server.on('error', (error) => fail(error));
  server.on('listening', () => {
    const { port } = server.address() as AddressInfo;
    process.stdout.write(`Jovial Probe is at http://127.0.0.1:${port}\n`);
  });
  const stop = () => {
    server.close(() => void pool.end().then(() => process.exit(0)));
    server.closeIdleConnections();
    setTimeout(() => process.exit(0), 3000).unref();
  };
  process.once('SIGINT', stop);
  process.once('SIGTERM', stop);
  // Started by the start command: do not outlive it.
  process.once('disconnect', stop);
}

/** The demo lives outside the server; it is loaded through the same service as requests. */
async function loadDemoIfBuilt(
  here: string,
  cases: ReturnType<typeof createCaseService>,
  boards: ReturnType<typeof createBoardService>,
): Promise<void> {
  const demo = (await import(join(here, '../demo/load-demo.js'))) as {
    loadDemo: (service: typeof cases, now: Date) => Promise<number>;
    loadDemoBoards: (service: typeof boards) => Promise<number>;
  };
  await demo.loadDemoBoards(boards);
  await demo.loadDemo(cases, new Date());
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
