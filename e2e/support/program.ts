import { spawn, type ChildProcess } from 'node:child_process';
import { createInterface } from 'node:readline';
import { test as base, type BrowserContext } from '@playwright/test';
import pg from 'pg';

/** The program under test: its own process on its own database. */
export interface Program {
  /** Where it serves; the same after a restart. */
  readonly url: string;
  /** The session cookie of a lead of its shop, as `name=value`. */
  readonly cookie: string;
  /** By which the first lead comes in, where nobody works there yet. */
  readonly code: string | null;
  /** SIGKILL: no farewell, as in a power cut. */
  kill(): Promise<void>;
  /** SIGTERM, as a service manager sends it. Gives the exit code. */
  stop(): Promise<number | null>;
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

interface Launched {
  readonly child: ChildProcess;
  readonly url: string;
  /** For the first lead, where nobody works here yet. */
  readonly code: string | null;
}

function launch(databaseUrl: string, port: number, demo: boolean): Promise<Launched> {
  const child = spawn(process.execPath, [demo ? 'dist/demo/main.js' : 'dist/server/main.js'], {
    env: {
      ...process.env,
      DATABASE_URL: databaseUrl,
      PORT: String(port),
      LOG_LEVEL: 'warn',
    },
    stdio: ['ignore', 'pipe', 'inherit'],
  });
  return new Promise((resolve, reject) => {
    child.once('exit', (code) => reject(new Error(`the server ended with ${code}`)));
    let code: string | null = null;
    createInterface(child.stdout).on('line', (line) => {
      code ??= /with the code (\S+)/.exec(line)?.[1] ?? null;
      const url = /is at (http:\/\/127\.0\.0\.1:\d+)/.exec(line)?.[1];
      if (url) resolve({ child, url, code });
    });
  });
}

const ended = (child: ChildProcess, signal: NodeJS.Signals) =>
  new Promise<number | null>((resolve) => {
    if (child.exitCode !== null || child.signalCode !== null) return resolve(child.exitCode);
    child.once('exit', resolve);
    child.kill(signal);
  });

export const demoLead = { login: 'edda', password: 'lamp-over-the-quay' };
export const benchLead = { login: 'bench', password: 'a lamp for every bench' };

/** Comes in as a lead through the API: the first one of an empty program, or the demo's. */
async function comeIn({ url, code }: Launched): Promise<string> {
  const answer = await fetch(`${url}/api/session${code ? '/set-up' : ''}`, {
    method: 'POST',
    headers: { 'content-type': 'application/json' },
    body: JSON.stringify(code ? { code, shop: 'Test bench', name: 'Bench', ...benchLead } : demoLead),
  });
  const cookie = answer.headers.getSetCookie()[0]?.split(';')[0];
  if (answer.status !== 201 || !cookie) throw new Error(`expected to come in, found ${answer.status}`);
  return cookie;
}

async function withProgram(
  data: 'new' | 'empty' | 'demo' | 'used',
  worker: number,
  lend: (program: Program) => Promise<void>,
): Promise<void> {
  const name = `e2e_${process.pid}_${worker}_${data}_${Date.now()}`;
  await query(`CREATE DATABASE ${name}`);
  const databaseUrl = new URL(process.env['TEST_DATABASE_URL'] ?? '');
  databaseUrl.pathname = `/${name}`;
  const isDemo = data === 'demo' || data === 'used';
  let running = await launch(databaseUrl.href, 0, isDemo);
  const { url } = running;
  const { code } = running;
  const cookie = data === 'new' ? '' : await comeIn(running);
  await lend({
    url,
    cookie,
    code,
    kill: async () => {
      await ended(running.child, 'SIGKILL');
    },
    stop: () => ended(running.child, 'SIGTERM'),
    start: async () => {
      running = await launch(databaseUrl.href, Number(new URL(url).port), isDemo);
    },
  });
  await ended(running.child, 'SIGTERM');
  await query(`DROP DATABASE ${name} WITH (FORCE)`);
}

/** The browser of the test is signed in to the program that the test asks for. */
async function lendSignedIn(program: Program, context: BrowserContext, use: (program: Program) => Promise<void>) {
  const [name = '', value = ''] = program.cookie.split('=');
  await context.addCookies([{ name, value, url: program.url, httpOnly: true, sameSite: 'Strict' }]);
  await use(program);
}

interface Workers {
  readonly emptyProgram: Program;
  readonly demoProgram: Program;
  readonly usedProgram: Program;
}

/**
 * Tests get a program without cases (`program`), with the demo as it is loaded (`demo`), or with a demo that they may
 * add to (`usedDemo`), one of each a worker, and are signed in to it as a lead. `newProgram` is one that nobody came
 * into yet, for the test alone.
 */
export const test = base.extend<{ program: Program; demo: Program; usedDemo: Program; newProgram: Program }, Workers>({
  newProgram: ({}, use, info) => withProgram('new', info.workerIndex, use),
  emptyProgram: [({}, use, info) => withProgram('empty', info.workerIndex, use), { scope: 'worker' }],
  demoProgram: [({}, use, info) => withProgram('demo', info.workerIndex, use), { scope: 'worker' }],
  usedProgram: [({}, use, info) => withProgram('used', info.workerIndex, use), { scope: 'worker' }],
  program: ({ emptyProgram, context }, use) => lendSignedIn(emptyProgram, context, use),
  demo: ({ demoProgram, context }, use) => lendSignedIn(demoProgram, context, use),
  usedDemo: ({ usedProgram, context }, use) => lendSignedIn(usedProgram, context, use),
});

export { expect } from '@playwright/test';
