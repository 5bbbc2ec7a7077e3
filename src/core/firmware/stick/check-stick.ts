import { judgeFile } from './judge-file';
import { bad, note, warning, type Reason } from '../download/inspect-firmware';
import type { StickSource, StickWanted } from './stick-source';
import { findVolume } from './stick-volume';
import { readFolder, type FoundFile } from './read-folder';

export interface StickVerdict {
  readonly verdict: 'good' | 'good-with-warnings' | 'bad';
  readonly reasons: readonly Reason[];
}

const verdictOf = (reasons: readonly Reason[]): StickVerdict => ({
  verdict: reasons.some(({ severity }) => severity === 'bad')
    ? 'bad'
    : reasons.some(({ severity }) => severity === 'warning')
      ? 'good-with-warnings'
      : 'good',
  reasons,
});

const again = 'Make the stick again.';

/**
 * Judges a stick for a bare-board flash: partition table, file system, name, place, size, content, and what boards are
 * known to stumble over. Every reason has a stable code and the way to fix it; see docs/formats/stick.md. Never throws
 * for what is on the stick, and reads no more than its tables and the one file.
 */
export async function checkStick(source: StickSource, wanted: StickWanted): Promise<StickVerdict> {
  const found = await findVolume(source);
  if (!found.ok) return verdictOf(found.reasons);
  const { volume } = found;
  const root = await readFolder(volume, volume.rootCluster);
  const reasons: Reason[] = [...found.reasons];
  if (!root.ok) return verdictOf([...reasons, bad('chain-broken', 'The root directory cannot be read.', again)]);
  const label = root.label ?? found.label;
  if (label)
    reasons.push(
      warning(
        'label',
        `The stick has the label "${label}"; some boards have trouble with labels.`,
        'Remove the label.',
      ),
    );
  const files = root.files.filter(({ isFolder }) => !isFolder);
  const target = files.find((file) => isNamed(file, wanted.name));
  if (!target) {
    reasons.push(await whyMissing(volume, root.files, wanted));
    return verdictOf(reasons);
  }
  if (target.name !== wanted.name)
    reasons.push(note('letter-case', `The name is written "${target.name}"; FAT treats it as the same.`));
  reasons.push(...(await judgeFile(volume, target, wanted)));
  const others = root.files.filter((file) => file !== target && !isSystem(file));
  if (others.length > 0)
    reasons.push(
      note(
        'other-files',
        `${others.length} other ${others.length === 1 ? 'entry' : 'entries'} on the stick; mostly harmless.`,
      ),
    );
  return verdictOf(reasons);
}

const isNamed = ({ name, short }: FoundFile, wanted: string): boolean =>
  [name.toUpperCase(), short].includes(wanted.toUpperCase());
const isSystem = ({ name }: FoundFile): boolean =>
  /^(system volume information|\.trash.*|\.fseventsd|\.spotlight.*)$/i.test(name);

/** The file is not in the root under its name: the usual traps, looked for one by one. */
async function whyMissing(
  volume: Parameters<typeof readFolder>[0],
  root: readonly FoundFile[],
  wanted: StickWanted,
): Promise<Reason> {
  const upper = wanted.name.toUpperCase();
  const doubled = root.find(({ name, isFolder }) => !isFolder && name.toUpperCase().startsWith(`${upper}.`));
  if (doubled)
    return bad(
      'hidden-extension',
      `"${doubled.name}" has an extra extension, which the file manager hid.`,
      `Show file extensions, then rename it to "${wanted.name}".`,
    );
  for (const folder of root.filter(({ isFolder }) => isFolder)) {
    const inner = await readFolder(volume, folder.firstCluster);
    if (inner.ok && inner.files.some((file) => isNamed(file, wanted.name)))
      return bad('in-folder', `"${wanted.name}" is in the folder "${folder.name}".`, 'Move it into the root.');
  }
  const images = root.filter(
    ({ isFolder, bytes }) => !isFolder && (wanted.bytes === undefined ? bytes >= 2 ** 20 : bytes === wanted.bytes),
  );
  const [first] = images;
  if (images.length === 1 && first)
    return bad(
      'other-name',
      `"${wanted.name}" is not there; "${first.name}" looks like the image.`,
      `Copy it under the name "${wanted.name}", the original beside it.`,
    );
  const names = root.map(({ name }) => name).slice(0, 8);
  return bad(
    'name-missing',
    `"${wanted.name}" is not in the root. There: ${names.length > 0 ? names.join(', ') : 'nothing'}.`,
    `Copy the image there under exactly this name.`,
  );
}
