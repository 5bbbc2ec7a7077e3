import { Gunzip } from 'fflate';
import {
  checkStick,
  inspectFirmware,
  openArchive,
  packedStick,
  sha256Of,
  SparseCollector,
  stickImage,
  type Inspection,
  type StickFile,
  type StickSource,
  type StickVerdict,
  type StickWanted,
} from '../../core/firmware';

export type StickRequest =
  | { readonly kind: 'inspect'; readonly ticket: number; readonly file: File; readonly entry: string | null }
  | {
      readonly kind: 'make';
      readonly ticket: number;
      readonly totalBytes: number;
      readonly name: string;
      readonly original: string | null;
      /** Where to write a raw image; null packs it and hands it back. */
      readonly target: FileSystemFileHandle | null;
    }
  | {
      readonly kind: 'write';
      readonly ticket: number;
      readonly folder: FileSystemDirectoryHandle;
      readonly name: string;
      readonly original: string | null;
    }
  | { readonly kind: 'check'; readonly ticket: number; readonly file: File; readonly wanted: StickWanted };

export interface InspectedImage {
  /** Its own name, without folders. */
  readonly name: string;
  readonly inspection: Inspection;
}

export type StickAnswer =
  | {
      readonly kind: 'inspected';
      readonly ticket: number;
      readonly file: Inspection;
      /** What is taken for the image: the file itself, or the entry of the archive. */
      readonly image: InspectedImage | null;
      readonly milliseconds: number;
    }
  | { readonly kind: 'made'; readonly ticket: number; readonly blob: Blob | null; readonly bytes: number }
  | {
      readonly kind: 'written';
      readonly ticket: number;
      readonly files: readonly { readonly name: string; readonly isSame: boolean }[];
    }
  | { readonly kind: 'checked'; readonly ticket: number; readonly verdict: StickVerdict }
  | { readonly kind: 'progress'; readonly ticket: number; readonly share: number }
  | { readonly kind: 'refused'; readonly ticket: number; readonly message: string };

const maxFileBytes = 512 * 2 ** 20;

/** The image in hand: it stays here and never crosses to the screen. */
let image: StickFile | null = null;

const answer = (message: StickAnswer) => self.postMessage(message);

self.onmessage = ({ data }: MessageEvent<StickRequest>) => {
  work(data).catch((error: unknown) =>
    answer({
      kind: 'refused',
      ticket: data.ticket,
      message: error instanceof Error ? error.message : String(error),
    }),
  );
};

function work(request: StickRequest): Promise<void> {
  switch (request.kind) {
    case 'inspect':
      return inspect(request);
    case 'make':
      return make(request);
    case 'write':
      return write(request);
    case 'check':
      return check(request);
  }
}

const baseName = (path: string): string => path.split('/').at(-1) ?? path;

async function inspect({ ticket, file, entry }: Extract<StickRequest, { kind: 'inspect' }>): Promise<void> {
  const begin = performance.now();
  image = null;
  if (file.size > maxFileBytes) throw new Error(`${file.name}: expected at most 512 MiB, found ${file.size} bytes`);
  const bytes = new Uint8Array(await file.arrayBuffer());
  const whole = await inspectHere(bytes);
  const found = whole.kind === 'archive' ? fromArchive(bytes, whole, entry) : { name: file.name, content: bytes };
  const inspection = found ? (whole.kind === 'archive' ? await inspectHere(found.content) : whole) : null;
  if (found && !inspection?.reasons.some(({ severity }) => severity === 'bad')) image = found;
  answer({
    kind: 'inspected',
    ticket,
    file: whole,
    image: found && inspection ? { name: found.name, inspection } : null,
    milliseconds: performance.now() - begin,
  });
}

/** The browser hashes far quicker; it does so in a secure context only, and a shop's plain network is none. */
async function hashHere(bytes: Uint8Array): Promise<string> {
  if (!('subtle' in crypto)) return sha256Of(bytes);
  const digest = new Uint8Array(await crypto.subtle.digest('SHA-256', bytes as Uint8Array<ArrayBuffer>));
  return Array.from(digest, (byte) => byte.toString(16).padStart(2, '0')).join('');
}

const inspectHere = async (bytes: Uint8Array): Promise<Inspection> =>
  inspectFirmware(bytes, { sha256: await hashHere(bytes) });

function fromArchive(bytes: Uint8Array, { candidates }: Inspection, entry: string | null): StickFile | null {
  const wanted = entry ?? candidates[0];
  const opened = openArchive(bytes);
  if (wanted === undefined || !opened.ok) return null;
  const read = opened.read(wanted);
  if (!read.ok) throw new Error(read.problem.message);
  return { name: baseName(wanted), content: read.content };
}

function filesToWrite(name: string, original: string | null): StickFile[] {
  if (!image) throw new Error('expected an image first (choose the downloaded file)');
  const { content } = image;
  const isOther = original !== null && original.toUpperCase() !== name.toUpperCase();
  return [{ name, content }, ...(isOther ? [{ name: original, content }] : [])];
}

async function make({ ticket, totalBytes, name, original, target }: Extract<StickRequest, { kind: 'make' }>) {
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
  const stick = stickImage({ totalBytes, files: filesToWrite(name, original), serial, at });
  if (!stick.ok) throw new Error(stick.message);
  if (!target) {
    const blob = new Blob([...packedStick(stick.segments())] as BlobPart[], { type: 'application/gzip' });
    answer({ kind: 'made', ticket, blob, bytes: blob.size });
    return;
  }
  const writable = await target.createWritable();
  await writable.truncate(totalBytes);
  let position = 0;
  for (const segment of stick.segments()) {
    if (segment.kind === 'bytes')
      await writable.write({ type: 'write', position, data: segment.bytes as Uint8Array<ArrayBuffer> });
    position += segment.kind === 'bytes' ? segment.bytes.length : segment.count;
    answer({ kind: 'progress', ticket, share: position / totalBytes });
  }
  await writable.close();
  answer({ kind: 'made', ticket, blob: null, bytes: totalBytes });
}

/** Writes the files into the root of a mounted stick and reads them back to compare. */
async function write({ ticket, folder, name, original }: Extract<StickRequest, { kind: 'write' }>): Promise<void> {
  const files = filesToWrite(name, original);
  const written: { name: string; isSame: boolean }[] = [];
  for (const { name: fileName, content } of files) {
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
  answer({ kind: 'written', ticket, files: written });
}

async function check({ ticket, file, wanted }: Extract<StickRequest, { kind: 'check' }>): Promise<void> {
  const magic = new Uint8Array(await file.slice(0, 2).arrayBuffer());
  const source = magic[0] === 0x1f && magic[1] === 0x8b ? await unpacked(ticket, file) : fromFile(file);
  answer({ kind: 'checked', ticket, verdict: await checkStick(source, wanted) });
}

const fromFile = (file: File): StickSource => ({
  bytes: file.size,
  read: async (offset, length) => new Uint8Array(await file.slice(offset, offset + length).arrayBuffer()),
});

async function unpacked(ticket: number, file: File): Promise<StickSource> {
  const collector = new SparseCollector();
  const filling = { isFull: false };
  const gunzip = new Gunzip((piece) => {
    filling.isFull ||= !collector.push(piece);
  });
  const step = 2 ** 20;
  for (let at = 0; at < file.size && !filling.isFull; at += step) {
    gunzip.push(new Uint8Array(await file.slice(at, at + step).arrayBuffer()), at + step >= file.size);
    answer({ kind: 'progress', ticket, share: Math.min(1, (at + step) / file.size) });
  }
  const collected = collector.finish();
  if (!collected.ok) throw new Error(`${file.name}: ${collected.message}`);
  return collected.source;
}
