import { createHash } from 'node:crypto';
import {
  closeSync,
  createReadStream,
  fstatSync,
  ftruncateSync,
  openSync,
  readSync,
  renameSync,
  rmSync,
  writeSync,
} from 'node:fs';
import { open } from 'node:fs/promises';
import { basename } from 'node:path';
import { createGunzip } from 'node:zlib';
import {
  checkStick,
  inspectFirmware,
  openDownload,
  packedStick,
  SparseCollector,
  stickImage,
  type FatMoment,
  type ImageWanted,
  type Inspection,
  type Segment,
  type StickFile,
  type StickSource,
  type StickVerdict,
  type StickWanted,
} from '../core/firmware';

/** What a command answers: what is printed, and whether the exit code is 0. */
export interface Answer {
  readonly ok: boolean;
  readonly value: unknown;
  readonly text: string;
}

/** A refusal of what was asked: printed on standard error, exit code 1. */
export class CannotDo extends Error {}

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
  readonly image: string;
  readonly name: string;
  readonly original?: string | undefined;
  readonly size: string;
  readonly out: string;
  readonly now: Date;
  /** What the image has to have: another is refused. */
  readonly sha256?: string | undefined;
}

/** Writes a stick as a raw image, zeros left as holes, or packed where the name ends in .gz. An image that fails half way leaves nothing behind. */
export function makeStick({ image, name, original, size, out, now, sha256 }: MakeOrder): Answer {
  const content = readOrRefuse(image);
  const inspection = inspectFirmware(content, { sha256: hash(content) });
  const isListed = sha256 !== undefined && sha256.toLowerCase() === inspection.sha256;
  if (sha256 !== undefined && !isListed)
    throw new CannotDo(`--image: its SHA-256 is ${inspection.sha256}, not ${sha256.toLowerCase()}. Nothing was made.`);
  const wrong = isListed ? undefined : inspection.reasons.find(({ severity }) => severity === 'bad');
  if (wrong || inspection.kind === 'archive' || inspection.kind === 'package')
    throw new CannotDo(
      `--image: ${wrong?.message ?? 'This is still the archive; unpack it first.'} ${wrong?.fix ?? ''}`.trim(),
    );
  const files: StickFile[] = [{ name, content }, ...(original === undefined ? [] : [{ name: original, content }])];
  const stick = stickImage({ totalBytes: bytesOfSize(size), files, serial: serialOf(now), at: momentOf(now) });
  if (!stick.ok) throw new CannotDo(stick.message);
  const draft = `${out}.part`;
  try {
    const target = openSync(draft, 'w');
    if (out.endsWith('.gz')) writePacked(target, stick.segments());
    else writeSparse(target, stick.segments());
    closeSync(target);
    renameSync(draft, out);
  } catch (error) {
    rmSync(draft, { force: true });
    throw new CannotDo(`--out: ${error instanceof Error ? error.message : String(error)}`);
  }
  const value = {
    out,
    bytes: stick.layout.totalSectors * 512,
    clusterBytes: stick.layout.clusterBytes,
    files: files.map((file) => ({ name: file.name, bytes: file.content.length })),
    sha256: inspection.sha256,
  };
  return {
    ok: true,
    value,
    text: `${out}: ${value.bytes} bytes, ${files.map((file) => file.name).join(', ')} in the root\n`,
  };
}

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

export interface CheckOrder extends StickWanted {
  readonly stick: string;
}

/** Judges an image of a stick, raw or packed with gzip. */
export async function checkStickFile({ stick, ...wanted }: CheckOrder): Promise<Answer> {
  const opened = await sourceOf(stick);
  try {
    const verdict = await checkStick(opened.source, wanted);
    return { ok: verdict.verdict !== 'bad', value: verdict, text: printVerdict(verdict) };
  } finally {
    await opened.close();
  }
}

async function sourceOf(path: string): Promise<{ source: StickSource; close(): Promise<void> }> {
  const file = await open(path).catch((error: unknown) => {
    throw new CannotDo(`${path}: ${error instanceof Error ? error.message : String(error)}`);
  });
  const magic = new Uint8Array(2);
  await file.read(magic, 0, 2, 0);
  if (magic[0] === 0x1f && magic[1] === 0x8b) {
    await file.close();
    return { source: await unpacked(path), close: () => Promise.resolve() };
  }
  const { size } = await file.stat();
  return {
    source: {
      bytes: size,
      read: async (offset, length) => {
        const buffer = new Uint8Array(length);
        await file.read(buffer, 0, length, offset);
        return buffer;
      },
    },
    close: () => file.close(),
  };
}

/** Unpacks as it reads, and keeps only what is not zero. */
async function unpacked(path: string): Promise<StickSource> {
  const collector = new SparseCollector();
  try {
    for await (const piece of createReadStream(path).pipe(createGunzip({ chunkSize: 2 ** 18 })))
      if (!collector.push(piece as Uint8Array)) break;
  } catch (error) {
    throw new CannotDo(`${path}: ${error instanceof Error ? error.message : String(error)}`);
  }
  const collected = collector.finish();
  if (!collected.ok) throw new CannotDo(`${path}: ${collected.message}`);
  return collected.source;
}

const hash = (bytes: Uint8Array): string => createHash('sha256').update(bytes).digest('hex');

/** What a downloaded file is, and whether the image in it is fit to flash. */
export async function inspectFile(path: string, wanted: ImageWanted): Promise<Answer> {
  const content = readOrRefuse(path);
  const download = await openDownload({ name: basename(path), content }, { wanted, hash });
  const { file, image, isFit } = download;
  const value = {
    ...file,
    reasons: download.reasons,
    image: image && { name: image.name, entry: image.entry, ...factsOf(image.inspection) },
    isFit,
  };
  return { ok: isFit, value, text: printInspection(value) };
}

const factsOf = ({ kind, bytes, crc32, sha256, volumes, capsule }: Inspection) => ({
  kind,
  bytes,
  crc32,
  sha256,
  volumes,
  capsule,
});

const maxFileBytes = 512 * 2 ** 20;

function readOrRefuse(path: string): Uint8Array {
  try {
    const file = openSync(path, 'r');
    const stat = fstatSync(file);
    if (!stat.isFile()) throw new Error(`expected a file, found ${stat.isDirectory() ? 'a folder' : 'a device'}`);
    const { size } = stat;
    if (size <= maxFileBytes) {
      const bytes = new Uint8Array(size);
      for (let done = 0; done < size;) {
        const read = readSync(file, bytes, done, size - done, done);
        if (read === 0) break;
        done += read;
      }
      closeSync(file);
      return bytes;
    }
    closeSync(file);
  } catch (error) {
    throw new CannotDo(`${path}: ${error instanceof Error ? error.message : String(error)}`);
  }
  throw new CannotDo(`${path}: expected at most ${maxFileBytes} bytes`);
}

const lines = (reasons: StickVerdict['reasons']): string[] =>
  reasons.map(({ severity, message, fix, code }) => `  ${severity}: ${message}${fix ? ` ${fix}` : ''} [${code}]`);

const printVerdict = ({ verdict, reasons }: StickVerdict): string =>
  [`The stick is ${verdict.replaceAll('-', ' ')}.`, ...lines(reasons), ''].join('\n');

type Inspected = Inspection & {
  readonly image: (ReturnType<typeof factsOf> & { readonly name: string; readonly entry: string | null }) | null;
  readonly isFit: boolean;
};

const printInspection = ({
  kind,
  bytes,
  crc32,
  sha256,
  entries,
  candidates,
  reasons,
  image,
  isFit,
}: Inspected): string =>
  [
    `${kind}, ${bytes} bytes`,
    `  CRC-32  ${crc32}`,
    `  SHA-256 ${sha256}`,
    ...entries.map(
      (entry) => `  ${entry.name}: ${entry.bytes} bytes${candidates.includes(entry.name) ? ', can be the image' : ''}`,
    ),
    ...(image?.entry ? [`${image.entry}: ${image.kind}, ${image.bytes} bytes`, `  SHA-256 ${image.sha256}`] : []),
    ...(image?.volumes ?? []).map(
      ({ offset, guid, lengthBytes, headerChecksumValid }) =>
        `  volume at 0x${offset.toString(16)}: ${guid}, ${lengthBytes} bytes, header ${headerChecksumValid ? 'adds up' : 'does not add up'}`,
    ),
    ...lines(reasons),
    isFit ? 'Nothing speaks against flashing it.' : 'It is not fit to flash.',
    '',
  ].join('\n');
