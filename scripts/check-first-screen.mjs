/** How much a browser loads before the first screen is there, packed as it comes over the wire; fails above the limit. */
import { existsSync, readFileSync } from 'node:fs';
import { dirname, join, posix } from 'node:path';
import { fileURLToPath, pathToFileURL } from 'node:url';
import { gzipSync } from 'node:zlib';

const web = join(dirname(fileURLToPath(import.meta.url)), '..', 'dist/web');
export const maxBytes = 200_000;

/** Files that the page names, and those that they import before they run. What is imported later is not among them. */
export function filesOfFirstScreen(read = (path) => readFileSync(join(web, path), 'utf8')) {
  const files = new Set(['index.html']);
  const named = [...read('index.html').matchAll(/(?:src|href)="\/([^"]+\.(?:js|css))"/g)].map(([, path]) => path);
  const follow = (path) => {
    if (files.has(path)) return;
    files.add(path);
    if (!path.endsWith('.js')) return;
    for (const [, other] of read(path).matchAll(/(?:^|[;}\n])import(?:[\w$*{},\s]*from)?\s*"(\.[^"]+\.js)"/g))
      follow(posix.join(posix.dirname(path), other));
  };
  named.forEach(follow);
  return [...files];
}

export const packedBytes = (path) => gzipSync(readFileSync(join(web, path))).length;

if (import.meta.url === pathToFileURL(process.argv[1] ?? '').href) {
  if (!existsSync(join(web, 'index.html'))) {
    console.error('check-first-screen: expected dist/web, found none (run npm run build)');
    process.exit(2);
  }
  const sizes = filesOfFirstScreen().map((path) => [path, packedBytes(path)]);
  const total = sizes.reduce((sum, [, bytes]) => sum + bytes, 0);
  for (const [path, bytes] of sizes) console.log(`${String(bytes).padStart(8)}  ${path}`);
  console.log(`${String(total).padStart(8)}  of at most ${maxBytes} bytes, gzip`);
  process.exit(total <= maxBytes ? 0 : 1);
}
