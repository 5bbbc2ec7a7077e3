import { spawnSync } from 'node:child_process';
import { giveUp, say } from './say.mjs';

/**
 * Installs Debian packages that are missing. As root with apt-get; otherwise ends with the exact command to run.
 * @param {{ name: string, isThere: () => boolean }[]} wanted
 */
export function ensureDebianPackages(wanted) {
  const missing = wanted.filter(({ isThere }) => !isThere()).map(({ name }) => name);
  if (missing.length === 0) return;
  const command = `apt-get install -y --no-install-recommends ${missing.join(' ')}`;
  if (process.getuid?.() !== 0) giveUp(`Missing: ${missing.join(', ')}. Run this, then try again:\n  sudo ${command}`);
  say(`Installing ${missing.join(', ')} ...`);
  apt(['update', '-qq']);
  apt(['install', '-y', '-qq', '--no-install-recommends', ...missing]);
  const still = wanted.filter(({ isThere }) => !isThere()).map(({ name }) => name);
  if (still.length > 0) giveUp(`apt-get ended well, yet missing: ${still.join(', ')}`);
}

function apt(args) {
  const run = spawnSync('apt-get', args, {
    env: { ...process.env, DEBIAN_FRONTEND: 'noninteractive' },
    stdio: ['ignore', 'pipe', 'pipe'],
    encoding: 'utf8',
  });
  if (run.status !== 0)
    giveUp(`apt-get ${args[0]} failed:\n${run.stdout ?? ''}${run.stderr ?? run.error?.message ?? ''}`);
}
