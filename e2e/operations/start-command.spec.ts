import { spawn, type ChildProcess } from 'node:child_process';
import {
  existsSync,
  mkdtempSync,
  readdirSync,
  readFileSync,
  renameSync,
  rmSync,
  statSync,
  symlinkSync,
  writeFileSync,
} from 'node:fs';
import { tmpdir } from 'node:os';
import { join } from 'node:path';
import { expect, test } from '@playwright/test';

/** The start command on a data folder of its own, on any free port. */
interface Started {
  readonly process: ChildProcess;
  readonly url: string;
  readonly output: () => string;
}

function startCommand(
  folder: string,
  { PORT = '0', args = [] }: { readonly PORT?: string; readonly args?: readonly string[] } = {},
): { process: ChildProcess; output: () => string } {
  const environment = { ...process.env, DATA_FOLDER: folder, PORT };
  delete (environment as Record<string, unknown>)['DATABASE_URL'];
  const child = spawn(process.execPath, ['scripts/start.mjs', ...args], { env: environment, stdio: 'pipe' });
  let output = '';
  child.stdout.on('data', (data: Buffer) => (output += data.toString()));
  child.stderr.on('data', (data: Buffer) => (output += data.toString()));
  return { process: child, output: () => output };
}

async function started(folder: string, ...args: string[]): Promise<Started> {
  const { process: child, output } = startCommand(folder, { args });
  await expect.poll(output, { timeout: 40_000 }).toMatch(/is at http:\/\/127\.0\.0\.1:\d+\n/);
  return { process: child, url: /is at (http:\S+)/.exec(output())?.[1] ?? '', output };
}

const ended = (child: ChildProcess) =>
  new Promise<number | null>((resolve) => child.once('exit', (code) => resolve(code)));

/** Processes whose command line names the folder. */
const processesOn = (folder: string): number =>
  readdirSync('/proc')
    .filter((name) => /^\d+$/.test(name) && existsSync(`/proc/${name}/cmdline`))
    .filter((pid) => {
      try {
        return readFileSync(`/proc/${pid}/cmdline`, 'utf8').includes(folder);
      } catch {
        return false;
      }
    }).length;

test('starts with demo data, keeps it over a crash of everything, stops all that it started', async ({ request }) => {
  test.setTimeout(180_000);
  const folder = mkdtempSync(join(tmpdir(), 'jovial-probe-start-'));
  const first = await started(folder, '--demo');
  const lead = { login: 'edda', password: 'lamp-over-the-quay' };
  expect((await request.post(`${first.url}/api/session`, { data: lead })).status()).toBe(201);
  expect(((await (await request.get(`${first.url}/api/cases`)).json()) as { cases: unknown[] }).cases).toHaveLength(15);
  expect(statSync(join(folder, 'access.json')).mode & 0o077).toBe(0);

  const second = startCommand(folder);
  expect(await ended(second.process)).toBe(1);
  expect(second.output()).toContain('already runs from this folder');

  first.process.kill('SIGKILL');
  await expect
    .poll(() =>
      request.get(`${first.url}/api/health`).then(
        () => 'up',
        () => 'gone',
      ),
    )
    .toBe('gone');
  const again = await started(folder, '--demo');
  expect(((await (await request.get(`${again.url}/api/cases`)).json()) as { cases: unknown[] }).cases).toHaveLength(15);

  again.process.kill('SIGINT');
  expect(await ended(again.process)).toBe(0);
  expect(processesOn(folder)).toBe(0);

  writeFileSync(join(folder, 'postgres', 'postmaster.pid'), `1\n/nowhere\n1\n5432\n`);
  const afterStale = await started(folder);
  expect(await (await request.get(`${afterStale.url}/api/health`)).json()).toMatchObject({ database: 'up' });
  // Served without the demo: what anybody can read opens nothing, and a first lead may come in.
  expect(afterStale.output()).toContain('Closed 4 accounts of the demo');
  expect(afterStale.output()).toMatch(/Make the first lead at \S+ with the code \S+/);
  expect((await request.post(`${afterStale.url}/api/session`, { data: lead })).status()).toBe(401);
  afterStale.process.kill('SIGTERM');
  await ended(afterStale.process);
  rmSync(folder, { recursive: true, force: true });
});

/** A process of a start command, by what its command line says. */
function processOf(words: string, folder?: string): number {
  const found = readdirSync('/proc')
    .filter((name) => /^\d+$/.test(name))
    .find((pid) => {
      try {
        const line = readFileSync(`/proc/${pid}/cmdline`, 'utf8');
        const isChild = folder === undefined || readFileSync(`/proc/${pid}/environ`, 'utf8').includes(folder);
        return line.includes(words) && isChild;
      } catch {
        return false;
      }
    });
  return Number(found ?? 0);
}

test('what dies is started again: the application, and the database under it', async ({ request }) => {
  test.setTimeout(120_000);
  const folder = mkdtempSync(join(tmpdir(), 'jovial-probe-again-'));
  const port = String(4790 + Math.floor(Math.random() * 100));
  const { process: start, output } = startCommand(folder, { PORT: port });
  await expect.poll(output, { timeout: 40_000 }).toContain(`is at http://127.0.0.1:${port}`);
  const health = () =>
    request.get(`http://127.0.0.1:${port}/api/health`).then(
      async (answer) => ((await answer.json()) as { database: string }).database,
      () => 'gone',
    );
  const application = processOf('dist/server/main.js', folder);
  process.kill(application, 'SIGKILL');
  await expect.poll(output).toContain('The application ended (SIGKILL). Starting it again');
  await expect.poll(health).toBe('up');
  const again = processOf('dist/server/main.js', folder);
  expect(again).not.toBe(application);

  process.kill(Number(readFileSync(join(folder, 'postgres', 'postmaster.pid'), 'utf8').split('\n')[0]), 'SIGKILL');
  await expect.poll(output, { timeout: 40_000 }).toContain('PostgreSQL runs again.');
  await expect.poll(health).toBe('up');
  expect(processOf('dist/server/main.js', folder)).toBe(again);

  start.kill('SIGTERM');
  expect(await ended(start)).toBe(0);
  expect(processesOn(folder)).toBe(0);
  rmSync(folder, { recursive: true, force: true });
});

test('a signal to npm stops all that it started', async () => {
  test.setTimeout(120_000);
  const folder = mkdtempSync(join(tmpdir(), 'jovial-probe-npm-'));
  const npm = spawn('npm', ['run', 'serve'], {
    env: { ...process.env, DATA_FOLDER: folder, PORT: '0', DATABASE_URL: '' },
  });
  let output = '';
  npm.stdout.on('data', (data: Buffer) => (output += data.toString()));
  await expect.poll(() => output, { timeout: 40_000 }).toContain('is at http://127.0.0.1');
  npm.kill('SIGTERM');
  await expect.poll(() => processesOn(folder) + processOf('dist/server/main.js', folder), { timeout: 20_000 }).toBe(0);
  rmSync(folder, { recursive: true, force: true });
});

test('data that cannot be used is said, and nothing is left running', async () => {
  test.setTimeout(120_000);
  const folder = mkdtempSync(join(tmpdir(), 'jovial-probe-wrong-'));
  const first = await started(folder);
  first.process.kill('SIGTERM');
  await ended(first.process);
  const refused = async () => {
    const { process: start, output } = startCommand(folder);
    expect(await ended(start)).toBe(1);
    expect(processesOn(folder)).toBe(0);
    return output();
  };
  const [data, access] = [join(folder, 'postgres'), join(folder, 'access.json')];
  const passwords = readFileSync(access);
  rmSync(access);
  expect(await refused()).toContain(`the file with its passwords, ${access}, is missing`);
  writeFileSync(access, passwords);

  const version = readFileSync(join(data, 'PG_VERSION'));
  writeFileSync(join(data, 'PG_VERSION'), '9\n');
  expect(await refused()).toContain('is of PostgreSQL 9');
  writeFileSync(join(data, 'PG_VERSION'), version);

  const elsewhere = join(folder, 'elsewhere');
  renameSync(data, elsewhere);
  symlinkSync(join(folder, 'gone'), data);
  expect(await refused()).toContain('which is not there');
  rmSync(data);
  symlinkSync(elsewhere, data);
  const last = await started(folder);
  last.process.kill('SIGTERM');
  expect(await ended(last.process)).toBe(0);
  rmSync(folder, { recursive: true, force: true });
});
