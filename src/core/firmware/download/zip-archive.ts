import crc32 from 'crc-32';
import { inflateSync } from 'fflate';
import { ByteReader } from '../byte-reader';
import {
  checkUnpackedBytes,
  guarded,
  maxEntries,
  nameWithin,
  Refused,
  type ArchiveEntry,
  type OpenedArchive,
  type ReadEntry,
} from './archive';

/** Firmware packs to a half or a third; a thousandfold is a bomb. */
const maxRatio = 1000;
const maxNameBytes = 1024;

const endRecord = 0x06054b50;
const directoryRecord = 0x02014b50;
const localRecord = 0x04034b50;
const endRecordBytes = 22;
const maxCommentBytes = 0xffff;
const stored = 0;
const deflated = 8;
const encryptedFlag = 0x1;

interface Placed extends ArchiveEntry {
  readonly method: number;
  readonly localAt: number;
  /** CRC-32 of the unpacked bytes, as the directory has it. */
  readonly crc32: number;
}

/**
 * Opens a zip archive (APPNOTE 6.3) by its directory, with bounds: entries, unpacked size, ratio, names. Encrypted
 * entries, names that climb out of the archive and archives of several parts are refused whole, before anything is
 * unpacked.
 */
export function openArchive(bytes: Uint8Array): OpenedArchive {
  return guarded(() => {
    const placed = readDirectory(new ByteReader(bytes, 'archive'));
    const read = (name: string): ReadEntry => {
      const entry = placed.find((one) => one.name === name);
      if (!entry) return { ok: false, problem: { code: 'no-such-entry', message: `archive: expected ${name} in it` } };
      return guarded(() => ({ ok: true as const, content: unpack(bytes, entry) }));
    };
    const entries = placed.map(({ name, bytes: size, packedBytes }) => ({ name, bytes: size, packedBytes }));
    return { ok: true as const, entries, read };
  });
}

function readDirectory(reader: ByteReader): Placed[] {
  const end = findEnd(reader);
  const count = reader.u16(end + 10);
  if (reader.u16(end + 4) !== 0 || reader.u16(end + 8) !== count)
    throw new Refused('split-archive', 'archive: expected one part, found an archive of several');
  if (count > maxEntries)
    throw new Refused('too-many-entries', `archive: expected at most ${maxEntries} entries, found ${count}`);
  // A program that unpacks itself stands before its archive: all places count from where the archive begins.
  const base = Math.max(0, end - reader.u32(end + 12) - reader.u32(end + 16));
  let at = base + reader.u32(end + 16);
  const entries: Placed[] = [];
  for (let i = 0; i < count; i++) {
    if (reader.u32(at) !== directoryRecord)
      throw new Refused('bad-archive', `archive: expected a directory entry at ${at}, found something else`);
    const [nameBytes, extraBytes, commentBytes] = [reader.u16(at + 28), reader.u16(at + 30), reader.u16(at + 32)];
    const name = nameWithin(reader.bytes(at + 46, nameBytes), maxNameBytes);
    if (reader.u16(at + 8) & encryptedFlag)
      throw new Refused('encrypted', `archive: expected no password, found ${name} encrypted`);
    if (!name.endsWith('/'))
      entries.push({
        name,
        method: reader.u16(at + 10),
        crc32: reader.u32(at + 16),
        packedBytes: reader.u32(at + 20),
        bytes: reader.u32(at + 24),
        localAt: base + reader.u32(at + 42),
      });
    at += 46 + nameBytes + extraBytes + commentBytes;
  }
  checkSizes(entries);
  return entries;
}

function findEnd(reader: ByteReader): number {
  const lowest = Math.max(0, reader.length - endRecordBytes - maxCommentBytes);
  for (let at = reader.length - endRecordBytes; at >= lowest; at--) if (reader.u32(at) === endRecord) return at;
  throw new Refused('bad-archive', 'archive: expected the end record of a zip archive, found none');
}

function checkSizes(entries: readonly Placed[]): void {
  checkUnpackedBytes(entries);
  const bomb = entries.find(({ bytes, packedBytes }) => bytes > maxRatio * Math.max(1, packedBytes));
  if (bomb) throw new Refused('bomb', `archive: expected no more than ${maxRatio} times the size, found ${bomb.name}`);
}

function unpack(bytes: Uint8Array, entry: Placed): Uint8Array {
  const content = unpacked(bytes, entry);
  if (crc32.buf(content) >>> 0 !== entry.crc32)
    throw new Refused(
      'bad-data',
      `archive: expected ${entry.name} to have the checksum it is listed with, found it damaged`,
    );
  return content;
}

function unpacked(bytes: Uint8Array, { name, method, packedBytes, bytes: size, localAt }: Placed): Uint8Array {
  const reader = new ByteReader(bytes, 'archive');
  if (reader.u32(localAt) !== localRecord)
    throw new Refused('bad-archive', `archive: expected ${name} at ${localAt}, found something else`);
  const start = localAt + 30 + reader.u16(localAt + 26) + reader.u16(localAt + 28);
  const packed = reader.bytes(start, packedBytes);
  if (method === stored) return packedBytes === size ? packed : wrongSize(name, size, packedBytes);
  if (method !== deflated)
    throw new Refused('unknown-method', `archive: expected stored or deflated, found method ${method} for ${name}`);
  const content = new Uint8Array(size);
  try {
    const written = inflateSync(packed, { out: content });
    return written.length === size ? written : wrongSize(name, size, written.length);
  } catch {
    throw new Refused('bad-data', `archive: expected data that unpacks to ${size} bytes, found ${name} damaged`);
  }
}

function wrongSize(name: string, expected: number, found: number): never {
  throw new Refused('bad-data', `archive: expected ${name} to have ${expected} bytes, found ${found}`);
}
