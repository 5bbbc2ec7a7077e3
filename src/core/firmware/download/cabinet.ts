import { inflateSync } from 'fflate';
import { ByteReader } from '../byte-reader';
import { hasText } from './fields';
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

/** Cabinet files, as they are published: CFHEADER, CFFOLDER, CFFILE, CFDATA; blocks plain or deflated one by one. */

interface Folder {
  readonly dataAt: number;
  readonly blocks: number;
  readonly method: number;
}

interface Placed extends ArchiveEntry {
  readonly folder: number;
  /** Within what its folder unpacks to. */
  readonly offset: number;
}

const plain = 0;
const deflated = 1;
const maxFolders = 64;
const maxBlocks = 65_535;
const windowBytes = 32_768;
const maxNameBytes = 255;

/** Opens a cabinet that begins at `from`, with the bounds of archives. Cabinets of several parts are refused. */
export function openCabinet(bytes: Uint8Array, from: number): OpenedArchive {
  return guarded(() => {
    const reader = new ByteReader(bytes.subarray(from), 'cabinet');
    const { folders, files, dataReserve } = readHead(reader);
    const unpacked = new Map<number, Uint8Array>();
    const read = (name: string): ReadEntry => {
      const entry = files.find((one) => one.name === name);
      if (!entry) return { ok: false, problem: { code: 'no-such-entry', message: `cabinet: expected ${name} in it` } };
      return guarded(() => {
        const folder = folders[entry.folder];
        if (!folder) throw new Refused('bad-archive', `cabinet: expected a folder for ${name}`);
        const whole = unpacked.get(entry.folder) ?? unpackFolder(reader, folder, dataReserve);
        unpacked.set(entry.folder, whole);
        if (entry.offset + entry.bytes > whole.length)
          throw new Refused('bad-data', `cabinet: expected ${entry.bytes} bytes of ${name}, found it cut off`);
        return { ok: true as const, content: whole.subarray(entry.offset, entry.offset + entry.bytes) };
      });
    };
    const total = files.reduce((sum, file) => sum + file.bytes, 0);
    const packedShare = total === 0 ? 0 : reader.length / total;
    const entries = files.map(({ name, bytes: size }) => ({
      name,
      bytes: size,
      packedBytes: Math.round(size * Math.min(1, packedShare)),
    }));
    return { ok: true as const, entries, read };
  });
}

function readHead(reader: ByteReader): { folders: Folder[]; files: Placed[]; dataReserve: number } {
  const [filesAt, folderCount, fileCount, flags] = [reader.u32(16), reader.u16(26), reader.u16(28), reader.u16(30)];
  if (flags & 0b11) throw new Refused('split-archive', 'cabinet: expected one part, found a cabinet of several');
  if (folderCount > maxFolders || fileCount > maxEntries)
    throw new Refused('too-many-entries', `cabinet: expected at most ${maxEntries} entries, found ${fileCount}`);
  const hasReserve = (flags & 0b100) !== 0;
  const headReserve = hasReserve ? reader.u16(36) : 0;
  const folderReserve = hasReserve ? reader.u8(38) : 0;
  const dataReserve = hasReserve ? reader.u8(39) : 0;
  const foldersAt = 36 + (hasReserve ? 4 + headReserve : 0);
  const folders = Array.from({ length: folderCount }, (_, i): Folder => {
    const at = foldersAt + i * (8 + folderReserve);
    return { dataAt: reader.u32(at), blocks: reader.u16(at + 4), method: reader.u16(at + 6) & 0xf };
  });
  const files: Placed[] = [];
  let at = filesAt;
  for (let i = 0; i < fileCount; i++) {
    const nameAt = at + 16;
    let end = nameAt;
    while (reader.u8(end) !== 0) {
      end += 1;
      if (end - nameAt > maxNameBytes) break;
    }
    const name = nameWithin(reader.bytes(nameAt, end - nameAt), maxNameBytes);
    files.push({ name, bytes: reader.u32(at), packedBytes: 0, offset: reader.u32(at + 4), folder: reader.u16(at + 8) });
    at = end + 1;
  }
  checkUnpackedBytes(files);
  return { folders, files, dataReserve };
}

function unpackFolder(reader: ByteReader, { dataAt, blocks, method }: Folder, reserve: number): Uint8Array {
  if (method !== plain && method !== deflated)
    throw new Refused('unknown-method', 'cabinet: expected plain or deflated blocks, found another packing');
  if (blocks > maxBlocks) throw new Refused('too-many-entries', 'cabinet: expected fewer blocks');
  const pieces: Uint8Array[] = [];
  let [at, total] = [dataAt, 0];
  for (let i = 0; i < blocks; i++) {
    const [packedBytes, size] = [reader.u16(at + 4), reader.u16(at + 6)];
    const packed = reader.bytes(at + 8 + reserve, packedBytes);
    const last = pieces.at(-1);
    const piece = method === plain ? packed : inflateBlock(packed, size, last);
    if (piece.length !== size) throw new Refused('bad-data', 'cabinet: expected a block of the size it states');
    pieces.push(piece);
    total += size;
    at += 8 + reserve + packedBytes;
  }
  const whole = new Uint8Array(total);
  let filled = 0;
  for (const piece of pieces) {
    whole.set(piece, filled);
    filled += piece.length;
  }
  return whole;
}

/** A deflated block begins with "CK" and goes on with what the block before it unpacked to. */
function inflateBlock(packed: Uint8Array, size: number, before: Uint8Array | undefined): Uint8Array {
  if (packed[0] !== 0x43 || packed[1] !== 0x4b)
    throw new Refused('bad-data', 'cabinet: expected the mark of a deflated block, found another');
  try {
    return inflateSync(packed.subarray(2), {
      out: new Uint8Array(size),
      ...(before ? { dictionary: before.subarray(Math.max(0, before.length - windowBytes)) } : {}),
    });
  } catch {
    throw new Refused('bad-data', 'cabinet: expected a block that unpacks, found it damaged');
  }
}

/** Where a cabinet stands in a program that unpacks itself; -1 where there is none. */
export function findCabinet(bytes: Uint8Array): number {
  for (let at = 3; at + 32 < bytes.length;) {
    const byte = bytes[at];
    if (byte === 0x46 && hasText(bytes, at - 3, 'MSCF') && bytes[at + 22] === 1) return at - 3;
    at += byte === 0x43 ? 1 : byte === 0x53 ? 2 : byte === 0x4d ? 3 : 4;
  }
  return -1;
}
