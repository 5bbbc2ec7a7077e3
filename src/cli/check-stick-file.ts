import { createReadStream } from 'node:fs';
import { open } from 'node:fs/promises';
import { createGunzip } from 'node:zlib';
import { checkStick, SparseCollector, type StickSource, type StickVerdict, type StickWanted } from '../core/firmware';
import { CannotDo, type Answer } from './answer';
import { blockDevice } from './block-device';
import { lines } from './print-reasons';

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
  await file.read(magic, 0, 2, 0).catch(() => undefined);
  if (magic[0] === 0x1f && magic[1] === 0x8b) {
    await file.close();
    return { source: await unpacked(path), close: () => Promise.resolve() };
  }
  const stat = await file.stat();
  if (!stat.isFile() && !stat.isBlockDevice()) {
    await file.close();
    throw new CannotDo(`${path}: expected an image or a stick, found ${stat.isDirectory() ? 'a folder' : 'neither'}`);
  }
  const size = stat.isBlockDevice() ? blockDevice(path).bytes : stat.size;
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
    for await (const piece of createReadStream(path).pipe(createGunzip({ chunkSize: 2 ** 16 })))
      if (!collector.push(piece as Uint8Array)) break;
  } catch (error) {
    throw new CannotDo(`${path}: ${error instanceof Error ? error.message : String(error)}`);
  }
  const collected = collector.finish();
  if (!collected.ok) throw new CannotDo(`${path}: ${collected.message}`);
  return collected.source;
}

const printVerdict = ({ verdict, reasons }: StickVerdict): string =>
  [`The stick is ${verdict.replaceAll('-', ' ')}.`, ...lines(reasons), ''].join('\n');
