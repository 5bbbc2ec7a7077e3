import { OutOfBounds } from '../byte-reader';
import type { StickWanted } from './stick-source';
import { inspectFirmware } from '../download/inspect-firmware';
import { bad, warning, type Reason } from '../download/reasons';
import { chainOf, clusterAt, type FoundFile } from './read-folder';
import { within, type StickVolume } from './stick-volume';

/** Images are 16 or 32 MiB, some 64; what is larger is not read. */
const maxImageBytes = 256 * 2 ** 20;
const again = 'Copy the image again and eject the stick properly.';

/** Judges the one file that the board will read: its size, its chain of clusters, its content. */
export async function judgeFile(volume: StickVolume, file: FoundFile, wanted: StickWanted): Promise<Reason[]> {
  if (file.bytes === 0) return [bad('empty', `"${file.name}" is empty.`, again)];
  const reasons: Reason[] = [];
  if (wanted.bytes !== undefined && file.bytes !== wanted.bytes)
    reasons.push(bad('wrong-size', `"${file.name}" has ${file.bytes} bytes, not ${wanted.bytes}.`, again));
  if (file.bytes > maxImageBytes)
    return [
      ...reasons,
      bad(
        'too-large',
        `"${file.name}" has ${file.bytes} bytes: images are never that large.`,
        'Unpack the archive first.',
      ),
    ];
  const clusters = Math.ceil(file.bytes / volume.clusterBytes);
  const chain = chainOf(volume, file.firstCluster, clusters);
  if (!chain || chain.length !== clusters)
    return [
      ...reasons,
      bad('chain-broken', `The clusters of "${file.name}" are inconsistent.`, 'Make the stick again.'),
    ];
  const pieces = 1 + chain.filter((cluster, i) => i > 0 && cluster !== (chain[i - 1] ?? 0) + 1).length;
  if (pieces > 1)
    reasons.push(
      warning(
        'fragmented',
        `"${file.name}" lies in ${pieces} pieces; simple readers may fail.`,
        'Make the stick again, or copy the image onto an empty one.',
      ),
    );
  const content = await readChain(volume, chain, file.bytes);
  if (!content)
    return [...reasons, bad('cut', `"${file.name}" goes past the end of the image.`, 'Read the stick again.')];
  return [...reasons, ...judgeContent(content, file, wanted)];
}

/** The hash of the board book has the last word; without it, what the file looks like. */
function judgeContent(content: Uint8Array, { name }: FoundFile, wanted: StickWanted): Reason[] {
  const { kind, sha256, reasons } = inspectFirmware(content);
  if (kind === 'erased') return [bad('erased', `Every byte of "${name}" is the same: this is not firmware.`, again)];
  if (wanted.sha256 !== undefined && sha256 === wanted.sha256.toLowerCase()) return [];
  const own = reasons
    .filter(({ code }) => code !== 'odd-size' && code !== 'several-candidates' && code !== 'tool-inside')
    .map((reason): Reason => ({ ...reason, message: `"${name}": ${uncapitalized(reason.message)}` }));
  if (kind === 'archive' || kind === 'package')
    own.unshift(bad('still-packed', `"${name}" is still the archive.`, 'Unpack it and copy the image in it.'));
  return wanted.sha256 === undefined
    ? own.map((reason) => (reason.severity === 'warning' ? { ...reason, severity: 'note' } : reason))
    : [bad('wrong-hash', `The SHA-256 of "${name}" is ${sha256}, not ${wanted.sha256.toLowerCase()}.`, again), ...own];
}

const uncapitalized = (text: string): string => text.charAt(0).toLowerCase() + text.slice(1);

/** The content of a file by its clusters; not copied where they lie side by side in what is read. */
async function readChain(volume: StickVolume, chain: readonly number[], bytes: number): Promise<Uint8Array | null> {
  const { clusterBytes } = volume;
  const runAt = (i: number): number => {
    let run = 1;
    while (chain[i + run] === (chain[i] ?? 0) + run) run += 1;
    return run;
  };
  try {
    if (runAt(0) === chain.length) return await within(volume.source, clusterAt(volume, chain[0] ?? 0), bytes);
    const content = new Uint8Array(bytes);
    for (let i = 0; i < chain.length;) {
      const run = runAt(i);
      const from = i * clusterBytes;
      const length = Math.min(run * clusterBytes, bytes - from);
      content.set(await within(volume.source, clusterAt(volume, chain[i] ?? 0), length), from);
      i += run;
    }
    return content;
  } catch (error) {
    if (error instanceof OutOfBounds) return null;
    throw error;
  }
}
