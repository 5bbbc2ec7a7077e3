import { startThrowawayCluster } from './throwaway-cluster.mjs';

/** Jest alone starts a cluster of its own; under `npm test` the one that runs already is used. */
export default async function setUp() {
  if (process.env.TEST_DATABASE_URL) return;
  const cluster = await startThrowawayCluster();
  process.env.TEST_DATABASE_URL = cluster.ownerUrl;
  globalThis.__stopTestCluster = cluster.stop;
}
