/**
 * npm test: sets up everything, then format, lint, unused code, types, Jest, the first screen's size and Playwright, against a throwaway database.
 * The last line is `N passed, N failed`, above it what failed; the exit code is not 0 if anything failed.
 */
import { spawnSync } from 'node:child_process';
import { existsSync, mkdirSync, readFileSync, rmSync } from 'node:fs';
import { dirname, join } from 'node:path';
import { fileURLToPath } from 'node:url';
import { ensureDebianPackages } from './setup/debian-packages.mjs';
import { ensureNodeModules } from './setup/node-modules.mjs';
import { findPostgres } from './setup/postgres-cluster.mjs';
import { say } from './setup/say.mjs';

const root = join(dirname(fileURLToPath(import.meta.url)), '..');
const bin = (name) => join(root, 'node_modules', '.bin', name);
const results = join(root, 'test-results');

ensureDebianPackages([
  { name: 'postgresql', isThere: () => findPostgres() !== null },
  { name: 'chromium', isThere: () => existsSync('/usr/bin/chromium') },
  // Sticks and firmware images are tested against the tools and images of others.
  { name: 'dosfstools', isThere: () => existsSync('/usr/sbin/mkfs.vfat') },
  { name: 'mtools', isThere: () => existsSync('/usr/bin/mcopy') },
  // Papers are read back as text.
  { name: 'poppler-utils', isThere: () => existsSync('/usr/bin/pdftotext') },
  { name: 'openssl', isThere: () => existsSync('/usr/bin/openssl') },
  { name: 'fdisk', isThere: () => existsSync('/usr/sbin/sfdisk') },
  { name: 'ovmf', isThere: () => existsSync('/usr/share/OVMF/OVMF_CODE_4M.fd') },
]);
ensureNodeModules(root);
rmSync(results, { recursive: true, force: true });
mkdirSync(results, { recursive: true });

let passed = 0;
let failed = 0;
/** What failed, by name: said just above the last line, where a long log is read first. */
const failures = [];

/** A check that is one pass or one failure by itself. */
function check(name, command, args) {
  say(`\n== ${name}`);
  const { status } = spawnSync(command, args, { cwd: root, stdio: 'inherit' });
  if (status === 0) return true;
  failed += 1;
  failures.push(name);
  return false;
}

/** A test runner whose own counts are added; no readable counts is one failure. */
function suite(name, command, args, environment, readCounts) {
  say(`\n== ${name}`);
  const { status } = spawnSync(command, args, { cwd: root, stdio: 'inherit', env: { ...process.env, ...environment } });
  const counts = readCounts() ?? { passed: 0, failed: 0 };
  const broken = counts.failed > 0 || status === 0 ? counts.failed : 1;
  passed += counts.passed;
  failed += broken;
  if (broken > 0) failures.push(name);
}

const readJson = (file) => (existsSync(file) ? JSON.parse(readFileSync(file, 'utf8')) : null);

function jestCounts() {
  const report = readJson(join(results, 'jest.json'));
  return report && { passed: report.numPassedTests, failed: report.numFailedTests + report.numRuntimeErrorTestSuites };
}

function playwrightCounts() {
  const report = readJson(join(results, 'playwright.json'));
  return (
    report && {
      passed: report.stats.expected,
      failed: report.stats.unexpected + report.stats.flaky + report.errors.length,
    }
  );
}

check('format', bin('prettier'), ['--check', '--log-level=warn', '.']);
check('lint', bin('eslint'), ['.']);
check('unused', bin('knip'), []);
check('types', bin('tsc'), ['-b']);
const { startThrowawayCluster } = await import('./setup/throwaway-cluster.mjs');
const cluster = await startThrowawayCluster();
const environment = { TEST_DATABASE_URL: cluster.ownerUrl };
try {
  suite('Jest', bin('jest'), ['--json', `--outputFile=${join(results, 'jest.json')}`], environment, jestCounts);
  if (check('build', process.execPath, [join(root, 'scripts/build.mjs')])) {
    check('first screen', process.execPath, [join(root, 'scripts/check-first-screen.mjs')]);
    suite('Playwright', bin('playwright'), ['test'], environment, playwrightCounts);
  }
} finally {
  await cluster.stop();
}
if (failed > 0) say(`failed: ${failures.join(', ')}`);
console.log(`${passed} passed, ${failed} failed`);
process.exit(failed === 0 ? 0 : 1);
