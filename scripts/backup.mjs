/**
 * npm run backup -- FILE: the whole database as one file (pg_dump, custom format), checked before it gets its name.
 * npm run restore -- FILE [--yes]: puts such a file into an empty database; with --yes it takes the place of what is there.
 * DATABASE_URL or MIGRATION_DATABASE_URL (which wins) names the database; without them it is the project's own, started for
 * the while if it does not run.
 */
import { spawnSync } from 'node:child_process';
import { existsSync, renameSync, rmSync, statSync } from 'node:fs';
import { dirname, join, resolve } from 'node:path';
import { fileURLToPath } from 'node:url';
import { ensureDebianPackages } from './setup/debian-packages.mjs';
import { findPostgres, startCluster } from './setup/postgres-cluster.mjs';
import { giveUp, say } from './setup/say.mjs';

const root = join(dirname(fileURLToPath(import.meta.url)), '..');
const [command, ...rest] = process.argv.slice(2);
const isSure = rest.includes('--yes');
const [given] = rest.filter((word) => word !== '--yes');
if (!given || !['backup', 'restore'].includes(command)) giveUp(`expected a file: npm run ${command} -- FILE`);
const file = resolve(process.env.INIT_CWD ?? '.', given);

ensureDebianPackages([{ name: 'postgresql', isThere: () => findPostgres() !== null }]);

async function database() {
  const url = process.env.MIGRATION_DATABASE_URL ?? process.env.DATABASE_URL;
  if (url) return { url, stop: async () => {} };
  const cluster = await startCluster(resolve(root, process.env.DATA_FOLDER ?? '.data'));
  return { url: cluster.ownerUrl, stop: cluster.wasRunning ? async () => {} : cluster.stop };
}

/** The password goes through the environment: an argument could be read in the list of processes. */
function run(program, args, url) {
  const { username, password, hostname, port, pathname } = new URL(url);
  return spawnSync(join(findPostgres(), program), args, {
    encoding: 'utf8',
    maxBuffer: 64 * 2 ** 20,
    env: {
      ...process.env,
      PGHOST: decodeURIComponent(hostname),
      PGPORT: port || '5432',
      PGUSER: decodeURIComponent(username),
      PGPASSWORD: decodeURIComponent(password),
      PGDATABASE: pathname.slice(1),
    },
  });
}

const check = (what, { status, stderr, stdout }) => {
  if (status !== 0) throw new Error(`${what} failed:\n${stderr}`);
  return stdout;
};

function backup(url) {
  const making = `${file}.making`;
  try {
    check('pg_dump', run('pg_dump', ['--format=custom', '--no-owner', `--file=${making}`], url));
    check('pg_restore --list', run('pg_restore', ['--list', making], url));
    renameSync(making, file);
  } finally {
    rmSync(making, { force: true });
  }
  say(
    `Saved to ${file} (${Math.ceil(statSync(file).size / 1024)} KiB). It holds everything: keep it as safe as the shop.`,
  );
}

function restore(url) {
  if (!existsSync(file)) throw new Error(`expected a backup, found no file ${file}`);
  check('pg_restore --list', run('pg_restore', ['--list', file], url));
  const tables = "SELECT count(*) FROM pg_tables WHERE schemaname = 'public'";
  const count = Number(check('psql', run('psql', ['-XqAt', '-c', tables], url)));
  if (count > 0 && !isSure)
    throw new Error('expected an empty database, found one with tables. Add --yes to let the backup take their place.');
  const roles =
    "DO $$ BEGIN IF NOT EXISTS (SELECT 1 FROM pg_roles WHERE rolname = 'probe_app') THEN CREATE ROLE probe_app NOLOGIN; END IF; END $$";
  check('psql', run('psql', ['-Xq', '-v', 'ON_ERROR_STOP=1', '-c', roles], url));
  // All or nothing: what was there goes in the same transaction in which the backup comes.
  const args = ['--no-owner', '--single-transaction', '--exit-on-error', '--dbname', new URL(url).pathname.slice(1)];
  check('pg_restore', run('pg_restore', [...args, ...(count > 0 ? ['--clean', '--if-exists'] : []), file], url));
  say(`Restored from ${file}. Start the program: it brings the database up to date.`);
}

const { url, stop } = await database();
try {
  if (command === 'backup') backup(url);
  else restore(url);
} catch (error) {
  say(error instanceof Error ? error.message : String(error));
  process.exitCode = 1;
} finally {
  await stop();
}
