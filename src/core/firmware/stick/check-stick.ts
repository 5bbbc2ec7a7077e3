import { judgeFile } from './judge-file';
import { bad, note, warning, type Reason } from '../download/reasons';
import type { StickSource, StickWanted } from './stick-source';
import { findVolume } from './stick-volume';
import { fitsShort } from './file-names';
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
  const { profile = {} } = wanted;
  const found = await findVolume(source, profile);
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
  const targets = files.filter((file) => wanted.names.some((name) => isNamed(file, name)));
  const [target] = targets;
  if (!target) {
    reasons.push(await whyMissing(volume, root.files, wanted));
    return verdictOf(reasons);
  }
  reasons.push(...judgeNames(targets, wanted));
  for (const file of targets) reasons.push(...(await judgeFile(volume, file, wanted)));
  const others = root.files.filter((file) => !targets.includes(file) && !isSystem(file));
  if (others.length > 0) {
    const count = `${others.length} other ${others.length === 1 ? 'entry' : 'entries'} on the stick`;
    reasons.push(
      profile.alone
        ? warning('other-files', `${count}; this board wants the image alone.`, 'Take everything else off the stick.')
        : note('other-files', `${count}; mostly harmless.`),
    );
  }
  return verdictOf(reasons);
}

/** What boards may make of the names under which the image stands. */
function judgeNames(targets: readonly FoundFile[], { names, profile = {} }: StickWanted): Reason[] {
  const reasons: Reason[] = [];
  if (targets.length > 1)
    reasons.push(
      warning(
        'two-names',
        `${targets.map(({ name }) => `"${name}"`).join(' and ')} are both on the stick: the board may take either.`,
        'Leave one of them.',
      ),
    );
  for (const { name, short } of targets) {
    const wanted = names.find((one) => one.toUpperCase() === name.toUpperCase());
    const isAlias = wanted !== undefined && fitsShort(wanted) && short !== wanted.toUpperCase();
    if (isAlias)
      reasons.push(
        (profile.shortNamesOnly ? bad : warning)(
          'short-alias',
          `"${name}" is "${short}" to a board that reads short names only.`,
          'Make the stick here, or format it again and copy the image as its first file.',
        ),
      );
    else if (!names.includes(name))
      reasons.push(note('letter-case', `The name is written "${name}"; FAT treats it as the same.`));
    if (profile.shortNamesOnly && wanted !== undefined && !fitsShort(wanted))
      reasons.push(
        bad(
          'long-name',
          `This board reads short names only, and "${name}" is none.`,
          'Read its name in the manual again.',
        ),
      );
  }
  return reasons;
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
  const [name = ''] = wanted.names;
  const listed = wanted.names.map((one) => `"${one}"`).join(' or ');
  const doubled = root.find(
    (file) => !file.isFolder && wanted.names.some((one) => file.name.toUpperCase().startsWith(`${one.toUpperCase()}.`)),
  );
  if (doubled)
    return bad(
      'hidden-extension',
      `"${doubled.name}" has an extra extension, which the file manager hid.`,
      `Show file extensions, then rename it to "${name}".`,
    );
  for (const folder of root.filter(({ isFolder }) => isFolder)) {
    const inner = await readFolder(volume, folder.firstCluster);
    if (inner.ok && inner.files.some((file) => wanted.names.some((one) => isNamed(file, one))))
      return bad('in-folder', `${listed} is in the folder "${folder.name}".`, 'Move it into the root.');
  }
  const images = root.filter(
    ({ isFolder, bytes }) => !isFolder && (wanted.bytes === undefined ? bytes >= 2 ** 20 : bytes === wanted.bytes),
  );
  const [first] = images;
  if (images.length === 1 && first)
    return bad(
      'other-name',
      `${listed} is not there; "${first.name}" looks like the image.`,
      `Copy it under the name "${name}", the original beside it.`,
    );
  const there = root.map((file) => file.name).slice(0, 8);
  return bad(
    'name-missing',
    `${listed} is not in the root. There: ${there.length > 0 ? there.join(', ') : 'nothing'}.`,
    `Copy the image there under exactly this name.`,
  );
}
