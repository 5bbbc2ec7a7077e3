import { ByteReader, OutOfBounds } from '../byte-reader';
import { attributes, entryBytes, lastLongEntry, longLetterOffsets } from './directory-entries';
import { clusterMask } from './fat32-layout';
import { shortNameChecksum, smallLetters } from './file-names';
import { within, type StickVolume } from './stick-volume';

export interface FoundFile {
  /** The long name where there is one. */
  readonly name: string;
  readonly short: string;
  readonly isFolder: boolean;
  readonly bytes: number;
  readonly firstCluster: number;
}

export type ReadFolder =
  { readonly ok: true; readonly files: readonly FoundFile[]; readonly label: string | null } | { readonly ok: false };

/** What the specification allows in one folder. */
const maxFolderBytes = 65_536 * entryBytes;
const firstBadMark = 0x0fff_fff7;
const firstEndMark = 0x0fff_fff8;

/** The clusters of a chain; null where it leaves the volume, turns back on itself, or is longer than `most`. */
export function chainOf({ fat, clusterCount }: StickVolume, first: number, most: number): number[] | null {
  const chain: number[] = [];
  const seen = new Set<number>();
  for (let cluster = first; cluster < firstEndMark; cluster = fat.getUint32(4 * cluster, true) & clusterMask) {
    if (cluster < 2 || cluster >= clusterCount + 2 || cluster === firstBadMark || seen.has(cluster)) return null;
    if (chain.length >= most) return null;
    seen.add(cluster);
    chain.push(cluster);
  }
  return chain;
}

export const clusterAt = ({ dataAt, clusterBytes }: StickVolume, cluster: number): number =>
  dataAt + (cluster - 2) * clusterBytes;

/** The entries of a folder, deleted ones left out. */
export async function readFolder(volume: StickVolume, firstCluster: number): Promise<ReadFolder> {
  const { clusterBytes } = volume;
  const chain = chainOf(volume, firstCluster, Math.ceil(maxFolderBytes / clusterBytes));
  if (!chain || chain.length === 0) return { ok: false };
  const bytes = new Uint8Array(chain.length * clusterBytes);
  try {
    for (const [i, cluster] of chain.entries())
      bytes.set(await within(volume.source, clusterAt(volume, cluster), clusterBytes), i * clusterBytes);
  } catch (error) {
    if (error instanceof OutOfBounds) return { ok: false };
    throw error;
  }
  return { ok: true, ...parseEntries(new ByteReader(bytes, 'folder')) };
}

interface LongName {
  readonly checksum: number;
  readonly parts: string[];
}

function parseEntries(reader: ByteReader): { files: FoundFile[]; label: string | null } {
  const files: FoundFile[] = [];
  let label: string | null = null;
  let long: LongName | null = null;
  for (let at = 0; at + entryBytes <= reader.length; at += entryBytes) {
    const first = reader.u8(at);
    if (first === 0) break;
    const attribute = reader.u8(at + 11);
    if (first === 0xe5) long = null;
    else if ((attribute & 0x3f) === attributes.longName) long = addLongPart(long, reader, at);
    else {
      const field = String.fromCharCode(...reader.bytes(at, 11));
      if (attribute & attributes.volumeLabel) label = reader.ascii(at, 11).trim() || null;
      else if (field[0] !== '.') files.push(fileAt(reader, at, field, long));
      long = null;
    }
  }
  return { files, label };
}

function addLongPart(long: LongName | null, reader: ByteReader, at: number): LongName | null {
  const isLast = (reader.u8(at) & lastLongEntry) !== 0;
  const checksum = reader.u8(at + 13);
  if (!isLast && long?.checksum !== checksum) return null;
  const letters = longLetterOffsets.map((offset) => reader.u16(at + offset));
  const end = letters.findIndex((letter) => letter === 0 || letter === 0xffff);
  const part = String.fromCharCode(...letters.slice(0, end < 0 ? letters.length : end));
  return { checksum, parts: [part, ...(isLast ? [] : (long?.parts ?? []))] };
}

function fileAt(reader: ByteReader, at: number, field: string, long: LongName | null): FoundFile {
  const base = field.slice(0, 8).trimEnd();
  const extension = field.slice(8).trimEnd();
  const short = extension ? `${base}.${extension}` : base;
  const isOwn = long !== null && long.checksum === shortNameChecksum(field);
  return {
    name: isOwn ? long.parts.join('') : withCase(base, extension, reader.u8(at + 12)),
    short,
    isFolder: (reader.u8(at + 11) & attributes.directory) !== 0,
    bytes: reader.u32(at + 28),
    firstCluster: (reader.u16(at + 20) << 16) | reader.u16(at + 26),
  };
}

function withCase(base: string, extension: string, flags: number): string {
  const name = flags & smallLetters.base ? base.toLowerCase() : base;
  const ending = flags & smallLetters.ending ? extension.toLowerCase() : extension;
  return ending ? `${name}.${ending}` : name;
}
