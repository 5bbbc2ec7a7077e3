/** The licences of what is shipped to browsers and run on the server, in one text that the build ships with them. */
import { existsSync, readdirSync, readFileSync } from 'node:fs';
import { dirname, join } from 'node:path';
import { fileURLToPath } from 'node:url';

const root = join(dirname(fileURLToPath(import.meta.url)), '..');
const readJson = (path) => JSON.parse(readFileSync(path, 'utf8'));

/** Every package that is installed for running, by the lock file: path within node_modules → entry. */
function shippedPackages() {
  const { packages } = readJson(join(root, 'package-lock.json'));
  return Object.entries(packages)
    .filter(([path, entry]) => path.startsWith('node_modules/') && !entry.dev && !entry.devOptional && !entry.optional)
    .map(([path]) => path)
    .filter((path) => existsSync(join(root, path, 'package.json')));
}

function noticeOf(path) {
  const folder = join(root, path);
  const { name, version, license } = readJson(join(folder, 'package.json'));
  const texts = readdirSync(folder)
    .filter((file) => /^(licen[cs]e|notice|copying)(\.|-|$)/i.test(file))
    .sort()
    .map((file) => readFileSync(join(folder, file), 'utf8').trim());
  const words = typeof license === 'string' ? license : (license?.type ?? 'see its page');
  return [`${name} ${version} (${words})`, ...texts].join('\n\n');
}

/** @returns {string} the whole text, packages in the order of their names */
export function notices() {
  const all = [...new Set(shippedPackages().map(noticeOf))].sort();
  const head = 'Jovial Probe uses these packages. Their licences, as they come with them:';
  return `${[head, ...all].join(`\n\n${'-'.repeat(80)}\n\n`)}\n`;
}
