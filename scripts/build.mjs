import { createHash } from 'node:crypto';
import { cpSync, existsSync, readdirSync, readFileSync, rmSync, statSync, writeFileSync } from 'node:fs';
import { dirname, join } from 'node:path';
import { fileURLToPath, pathToFileURL } from 'node:url';
import { notices } from './notices.mjs';

const root = join(dirname(fileURLToPath(import.meta.url)), '..');
const sources = [
  'src',
  'demo',
  'vite.config.ts',
  'package.json',
  'package-lock.json',
  'scripts/build.mjs',
  'scripts/notices.mjs',
];

const stampFile = join(root, 'dist', '.built-from');

/** Whether dist/ was built from these very sources. */
export const isBuilt = () => existsSync(stampFile) && readFileSync(stampFile, 'utf8') === hashSources();

/** Builds the interface, the server and the demo into dist/, unless that is done. */
export async function ensureBuilt({ onBuild = () => {} } = {}) {
  if (isBuilt()) return;
  const wanted = hashSources();
  onBuild();
  rmSync(join(root, 'dist'), { recursive: true, force: true });
  const [{ build: bundle }, { build: buildWeb }] = await Promise.all([import('esbuild'), import('vite')]);
  await bundle({
    absWorkingDir: root,
    entryPoints: {
      'server/main': 'src/server/main.ts',
      'server/outlook-worker': 'src/server/outlook-worker.ts',
      'demo/main': 'demo/main.ts',
    },
    outdir: 'dist',
    bundle: true,
    packages: 'external',
    platform: 'node',
    format: 'esm',
    target: 'node20',
    sourcemap: true,
    logLevel: 'warning',
  });
  cpSync(join(root, 'src/server/migrations'), join(root, 'dist/server/migrations'), { recursive: true });
  await buildWeb({ configFile: join(root, 'vite.config.ts'), logLevel: 'warn' });
  await buildServiceWorker(bundle);
  writeFileSync(join(root, 'dist/web/third-party-notices.txt'), notices());
  writeFileSync(stampFile, wanted);
}

/** The service worker with the list of files that it keeps; those in assets/ have their hash in their name. */
async function buildServiceWorker(bundle) {
  const web = join(root, 'dist/web');
  const files = filesOf(web)
    .filter((file) => !/index\.html$|\.map$/.test(file))
    .map((file) => ({
      url: file.slice(web.length),
      revision: file.startsWith(join(web, 'assets'))
        ? null
        : createHash('sha256').update(readFileSync(file)).digest('hex'),
    }));
  await bundle({
    absWorkingDir: root,
    entryPoints: ['src/web/sw.ts'],
    outfile: 'dist/web/sw.js',
    bundle: true,
    minify: true,
    format: 'iife',
    target: 'es2022',
    define: { __PRECACHE__: JSON.stringify(files), 'process.env.NODE_ENV': '"production"' },
    logLevel: 'warning',
  });
}

function hashSources() {
  const hash = createHash('sha256');
  for (const source of sources)
    for (const file of filesOf(join(root, source))) hash.update(file.slice(root.length)).update(readFileSync(file));
  return hash.digest('hex');
}

function filesOf(path) {
  if (!statSync(path).isDirectory()) return [path];
  return readdirSync(path)
    .sort()
    .flatMap((name) => filesOf(join(path, name)));
}

if (import.meta.url === pathToFileURL(process.argv[1] ?? '').href) await ensureBuilt();
