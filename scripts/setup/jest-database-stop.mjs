/** Stops the cluster that jest-database.mjs started, if it did. */
export default async function tearDown() {
  await globalThis.__stopTestCluster?.();
}
