import { mkdtempSync } from 'node:fs';
import { tmpdir } from 'node:os';
import { join } from 'node:path';
import { fileURLToPath } from 'node:url';
import { build } from 'esbuild';

/**
 * Bundles a part of the benchmark as the program itself is bundled, so that speed and memory are those of the program
 * and not of a compiler that runs along. Returns the path of the bundle.
 */
export async function bundlePart(): Promise<string> {
  const outfile = join(mkdtempSync(join(tmpdir(), 'probe-bench-')), 'part.mjs');
  await build({
    entryPoints: [fileURLToPath(new URL('./part.ts', import.meta.url))],
    outfile,
    bundle: true,
    platform: 'node',
    format: 'esm',
    target: 'node20',
    logLevel: 'warning',
  });
  return outfile;
}
