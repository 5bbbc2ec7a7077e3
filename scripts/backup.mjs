/**
 * npm run backup -- FILE: the whole database as one file (pg_dump, custom format), checked before it gets its name.
 * npm run restore -- FILE [--yes]: puts such a file into an empty database; with --yes it takes the place of what is there.
 * DATABASE_URL or MIGRATION_DATABASE_URL (which wins) names the database; without them it is the project's own, started for
 * the while if it does not run. With BACKUP_CERTIFICATE, the file of an X.509 certificate, a backup is encrypted to its key;
 * BACKUP_KEY is the file of the private key that opens it again.
 */
import { spawnSync } from 'node:child_process';
import { existsSync, readFileSync, renameSync, rmSync, statSync } from 'node:fs';
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

const certificate = process.env.BACKUP_CERTIFICATE;
const key = process.env.BACKUP_KEY;

ensureDebianPackages([
  { name: 'postgresql', isThere: () => findPostgres() !== null },
  { name: 'openssl', isThere: () => !(certificate ?? key) || existsSync('/usr/bin/openssl') },
]);

async function database() {
  const url = process.env.MIGRATION_DATABASE_URL ?? process.env.DATABASE_URL;
  if (url) return { url, stop: async () => {} };
  const cluster = await startCluster(resolve(root, process.env.DATA_FOLDER ?? '.data'));
  return { url: cluster.ownerUrl, stop: cluster.wasRunning ? async () => {} : cluster.stop };
}

/**
 * Runs a program of PostgreSQL on the database, with all that its address says, TLS too. The password goes through the
 * environment: an argument could be read in the list of processes.
 */
function run(program, args, url) {
  const address = new URL(url);
  const password = decodeURIComponent(address.password);
  address.password = '';
  return spawnSync(join(findPostgres(), program), [`--dbname=${address.href}`, ...args], {
    encoding: 'utf8',
    maxBuffer: 64 * 2 ** 20,
    env: { ...process.env, PGPASSWORD: password },
  });
}

/** What must not come alive again with a backup: who is signed in where, and codes that let somebody in. */
const notKept = ['sessions', 'known_devices', 'sign_in_failures', 'invitations', 'owner_links'];

/** To a public key alone: making backups does not take the right to read them (CMS, RFC 5652). */
function encrypt(from, to) {
  const args = ['cms', '-encrypt', '-binary', '-aes256', '-outform', 'DER', '-in', from, '-out', to, certificate];
  check('openssl', spawnSync('openssl', args, { encoding: 'utf8' }));
}

function decrypt(from, to) {
  if (!key) throw new Error('expected BACKUP_KEY, the file of the private key: this backup is encrypted');
  const args = ['cms', '-decrypt', '-binary', '-inform', 'DER', '-in', from, '-out', to, '-inkey', key];
  check('openssl', spawnSync('openssl', args, { encoding: 'utf8' }));
}

/** The custom format of pg_dump begins so; an encrypted one is a DER sequence. Failure: throws for any other file. */
function isPlain(path) {
  const begin = readFileSync(path).subarray(0, 5).toString('latin1');
  if (begin !== 'PGDMP' && !begin.startsWith('0')) throw new Error(`expected a backup, found another file: ${path}`);
  return begin === 'PGDMP';
}

/** Backups of earlier versions hold what opens doors: it is taken out, in whatever shape the tables of that version have. */
const forgetCodes = `DO $$
DECLARE name text;
BEGIN
  FOREACH name IN ARRAY ARRAY['${notKept.join("','")}'] LOOP
    IF to_regclass(name) IS NOT NULL THEN EXECUTE format('TRUNCATE %I', name); END IF;
  END LOOP;
  IF EXISTS (SELECT 1 FROM information_schema.columns WHERE table_name = 'installation' AND column_name = 'setup_code_hashes') THEN
    UPDATE installation SET setup_code_hashes = '{}';
  ELSIF to_regclass('installation') IS NOT NULL THEN
    UPDATE installation SET setup_code_hash = NULL;
  END IF;
END $$`;

const check = (what, { status, stderr, stdout }) => {
  if (status !== 0) throw new Error(`${what} failed:\n${stderr}`);
  return stdout;
};

function backup(url) {
  const [making, sealing] = [`${file}.making`, `${file}.sealing`];
  // For the owner of the file alone, from its first byte on.
  process.umask(0o077);
  try {
    const without = notKept.map((table) => `--exclude-table-data=${table}`);
    check('pg_dump', run('pg_dump', ['--format=custom', '--no-owner', ...without, `--file=${making}`], url));
    check('pg_restore --list', list(making));
    if (certificate) encrypt(making, sealing);
    renameSync(certificate ? sealing : making, file);
  } finally {
    rmSync(making, { force: true });
    rmSync(sealing, { force: true });
  }
  const size = `${Math.ceil(statSync(file).size / 1024)} KiB`;
  say(
    certificate
      ? `Saved to ${file} (${size}), encrypted. Only the private key of ${certificate} opens it.`
      : `Saved to ${file} (${size}). It holds everything: keep it as safe as the shop.`,
  );
}

const list = (path) => spawnSync(join(findPostgres(), 'pg_restore'), ['--list', path], { encoding: 'utf8' });

function restore(url) {
  if (!existsSync(file)) throw new Error(`expected a backup, found no file ${file}`);
  if (isPlain(file)) return restorePlain(url, file);
  const opened = `${file}.opened`;
  process.umask(0o077);
  try {
    decrypt(file, opened);
    restorePlain(url, opened);
  } finally {
    rmSync(opened, { force: true });
  }
}

function restorePlain(url, plain) {
  check('pg_restore --list', list(plain));
  const tables = "SELECT count(*) FROM pg_tables WHERE schemaname = 'public'";
  const count = Number(check('psql', run('psql', ['-XqAt', '-c', tables], url)));
  if (count > 0 && !isSure)
    throw new Error('expected an empty database, found one with tables. Add --yes to let the backup take their place.');
  const roles =
    "DO $$ BEGIN IF NOT EXISTS (SELECT 1 FROM pg_roles WHERE rolname = 'probe_app') THEN CREATE ROLE probe_app NOLOGIN; END IF; END $$";
  check('psql', run('psql', ['-Xq', '-v', 'ON_ERROR_STOP=1', '-c', roles], url));
  // All or nothing: what was there goes in the same transaction in which the backup comes.
  const args = ['--no-owner', '--single-transaction', '--exit-on-error'];
  check('pg_restore', run('pg_restore', [...args, ...(count > 0 ? ['--clean', '--if-exists'] : []), plain], url));
  check('psql', run('psql', ['-Xq', '-v', 'ON_ERROR_STOP=1', '-c', forgetCodes], url));
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
