/**
 * npm start: everything from a fresh machine to a running program with demo data. With --demo the demo cases are
 * loaded once. DATABASE_URL uses that server instead of a private one. What dies is started again. Ctrl-C stops all that
 * it started.
 */
import { spawn, spawnSync } from 'node:child_process';
import { existsSync, mkdirSync, readdirSync, readFileSync, rmSync, writeFileSync } from 'node:fs';
import { dirname, join, resolve } from 'node:path';
import { fileURLToPath } from 'node:url';
import { ensureDebianPackages } from './setup/debian-packages.mjs';
import { keepApplication, keepDatabase } from './setup/keep-running.mjs';
import { ensureNodeModules } from './setup/node-modules.mjs';
import { findPostgres, startCluster } from './setup/postgres-cluster.mjs';
import { giveUp, say } from './setup/say.mjs';

const root = join(dirname(fileURLToPath(import.meta.url)), '..');
const dataFolder = resolve(root, process.env.DATA_FOLDER ?? '.data');
const demo = process.argv.includes('--demo');

/** What to undo in the end, last first. */
const started = [];
const stop = new AbortController();

async function stopAll(exitCode) {
  if (stop.signal.aborted) return;
  stop.abort();
  for (const undo of started.reverse()) await undo();
  process.exit(exitCode);
}

/** The process that the file names, if it is a start command that still runs. */
function holderOf(lockFile) {
  if (!existsSync(lockFile)) return null;
  const pid = Number(readFileSync(lockFile, 'utf8'));
  const words = existsSync(`/proc/${pid}/cmdline`) ? readFileSync(`/proc/${pid}/cmdline`, 'utf8') : '';
  return words.includes('start.mjs') && pid !== process.pid ? pid : null;
}

/** Two start commands on one data folder would stop each other's database. */
function takeLock() {
  mkdirSync(dataFolder, { recursive: true });
  const lockFile = join(dataFolder, 'start.pid');
  const pid = holderOf(lockFile);
  if (pid)
    giveUp(`Jovial Probe already runs from this folder (process ${pid}). Stop it first, or set DATA_FOLDER and PORT.`);
  writeFileSync(lockFile, String(process.pid));
  started.push(() => rmSync(lockFile, { force: true }));
}

/** Nothing is installed or built under a program that runs from here: its next page would be of another build. */
function refuseUnderRunning() {
  const programs = [join(root, 'dist/server/main.js'), join(root, 'dist/demo/main.js')];
  const pid = readdirSync('/proc').find((name) => {
    if (!/^\d+$/.test(name)) return false;
    try {
      return readFileSync(`/proc/${name}/cmdline`, 'utf8')
        .split('\0')
        .some((word) => programs.includes(word));
    } catch {
      return false;
    }
  });
  if (pid)
    giveUp(
      `Jovial Probe runs from this folder as it was built before (process ${pid}). Stop it first, then start this one.`,
    );
}

/** In a process of its own: the memory that it takes to build goes with it. */
async function build() {
  const { isBuilt } = await import('./build.mjs');
  if (isBuilt()) return;
  refuseUnderRunning();
  say('Building ...');
  const { status } = spawnSync(process.execPath, [join(root, 'scripts/build.mjs')], { cwd: root, stdio: 'inherit' });
  if (status !== 0) giveUp('The build failed; what it said stands above.');
}

async function databaseEnvironment() {
  if (process.env.DATABASE_URL) return {};
  const starting = startCluster(dataFolder);
  let stopDatabase = async () => (await starting.catch(() => null))?.stop();
  // Told to stop while it comes up: it is stopped all the same.
  started.push(() => stopDatabase());
  const cluster = await starting;
  const kept = keepDatabase(cluster, () => startCluster(dataFolder, { port: cluster.port }), stop.signal);
  stopDatabase = kept.stop;
  return { DATABASE_URL: cluster.serverUrl, MIGRATION_DATABASE_URL: cluster.ownerUrl };
}

/** npm hands a signal on to its child only where its shell does: where npm is gone, this is over too. */
function endWithNpm() {
  if (!process.env.npm_lifecycle_event) return;
  const parent = process.ppid;
  setInterval(() => {
    if (process.ppid !== parent) void stopAll(0);
  }, 500).unref();
}

async function main() {
  for (const signal of ['SIGINT', 'SIGTERM', 'SIGHUP']) process.on(signal, () => void stopAll(0));
  endWithNpm();
  if (!process.env.DATABASE_URL) {
    takeLock();
    ensureDebianPackages([{ name: 'postgresql', isThere: () => findPostgres() !== null }]);
  }
  ensureNodeModules(root, { beforeInstall: refuseUnderRunning });
  await build();
  const environment = await databaseEnvironment();
  const launch = () =>
    spawn(process.execPath, [join(root, demo ? 'dist/demo/main.js' : 'dist/server/main.js')], {
      cwd: root,
      detached: true,
      stdio: ['ignore', 'inherit', 'inherit', 'ipc'],
      env: { ...process.env, ...environment },
    });
  const serving = keepApplication(launch, stop.signal);
  started.push(() => serving);
  const exitCode = await serving;
  await stopAll(exitCode);
}

main().catch(async (error) => {
  say(error instanceof Error ? error.message : String(error));
  await stopAll(1);
});
