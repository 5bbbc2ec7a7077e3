/**
 * npm start: everything from a fresh machine to a running program with demo data. With --demo the demo cases are
 * loaded once. DATABASE_URL uses that server instead of a private one. Ctrl-C stops all that it started.
 */
import { spawn } from 'node:child_process';
import { existsSync, mkdirSync, readFileSync, rmSync, writeFileSync } from 'node:fs';
import { dirname, join, resolve } from 'node:path';
import { fileURLToPath } from 'node:url';
import { ensureDebianPackages } from './setup/debian-packages.mjs';
import { ensureNodeModules } from './setup/node-modules.mjs';
import { findPostgres, startCluster } from './setup/postgres-cluster.mjs';
import { giveUp, say } from './setup/say.mjs';

const root = join(dirname(fileURLToPath(import.meta.url)), '..');
const dataFolder = resolve(root, process.env.DATA_FOLDER ?? '.data');
const lockFile = join(dataFolder, 'start.pid');
const demo = process.argv.includes('--demo');

const started = [];
let stopping = false;

async function stopAll(exitCode) {
  if (stopping) return;
  stopping = true;
  for (const stop of started.reverse()) await stop();
  process.exit(exitCode);
}

/** Two start commands on one data folder would stop each other's database. */
function takeLock() {
  mkdirSync(dataFolder, { recursive: true });
  if (existsSync(lockFile)) {
    const pid = readFileSync(lockFile, 'utf8');
    const words = existsSync(`/proc/${pid}/cmdline`) ? readFileSync(`/proc/${pid}/cmdline`, 'utf8') : '';
    if (words.includes('start.mjs') && Number(pid) !== process.pid)
      giveUp(
        `Jovial Probe already runs from this folder (process ${pid}). Stop it first, or set DATABASE_URL and PORT.`,
      );
  }
  writeFileSync(lockFile, String(process.pid));
  started.push(() => rmSync(lockFile, { force: true }));
}

async function databaseEnvironment() {
  if (process.env.DATABASE_URL) return {};
  takeLock();
  const cluster = await startCluster(dataFolder);
  started.push(cluster.stop);
  return { DATABASE_URL: cluster.serverUrl, MIGRATION_DATABASE_URL: cluster.ownerUrl };
}

async function main() {
  for (const signal of ['SIGINT', 'SIGTERM', 'SIGHUP']) process.on(signal, () => void stopAll(0));
  if (!process.env.DATABASE_URL) ensureDebianPackages([{ name: 'postgresql', isThere: () => findPostgres() !== null }]);
  ensureNodeModules(root);
  const { ensureBuilt } = await import('./build.mjs');
  await ensureBuilt({ onBuild: () => say('Building ...') });
  const environment = await databaseEnvironment();
  const server = spawn(process.execPath, [join(root, demo ? 'dist/demo/main.js' : 'dist/server/main.js')], {
    cwd: root,
    detached: true,
    stdio: ['ignore', 'inherit', 'inherit', 'ipc'],
    env: { ...process.env, ...environment },
  });
  const ended = new Promise((resolve) => server.once('exit', resolve));
  started.push(async () => {
    server.kill('SIGTERM');
    await ended;
  });
  const exitCode = await ended;
  await stopAll(exitCode ?? 1);
}

main().catch(async (error) => {
  say(error instanceof Error ? error.message : String(error));
  await stopAll(1);
});
