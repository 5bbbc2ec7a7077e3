import { spawnSync } from 'node:child_process';
import { createHash } from 'node:crypto';
import { existsSync, readFileSync, writeFileSync } from 'node:fs';
import { join } from 'node:path';
import { giveUp, say } from './say.mjs';

/** Runs `npm ci` unless node_modules holds just what package-lock.json names; `beforeInstall` may still refuse. */
export function ensureNodeModules(root, { beforeInstall = () => {} } = {}) {
  const stampFile = join(root, 'node_modules', '.installed-from');
  const wanted = createHash('sha256')
    .update(readFileSync(join(root, 'package-lock.json')))
    .digest('hex');
  if (existsSync(stampFile) && readFileSync(stampFile, 'utf8') === wanted) return;
  beforeInstall();
  say('Installing npm packages ...');
  const run = spawnSync('npm', ['ci', '--include=dev', '--no-audit', '--no-fund', '--loglevel=error'], {
    cwd: root,
    stdio: ['ignore', 2, 2],
  });
  if (run.status !== 0) giveUp('npm ci failed; what it said stands above.');
  writeFileSync(stampFile, wanted);
}
