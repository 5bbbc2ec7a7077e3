import { quantile as quantileOf } from 'simple-statistics';
import { ensureBuilt } from '../../scripts/build.mjs';
import { spawn, type ChildProcess } from 'node:child_process';
import { chmodSync, mkdtempSync, readFileSync, rmSync } from 'node:fs';
import { createServer, type AddressInfo } from 'node:net';
import { tmpdir } from 'node:os';
import { join } from 'node:path';
import { setTimeout as wait } from 'node:timers/promises';

import { startCluster, type Cluster } from '../../scripts/setup/postgres-cluster.mjs';

export { startCluster };

/** A folder for the bench's cluster, gone with `remove`. The program is built if it is not. */
export async function placeForCluster(what: string): Promise<{ folder: string; remove: () => void }> {
  await ensureBuilt();
  const folder = mkdtempSync(join(tmpdir(), `jovial-probe-${what}-`));
  chmodSync(folder, 0o755);
  return { folder, remove: () => rmSync(folder, { recursive: true, force: true }) };
}

export const freePort = (): Promise<number> =>
  new Promise((resolve) => {
    const probe = createServer().listen(0, '127.0.0.1', () => {
      const { port } = probe.address() as AddressInfo;
      probe.close(() => resolve(port));
    });
  });

/** Starts the built server on a database; its errors go to the file that is open as `log`. */
export const launch = (cluster: Cluster, port: number, log?: number): ChildProcess =>
  spawn(process.execPath, ['dist/server/main.js'], {
    stdio: ['ignore', log ?? 'ignore', log ?? 'ignore'],
    env: {
      ...process.env,
      DATABASE_URL: cluster.serverUrl,
      MIGRATION_DATABASE_URL: cluster.ownerUrl,
      PORT: String(port),
      REQUESTS_PER_MINUTE: '1000000',
      LOG_LEVEL: log === undefined ? 'silent' : 'error',
    },
  });

export async function untilHealthy(url: string): Promise<void> {
  const isHealthy = () =>
    fetch(`${url}/api/health`).then(
      ({ ok }) => ok,
      () => false,
    );
  while (!(await isHealthy())) await wait(100);
}

/** What a process holds in memory, in MiB. */
export function residentMib(pid: number): number {
  const [, kib = '0'] = /VmRSS:\s+(\d+)/.exec(readFileSync(`/proc/${pid}/status`, 'utf8')) ?? [];
  return Number(kib) / 1024;
}

/** What was taken, in milliseconds with one digit. */
export interface Times {
  readonly count: number;
  readonly p50: number;
  readonly p95: number;
  readonly most: number;
}

export const timesOf = (taken: readonly number[]): Times => {
  const at = (share: number) => Math.round(quantile(taken, share) * 10) / 10;
  return { count: taken.length, p50: at(0.5), p95: at(0.95), most: at(1) };
};

export const quantile = (values: readonly number[], share: number): number =>
  values.length === 0 ? Number.NaN : quantileOf([...values], share);
