import { execFileSync, spawnSync } from 'node:child_process';
import { createHash } from 'node:crypto';
import { mkdtempSync, readFileSync, rmSync } from 'node:fs';
import { tmpdir } from 'node:os';
import { join } from 'node:path';

/** The command line as others run it, in a folder of its own that goes when the tests end. */
export const folder = mkdtempSync(join(tmpdir(), 'probe-cli-'));
afterAll(() => rmSync(folder, { recursive: true, force: true }));

export const at = (name: string): string => join(folder, name);

export const tool = (name: string, ...args: string[]): string =>
  execFileSync(name, args, { encoding: 'utf8', stdio: ['ignore', 'pipe', 'pipe'] });

/** Runs `probe` with `--json`. */
export const probe = (...args: string[]) => {
  const run = spawnSync(process.execPath, ['scripts/probe.mjs', ...args, '--json'], { encoding: 'utf8' });
  return {
    status: run.status,
    error: run.stderr,
    value: run.stdout ? (JSON.parse(run.stdout) as Record<string, unknown>) : null,
  };
};

/** Codes of the reasons of a verdict that are not mere notes. */
export const codes = ({ value }: ReturnType<typeof probe>): string[] =>
  (value?.['reasons'] as { code: string; severity: string }[])
    .filter(({ severity }) => severity !== 'note')
    .map(({ code }) => code);

export const sha256 = (path: string): string => createHash('sha256').update(readFileSync(path)).digest('hex');
