import { expose } from 'comlink';
import { Gunzip } from 'fflate';
import {
  checkStick,
  openDownload,
  packedStick,
  sha256Of,
  SparseCollector,
  stickFiles,
  stickImage,
  type ImageWanted,
  type Inspection,
  type Reason,
  type StickFile,
  type StickSource,
  type StickVerdict,
  type StickWanted,
  type VersionImage,
} from '../../core/firmware';

export interface InspectedImage {
  /** Its own name, without folders. */
  readonly name: string;
  /** The entry of the archive; null where the file itself is the image. */
  readonly entry: string | null;
  readonly inspection: Inspection;
}

/** A download that was looked into. */
export interface Inspected {
  readonly file: Inspection;
  /** What is taken for the image: the file itself, or the entry of the archive. */
  readonly image: InspectedImage | null;
  readonly reasons: readonly Reason[];
  /** It is an image, be it the one of the board book or not. */
  readonly isImage: boolean;
  readonly milliseconds: number;
}

/** A file written to a mounted stick, and whether it was the same when read back. */
export interface WrittenFile {
  readonly name: string;
  readonly isSame: boolean;
}

/** What is put on a stick, and under which names. */
export interface StickNames {
  /** Of the image in hand. */
  readonly name: string;
  /** The board looks for that very name. */
  readonly isForBoard: boolean;
  readonly version: string | null;
  /** Versions that were opened beside it, in the order in which they are flashed. */
  readonly others: readonly string[];
}

/** An image of another version for the same stick. */
export interface KeptImage {
  readonly version: string;
  readonly name: string;
  readonly reasons: readonly Reason[];
  readonly isKept: boolean;
}

/** Is told the share that is done, 0 to 1. */
export type OnProgress = (share: number) => void;

const maxFileBytes = 512 * 2 ** 20;

/** The image in hand: it stays here and never crosses to the screen. */
let image: StickFile | null = null;
/** Images of other versions for the same stick. */
const kept = new Map<string, StickFile>();

/** What the worker does; each call fails with an error whose message is for the screen. */
const work = { inspect, pack, writeRaw, writeFiles, check, digest, keep, drop };
export type StickWork = typeof work;
expose(work);

async function inspect(file: File, entry: string | null, wanted: ImageWanted): Promise<Inspected> {
  const startedAt = performance.now();
  image = null;
  if (file.size > maxFileBytes) throw new Error(`${file.name}: expected at most 512 MiB, found ${file.size} bytes`);
  const content = new Uint8Array(await file.arrayBuffer());
  const download = await openDownload({ name: file.name, content }, { wanted, entry, hash: hashHere });
  const { image: found } = download;
  // One that is only another than the book's may still be flashed, where a lead says why.
  const isImage = found !== null && !download.reasons.some((one) => one.severity === 'bad' && !isOther(one));
  if (isImage) image = { name: found.name, content: found.content };
  return {
    file: download.file,
    image: found && { name: found.name, entry: found.entry, inspection: found.inspection },
    reasons: download.reasons,
    isImage,
    milliseconds: performance.now() - startedAt,
  };
}

const isOther = ({ code }: Reason): boolean => code === 'wrong-hash' || code === 'wrong-size';

/** The browser hashes far quicker; it does so in a secure context only, and a shop's plain network is none. */
async function hashHere(bytes: Uint8Array): Promise<string> {
  if (!('subtle' in crypto)) return sha256Of(bytes);
  const digest = new Uint8Array(await crypto.subtle.digest('SHA-256', bytes as Uint8Array<ArrayBuffer>));
  return Array.from(digest, (byte) => byte.toString(16).padStart(2, '0')).join('');
}

/** Name and SHA-256 of a file, for the record. */
async function digest(file: File): Promise<{ readonly name: string; readonly sha256: string }> {
  if (file.size > maxFileBytes) throw new Error(`${file.name}: expected at most 512 MiB, found ${file.size} bytes`);
  return { name: file.name, sha256: await hashHere(new Uint8Array(await file.arrayBuffer())) };
}

/** Opens an image of another version for the same stick. It is kept only where nothing speaks against it. */
async function keep(version: string, file: File, wanted: ImageWanted): Promise<KeptImage> {
  if (file.size > maxFileBytes) throw new Error(`${file.name}: expected at most 512 MiB, found ${file.size} bytes`);
  const content = new Uint8Array(await file.arrayBuffer());
  const { image: found, reasons } = await openDownload({ name: file.name, content }, { wanted, hash: hashHere });
  const isKept = found !== null && !reasons.some(({ severity }) => severity === 'bad');
  if (isKept) kept.set(version, { name: found.name, content: found.content });
  return { version, name: found?.name ?? file.name, reasons, isKept };
}

function drop(version: string): void {
  kept.delete(version);
}

/** The image in hand first, then those of the other versions that are wanted beside it, in this order. */
function filesToWrite({ name, isForBoard, version, others }: StickNames): StickFile[] {
  if (!image) throw new Error('expected an image first (choose the downloaded file)');
  const images: VersionImage[] = [
    { ...image, version },
    ...others.map((other) => {
      const own = kept.get(other);
      if (!own) throw new Error(`expected the image of ${other} as well (choose it again)`);
      return { ...own, version: other };
    }),
  ];
  return stickFiles({ boardName: isForBoard || name !== image.name ? name : null, images });
}

function layImage(totalBytes: number, names: StickNames) {
  const now = new Date();
  const at = {
    year: now.getFullYear(),
    month: now.getMonth() + 1,
    day: now.getDate(),
    hour: now.getHours(),
    minute: now.getMinutes(),
    second: now.getSeconds(),
  };
  const serial = crypto.getRandomValues(new Uint32Array(1))[0] ?? 1;
  const stick = stickImage({ totalBytes, files: filesToWrite(names), serial, at });
  if (!stick.ok) throw new Error(stick.message);
  return stick;
}

/** A whole stick as a packed image. */
function pack(totalBytes: number, names: StickNames): Blob {
  const stick = layImage(totalBytes, names);
  return new Blob([...packedStick(stick.segments())] as BlobPart[], { type: 'application/gzip' });
}

/** A whole stick as a raw image, into a file. */
async function writeRaw(
  target: FileSystemFileHandle,
  totalBytes: number,
  names: StickNames,
  onProgress: OnProgress,
): Promise<void> {
  const stick = layImage(totalBytes, names);
  const writable = await target.createWritable();
  await writable.truncate(totalBytes);
  let position = 0;
  for (const segment of stick.segments()) {
    if (segment.kind === 'bytes')
      await writable.write({ type: 'write', position, data: segment.bytes as Uint8Array<ArrayBuffer> });
    position += segment.kind === 'bytes' ? segment.bytes.length : segment.count;
    onProgress(position / totalBytes);
  }
  await writable.close();
}

/** Writes the files into the root of a mounted stick and reads them back to compare. */
async function writeFiles(folder: FileSystemDirectoryHandle, names: StickNames): Promise<WrittenFile[]> {
  const written: WrittenFile[] = [];
  for (const { name: fileName, content } of filesToWrite(names)) {
    const handle = await folder.getFileHandle(fileName, { create: true });
    const writable = await handle.createWritable();
    await writable.write(content as Uint8Array<ArrayBuffer>);
    await writable.close();
    const back = new Uint8Array(await (await handle.getFile()).arrayBuffer());
    written.push({
      name: fileName,
      isSame: back.length === content.length && (await hashHere(back)) === (await hashHere(content)),
    });
  }
  return written;
}

async function check(file: File, wanted: StickWanted, onProgress: OnProgress): Promise<StickVerdict> {
  const magic = new Uint8Array(await file.slice(0, 2).arrayBuffer());
  const source = magic[0] === 0x1f && magic[1] === 0x8b ? await unpacked(file, onProgress) : fromFile(file);
  return checkStick(source, wanted);
}

const fromFile = (file: File): StickSource => ({
  bytes: file.size,
  read: async (offset, length) => new Uint8Array(await file.slice(offset, offset + length).arrayBuffer()),
});

async function unpacked(file: File, onProgress: OnProgress): Promise<StickSource> {
  const collector = new SparseCollector();
  const filling = { isFull: false };
  const gunzip = new Gunzip((piece) => {
    filling.isFull ||= !collector.push(piece);
  });
  const step = 2 ** 20;
  for (let at = 0; at < file.size && !filling.isFull; at += step) {
    gunzip.push(new Uint8Array(await file.slice(at, at + step).arrayBuffer()), at + step >= file.size);
    onProgress(Math.min(1, (at + step) / file.size));
  }
  const collected = collector.finish();
  if (!collected.ok) throw new Error(`${file.name}: ${collected.message}`);
  return collected.source;
}
