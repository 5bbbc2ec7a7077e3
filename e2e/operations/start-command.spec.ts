import { spawn, type ChildProcess } from 'node:child_process';
import { existsSync, mkdtempSync, readdirSync, readFileSync, rmSync, statSync, writeFileSync } from 'node:fs';
import { tmpdir } from 'node:os';
import { join } from 'node:path';
import { expect, test } from '@playwright/test';

/** The start command on a data folder of its own, on any free port. */
interface Started {
  readonly process: ChildProcess;
  readonly url: string;
}

function startCommand(folder: string, ...args: string[]): { process: ChildProcess; output: () => string } {
  const environment = { ...process.env, DATA_FOLDER: folder, PORT: '0' };
  delete (environment as Record<string, unknown>)['DATABASE_URL'];
  const child = spawn(process.execPath, ['scripts/start.mjs', ...args], { env: environment, stdio: 'pipe' });
  let output = '';
  child.stdout.on('data', (data: Buffer) => (output += data.toString()));
  child.stderr.on('data', (data: Buffer) => (output += data.toString()));
  return { process: child, output: () => output };
}

async function started(folder: string, ...args: string[]): Promise<Started> {
  const { process: child, output } = startCommand(folder, ...args);
  await expect.poll(output, { timeout: 40_000 }).toMatch(/is at http:\/\/127\.0\.0\.1:\d+\n/);
  return { process: child, url: /http:\S+/.exec(output())?.[0] ?? '' };
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
  expect(((await (await request.get(`${first.url}/api/cases`)).json()) as { cases: unknown[] }).cases).toHaveLength(13);
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
  const again = await started(folder);
  expect(((await (await request.get(`${again.url}/api/cases`)).json()) as { cases: unknown[] }).cases).toHaveLength(13);

  again.process.kill('SIGINT');
  expect(await ended(again.process)).toBe(0);
  expect(processesOn(folder)).toBe(0);

  writeFileSync(join(folder, 'postgres', 'postmaster.pid'), `1\n/nowhere\n1\n5432\n`);
  const afterStale = await started(folder);
  expect(await (await request.get(`${afterStale.url}/api/health`)).json()).toMatchObject({ database: 'up' });
  afterStale.process.kill('SIGTERM');
  await ended(afterStale.process);
  rmSync(folder, { recursive: true, force: true });
});
