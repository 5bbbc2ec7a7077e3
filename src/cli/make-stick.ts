import {
  closeSync,
  existsSync,
  fsyncSync,
  ftruncateSync,
  openSync,
  renameSync,
  rmSync,
  statSync,
  writeSync,
} from 'node:fs';
import { basename } from 'node:path';
import {
  inspectFirmware,
  packedStick,
  stickFiles,
  stickImage,
  type FatMoment,
  type Segment,
  type StickFile,
  type VersionImage,
} from '../core/firmware';
import { CannotDo, type Answer } from './answer';
import { blockDevice, isBlockDevice, whyNotWritten } from './block-device';
import { checkStickFile } from './check-stick-file';
import { hash, readOrRefuse } from './read-file';

const units: Readonly<Record<string, number>> = { '': 1, KiB: 2 ** 10, MiB: 2 ** 20, GiB: 2 ** 30 };

/** Bytes of a size as people write it. Failure: CannotDo with what was expected. */
export function bytesOfSize(text: string): number {
  const match = /^(\d+)\s*(KiB|MiB|GiB|)$/.exec(text);
  const bytes = match ? Number(match[1]) * (units[match[2] ?? ''] ?? 1) : Number.NaN;
  if (!Number.isSafeInteger(bytes)) throw new CannotDo(`--size: expected for instance 64MiB or 8GiB, found "${text}"`);
  return bytes;
}

const momentOf = (date: Date): FatMoment => ({
  year: date.getFullYear(),
  month: date.getMonth() + 1,
  day: date.getDate(),
  hour: date.getHours(),
  minute: date.getMinutes(),
  second: date.getSeconds(),
});

export interface MakeOrder {
  /** Images in the order in which they are flashed, each as FILE or VERSION=FILE. */
  readonly images: readonly string[];
  readonly name: string;
  readonly original?: string | undefined;
  readonly size: string;
  readonly out: string;
  readonly now: Date;
  /** What the first image has to have: another is refused. */
  readonly sha256?: string | undefined;
  /** The device that may be erased, named in full. */
  readonly yesErase?: string | undefined;
}

/**
 * Writes a stick as a raw image, zeros left as holes, packed where the name ends in .gz, or onto a stick itself. An image
 * that fails half way leaves nothing behind.
 */
export async function makeStick(order: MakeOrder): Promise<Answer> {
  const { name, size, out, now } = order;
  const images = order.images.map((image, i) => imageOf(image, i === 0 ? order : {}));
  const [first] = images;
  if (!first) throw new CannotDo('--image: expected at least one image');
  const files =
    images.length === 1
      ? [{ name, content: first.content }, ...besides(order.original, first.content)]
      : stickFiles({ boardName: name, images });
  const stick = stickImage({ totalBytes: bytesOfSize(size), files, serial: serialOf(now), at: momentOf(now) });
  if (!stick.ok) throw new CannotDo(stick.message);
  const value = {
    out,
    bytes: stick.layout.totalSectors * 512 + stick.unusedBytes,
    partitionBytes: stick.layout.totalSectors * 512,
    clusterBytes: stick.layout.clusterBytes,
    files: files.map((file) => ({ name: file.name, bytes: file.content.length })),
    sha256: hash(first.content),
  };
  const made = `${out}: ${value.bytes} bytes, ${files.map((file) => file.name).join(', ')} in the root\n${stick.unusedBytes > 0 ? 'It is larger than 32 GiB: one partition of 32 GiB, and the rest stays unused.\n' : ''}`;
  if (!isBlockDevice(out)) {
    writeFile(out, stick.segments());
    return { ok: true, value, text: made };
  }
  writeDevice(out, order.yesErase, { bytes: value.bytes, segments: stick.segments() });
  const checked = await checkStickFile({
    stick: out,
    names: [name],
    bytes: first.content.length,
    sha256: value.sha256,
  });
  return { ok: checked.ok, value: { ...value, check: checked.value }, text: `${made}Read back: ${checked.text}` };
}

const besides = (original: string | undefined, content: Uint8Array): StickFile[] =>
  original === undefined ? [] : [{ name: original, content }];

/** An image as FILE or VERSION=FILE, looked into. */
function imageOf(typed: string, { sha256 }: Pick<MakeOrder, 'sha256'>): VersionImage {
  const at = typed.indexOf('=');
  const hasVersion = at > 0 && !existsSync(typed);
  const [version, path] = hasVersion ? [typed.slice(0, at), typed.slice(at + 1)] : [null, typed];
  const content = readOrRefuse(path);
  const inspection = inspectFirmware(content, { sha256: hash(content) });
  const isListed = sha256 !== undefined && sha256.toLowerCase() === inspection.sha256;
  if (sha256 !== undefined && !isListed)
    throw new CannotDo(`--image: its SHA-256 is ${inspection.sha256}, not ${sha256.toLowerCase()}. Nothing was made.`);
  const wrong = isListed ? undefined : inspection.reasons.find(({ severity }) => severity === 'bad');
  if (wrong || inspection.kind === 'archive' || inspection.kind === 'package')
    throw new CannotDo(
      `--image: ${wrong?.message ?? 'This is still the archive; unpack it first.'} ${wrong?.fix ?? ''}`.trim(),
    );
  return { version, name: basename(path), content };
}

function writeFile(out: string, segments: Iterable<Segment>): void {
  const draft = `${out}.part`;
  try {
    if (existsSync(out) && !statSync(out).isFile()) throw new Error(`expected a file, found ${out} to be none`);
    const target = openSync(draft, 'w');
    if (out.endsWith('.gz')) writePacked(target, segments);
    else writeSparse(target, segments);
    closeSync(target);
    renameSync(draft, out);
  } catch (error) {
    rmSync(draft, { force: true });
    throw new CannotDo(`--out: ${error instanceof Error ? error.message : String(error)}`);
  }
}

/** Onto the stick itself: never without its name typed in full, never one that is mounted or cannot be pulled out. */
function writeDevice(
  path: string,
  yesErase: string | undefined,
  { bytes, segments }: { readonly bytes: number; readonly segments: Iterable<Segment> },
): void {
  const device = blockDevice(path);
  const why = whyNotWritten(device, yesErase, path);
  if (why !== null) throw new CannotDo(`--out: ${why}`);
  if (device.bytes < bytes) throw new CannotDo(`--size: expected at most the ${device.bytes} bytes of ${path}`);
  try {
    const target = openSync(path, 'r+');
    let at = 0;
    for (const segment of segments) {
      if (segment.kind === 'bytes') {
        writeWhole(target, segment.bytes, at);
        at += segment.bytes.length;
      } else if (at < tablesBytes) {
        // What stood in the tables before must go; behind them nothing reads what no file owns.
        const zeros = Math.min(segment.count, tablesBytes - at);
        for (let done = 0; done < zeros; done += zeroBlock.length)
          writeWhole(target, zeroBlock.subarray(0, Math.min(zeroBlock.length, zeros - done)), at + done);
        at += segment.count;
      } else at += segment.count;
    }
    fsyncSync(target);
    closeSync(target);
  } catch (error) {
    throw new CannotDo(`--out: ${error instanceof Error ? error.message : String(error)}`);
  }
}

const zeroBlock = new Uint8Array(2 ** 20);
/** Partition table, boot sectors, both FATs and the root of 32 GiB lie within. */
const tablesBytes = 64 * 2 ** 20;

/** Zeros become holes of the file. */
function writeSparse(target: number, segments: Iterable<Segment>): void {
  let at = 0;
  for (const segment of segments) {
    if (segment.kind === 'bytes') writeWhole(target, segment.bytes, at);
    at += segment.kind === 'bytes' ? segment.bytes.length : segment.count;
  }
  ftruncateSync(target, at);
}

function writePacked(target: number, segments: Iterable<Segment>): void {
  let at = 0;
  for (const piece of packedStick(segments)) {
    writeWhole(target, piece, at);
    at += piece.length;
  }
}

function writeWhole(target: number, bytes: Uint8Array, at: number): void {
  for (let done = 0; done < bytes.length;) done += writeSync(target, bytes, done, bytes.length - done, at + done);
}

const serialOf = (now: Date): number => Math.floor(now.getTime() / 1000) >>> 0;
