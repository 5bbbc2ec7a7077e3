import { chmodSync, mkdtempSync, rmSync } from 'node:fs';
import { tmpdir } from 'node:os';
import { join } from 'node:path';
import { startCluster } from './postgres-cluster.mjs';

/** A cluster for tests: outside the project, without durability, gone when stopped. */
export async function startThrowawayCluster() {
  const folder = mkdtempSync(join(tmpdir(), 'jovial-probe-test-'));
  chmodSync(folder, 0o755);
  const cluster = await startCluster(folder, { durable: false });
  return {
    ...cluster,
    stop: async () => {
      await cluster.stop();
      rmSync(folder, { recursive: true, force: true });
    },
  };
}
