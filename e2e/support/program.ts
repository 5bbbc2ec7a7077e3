import { spawn, type ChildProcess } from 'node:child_process';
import { createInterface } from 'node:readline';
import { test as base } from '@playwright/test';
import pg from 'pg';

/** The program under test: its own process on its own database. */
export interface Program {
  /** Where it serves; the same after a restart. */
  readonly url: string;
  /** SIGKILL: no farewell, as in a power cut. */
  kill(): Promise<void>;
  /** Starts it again on the same port and database. */
  start(): Promise<void>;
}

async function query(statement: string): Promise<void> {
  const ownerUrl = process.env['TEST_DATABASE_URL'];
  if (!ownerUrl) throw new Error('TEST_DATABASE_URL: expected the test cluster, found nothing (run npm test)');
  const client = new pg.Client({ connectionString: ownerUrl });
  await client.connect();
  await client.query(statement).finally(() => client.end());
}

function launch(databaseUrl: string, port: number, demo: boolean): Promise<{ child: ChildProcess; url: string }> {
  const child = spawn(process.execPath, ['dist/server/main.js'], {
    env: {
      ...process.env,
      DATABASE_URL: databaseUrl,
      PORT: String(port),
      LOAD_DEMO: demo ? '1' : '0',
      LOG_LEVEL: 'warn',
    },
    stdio: ['ignore', 'pipe', 'inherit'],
  });
  return new Promise((resolve, reject) => {
    child.once('exit', (code) => reject(new Error(`the server ended with ${code}`)));
    if (!child.stdout) return reject(new Error('expected standard output'));
    createInterface(child.stdout).on('line', (line) => {
      const url = /http:\/\/127\.0\.0\.1:\d+/.exec(line)?.[0];
      if (url) resolve({ child, url });
    });
  });
}

const ended = (child: ChildProcess, signal: NodeJS.Signals) =>
  new Promise<void>((resolve) => {
    child.once('exit', () => resolve());
    child.kill(signal);
  });

async function withProgram(
  data: 'empty' | 'demo' | 'used',
  worker: number,
  lend: (program: Program) => Promise<void>,
): Promise<void> {
  const name = `e2e_${process.pid}_${worker}_${data}_${Date.now()}`;
  await query(`CREATE DATABASE ${name}`);
  const databaseUrl = new URL(process.env['TEST_DATABASE_URL'] ?? '');
  databaseUrl.pathname = `/${name}`;
  let running = await launch(databaseUrl.href, 0, data !== 'empty');
  const { url } = running;
  await lend({
    url,
    kill: () => ended(running.child, 'SIGKILL'),
    start: async () => {
      running = await launch(databaseUrl.href, Number(new URL(url).port), data !== 'empty');
    },
  });
  await ended(running.child, 'SIGTERM');
  await query(`DROP DATABASE ${name} WITH (FORCE)`);
}

/**
 * Tests get a program without cases (`program`), with the demo as it is loaded (`demo`), or with a demo that they may
 * add to (`usedDemo`), one of each a worker.
 */
export const test = base.extend<object, { program: Program; demo: Program; usedDemo: Program }>({
  program: [({}, use, info) => withProgram('empty', info.workerIndex, use), { scope: 'worker' }],
  demo: [({}, use, info) => withProgram('demo', info.workerIndex, use), { scope: 'worker' }],
  usedDemo: [({}, use, info) => withProgram('used', info.workerIndex, use), { scope: 'worker' }],
});

export { expect } from '@playwright/test';
