/** npm run probe: the command line, bundled once for these very sources and then run at once. */
import { spawnSync } from 'node:child_process';
import { createHash } from 'node:crypto';
import { existsSync, mkdirSync, readdirSync, readFileSync, rmSync } from 'node:fs';
import { dirname, join } from 'node:path';
import { fileURLToPath } from 'node:url';

const root = join(dirname(fileURLToPath(import.meta.url)), '..');
const folder = join(root, 'node_modules', '.cache', 'probe');

function hashOf(paths) {
  const hash = createHash('sha256');
  for (const path of paths)
    for (const entry of readdirSync(join(root, path), { recursive: true, withFileTypes: true }))
      if (entry.isFile())
        hash.update(entry.name).update(readFileSync(join(entry.parentPath ?? entry.path, entry.name)));
  return hash.update(readFileSync(join(root, 'package-lock.json'))).digest('hex');
}

const bundle = join(folder, `${hashOf(['src/cli', 'src/core', 'src/contracts']).slice(0, 24)}.mjs`);
if (!existsSync(bundle)) {
  rmSync(folder, { recursive: true, force: true });
  mkdirSync(folder, { recursive: true });
  const { buildSync } = await import('esbuild');
  buildSync({
    absWorkingDir: root,
    entryPoints: ['src/cli/probe.ts'],
    outfile: bundle,
    bundle: true,
    platform: 'node',
    format: 'esm',
    target: 'node20',
    logLevel: 'warning',
  });
}
const { status } = spawnSync(process.execPath, [bundle, ...process.argv.slice(2)], { stdio: 'inherit' });
process.exit(status ?? 1);
