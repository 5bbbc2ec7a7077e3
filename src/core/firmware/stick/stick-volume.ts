import { ByteReader, OutOfBounds } from '../byte-reader';
import type { StickProfile, StickSource } from './stick-source';
import { minClusters, sectorBytes } from './fat32-layout';
import { bad, note, reasonOf, warning, type Reason } from '../download/reasons';

/** A FAT32 volume on a stick: where its parts lie, in bytes from the start of the stick. */
export interface StickVolume {
  readonly source: StickSource;
  readonly clusterBytes: number;
  readonly clusterCount: number;
  readonly rootCluster: number;
  readonly dataAt: number;
  /** The first FAT; entries of 32 bits. */
  readonly fat: DataView;
}

export type FoundVolume =
  | {
      readonly ok: true;
      readonly volume: StickVolume;
      readonly label: string | null;
      readonly reasons: readonly Reason[];
    }
  | { readonly ok: false; readonly reasons: readonly Reason[] };

const signatureAt = 510;
const signature = 0xaa55;
const again = 'Make the stick again: MBR, one FAT32 partition.';
const gib = 2 ** 30;
const maxFatBytes = 64 * 2 ** 20;

/** Finds the FAT32 volume of a stick and judges how it is laid out. */
export async function findVolume(source: StickSource, profile: StickProfile = {}): Promise<FoundVolume> {
  if (source.bytes < sectorBytes * 2)
    return refuse(
      bad('too-short', `The image has ${source.bytes} bytes: that is too small for a stick.`, 'Read the stick again.'),
    );
  const first = new ByteReader(await source.read(0, sectorBytes), 'first sector');
  if (first.u16(signatureAt) !== signature)
    return refuse(bad('no-partition-table', 'The first sector is neither a partition table nor a boot sector.', again));
  if (isBootSector(first))
    return readVolume(
      source,
      0,
      [
        reasonOf(profile.noTable ?? 'warning')(
          'no-mbr',
          `There is no partition table: the file system begins in the first sector. ${profile.noTable === 'bad' ? 'This board' : 'Some boards'} cannot read that.`,
          again,
        ),
      ],
      profile,
    );
  return findPartition(source, first, profile);
}

const refuse = (...reasons: Reason[]): FoundVolume => ({ ok: false, reasons });

/** A boot sector jumps over its parameters and says how large a sector is. */
const isBootSector = (reader: ByteReader): boolean =>
  [0xeb, 0xe9].includes(reader.u8(0)) && [512, 1024, 2048, 4096].includes(reader.u16(11)) && reader.u8(13) !== 0;

async function findPartition(source: StickSource, first: ByteReader, profile: StickProfile): Promise<FoundVolume> {
  const entries = [0, 1, 2, 3]
    .map((n) => 446 + 16 * n)
    .map((at) => ({ type: first.u8(at + 4), start: first.u32(at + 8), sectors: first.u32(at + 12) }))
    .filter(({ type, sectors }) => type !== 0 && sectors > 0);
  if (entries.some(({ type }) => type === 0xee))
    return refuse(bad('gpt', 'The partition table is GPT; boards expect MBR.', again));
  const chosen = entries.find(({ type }) => type === 0x0b || type === 0x0c) ?? entries[0];
  if (!chosen) return refuse(bad('no-partition', 'The partition table is empty.', again));
  const reasons: Reason[] = [];
  if (entries.length > 1)
    reasons.push(
      warning('several-partitions', `${entries.length} partitions; a board may read a different one.`, again),
    );
  const start = chosen.start * sectorBytes;
  if (start + sectorBytes > source.bytes)
    return refuse(...reasons, bad('cut', 'The partition starts beyond the end of the image.', 'Read the stick again.'));
  if (chosen.start * sectorBytes + chosen.sectors * sectorBytes > source.bytes)
    reasons.push(
      bad('cut', 'The partition extends beyond the end of the image.', 'Read the stick out again, or use another.'),
    );
  if (chosen.type !== 0x0b && chosen.type !== 0x0c)
    reasons.push(
      bad('partition-type', `The partition is marked as type 0x${chosen.type.toString(16)}, not as FAT32.`, again),
    );
  return readVolume(source, start, reasons, profile);
}

const otherSystems: readonly (readonly [at: number, text: string, name: string])[] = [
  [3, 'EXFAT   ', 'exFAT'],
  [3, 'NTFS    ', 'NTFS'],
  [54, 'FAT16   ', 'FAT16'],
  [54, 'FAT12   ', 'FAT12'],
];

async function readVolume(
  source: StickSource,
  start: number,
  before: readonly Reason[],
  profile: StickProfile,
): Promise<FoundVolume> {
  try {
    return await parseVolume(source, start, before, profile);
  } catch (error) {
    if (!(error instanceof OutOfBounds)) throw error;
    return refuse(...before, bad('cut', 'A table of the file system lies beyond the end.', 'Read the stick again.'));
  }
}

async function parseVolume(
  source: StickSource,
  start: number,
  before: readonly Reason[],
  profile: StickProfile,
): Promise<FoundVolume> {
  const bytes = await within(source, start, sectorBytes);
  const boot = new ByteReader(bytes, 'boot sector');
  const other = otherSystems.find(([at, text]) => boot.ascii(at, text.length) === text);
  if (other) return refuse(...before, bad('not-fat32', `The file system is ${other[2]}, not FAT32.`, again));
  if (boot.u16(signatureAt) !== signature || boot.u16(11) !== sectorBytes)
    return refuse(...before, bad('not-fat32', 'There is no FAT32 boot sector.', again));
  const sectorsPerCluster = boot.u8(13);
  const reserved = boot.u16(14);
  const fats = boot.u8(16);
  const totalSectors = boot.u32(32);
  const fatSectors = boot.u32(36);
  const rootCluster = boot.u32(44);
  const isSane =
    sectorsPerCluster > 0 &&
    (sectorsPerCluster & (sectorsPerCluster - 1)) === 0 &&
    reserved > 0 &&
    (fats === 1 || fats === 2) &&
    fatSectors > 0 &&
    boot.u16(22) === 0 &&
    rootCluster >= 2;
  if (!isSane) return refuse(...before, bad('not-fat32', 'The boot sector is not a FAT32 one.', again));
  const dataSectors = totalSectors - reserved - fats * fatSectors;
  const clusterCount = Math.floor(dataSectors / sectorsPerCluster);
  if (clusterCount < minClusters)
    return refuse(...before, bad('not-fat32', `With ${Math.max(0, clusterCount)} clusters it counts as FAT16.`, again));
  const fatBytes = fatSectors * sectorBytes;
  if (fatBytes > maxFatBytes || fatBytes / 4 < clusterCount + 2)
    return refuse(...before, bad('not-fat32', 'The file allocation table does not fit the volume.', again));
  const reasons = [...before];
  const fat = await within(source, start + reserved * sectorBytes, fatBytes);
  reasons.push(...(await judgeLayout(source, { start, boot, bytes, fats, fat, totalSectors, reserved, profile })));
  const label = boot.ascii(71, 11).trim();
  return {
    ok: true,
    label: label === '' || label === 'NO NAME' ? null : label,
    reasons,
    volume: {
      source,
      clusterBytes: sectorsPerCluster * sectorBytes,
      clusterCount,
      rootCluster,
      dataAt: start + (reserved + fats * fatSectors) * sectorBytes,
      fat: new DataView(fat.buffer, fat.byteOffset, fat.byteLength),
    },
  };
}

async function judgeLayout(
  source: StickSource,
  {
    start,
    boot,
    bytes,
    fats,
    fat,
    totalSectors,
    reserved,
    profile,
  }: {
    readonly start: number;
    readonly boot: ByteReader;
    readonly bytes: Uint8Array;
    readonly fats: number;
    readonly fat: Uint8Array;
    readonly totalSectors: number;
    readonly reserved: number;
    readonly profile: StickProfile;
  },
): Promise<Reason[]> {
  const reasons: Reason[] = [];
  if (start + totalSectors * sectorBytes > source.bytes)
    reasons.push(bad('cut', 'The file system extends beyond the end of the image.', 'Read the stick again.'));
  if (totalSectors * sectorBytes > 32 * gib)
    reasons.push(
      reasonOf(profile.largePartition ?? 'warning')(
        'large-partition',
        'The partition is larger than 32 GiB; small ones cause the least trouble.',
        'Make a small partition on it: the rest of the stick may stay unused.',
      ),
    );
  if (fats === 1) reasons.push(note('one-fat', 'There is one file allocation table; usually there are two.'));
  else {
    if (!(await isRepeated(source, fat, start + reserved * sectorBytes + fat.length)))
      reasons.push(
        warning('fats-differ', 'The two file allocation tables differ: the stick was not ejected properly.', again),
      );
  }
  const backup = boot.u16(50);
  if (
    backup > 0 &&
    backup < reserved &&
    !isSame(bytes, await within(source, start + backup * sectorBytes, sectorBytes))
  )
    reasons.push(warning('backup-boot', 'The boot sector and its backup differ.', again));
  const cleanBit = 0x0800_0000;
  if ((new DataView(fat.buffer, fat.byteOffset).getUint32(4, true) & cleanBit) === 0)
    reasons.push(
      warning('not-ejected', 'The stick was not ejected properly.', 'Copy the image again and eject the stick.'),
    );
  return reasons;
}

/** Whether the same bytes stand there again; piece by piece, so that they are not held twice. */
async function isRepeated(source: StickSource, bytes: Uint8Array, at: number): Promise<boolean> {
  if (at + bytes.length > source.bytes) throw new OutOfBounds('stick', at, bytes.length, source.bytes);
  for (let from = 0; from < bytes.length; from += pieceBytes) {
    const piece = bytes.subarray(from, from + pieceBytes);
    if (!isSame(piece, await within(source, at + from, piece.length))) return false;
  }
  return true;
}

const pieceBytes = 2 ** 20;

const isSame = (a: Uint8Array, b: Uint8Array): boolean => a.length === b.length && a.every((byte, i) => byte === b[i]);

/** Failure: OutOfBounds where the source ends before. */
export async function within(source: StickSource, offset: number, length: number): Promise<Uint8Array> {
  if (offset < 0 || offset + length > source.bytes) throw new OutOfBounds('stick', offset, length, source.bytes);
  return source.read(offset, length);
}
