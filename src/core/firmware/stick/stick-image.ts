import { directoryEntries, entriesFor, entryBytes, type FatMoment, type PlacedFile } from './directory-entries';
import {
  endOfChain,
  fat32Type,
  fatCount,
  layStick,
  maxStickBytes,
  partitionStart,
  reservedSectors,
  rootCluster,
  sectorBytes,
  type StickLayout,
} from './fat32-layout';
import { problemOfName } from './file-names';

export interface StickFile {
  readonly name: string;
  readonly content: Uint8Array;
}

export interface StickOrder {
  readonly totalBytes: number;
  /** In the root, in this order; the image that the board looks for comes first. */
  readonly files: readonly StickFile[];
  /** Volume serial number, 32 bits. */
  readonly serial: number;
  readonly at: FatMoment;
}

/** A stretch of the image: bytes, or so many zeros that need not be held anywhere. */
export type Segment =
  { readonly kind: 'bytes'; readonly bytes: Uint8Array } | { readonly kind: 'zeros'; readonly count: number };

export type StickImage =
  | {
      readonly ok: true;
      readonly layout: StickLayout;
      /** Behind the partition, on a stick that is larger than a partition should be. */
      readonly unusedBytes: number;
      segments(): Generator<Segment>;
    }
  | { readonly ok: false; readonly field: 'size' | 'name' | 'files'; readonly message: string };

/**
 * A stick as a raw image, stretch by stretch from its first byte: MBR, boot sector and its backup, FSInfo, two equal
 * FATs, the files one after the other in the root, no label. Only what is not zero is ever held. A stick of more than
 * 32 GiB gets a partition of that size, and the rest stays unused.
 * Failure: a size outside 64 MiB to 2 TiB, a name that cannot stand there or stands twice, files that do not fit.
 */
export function stickImage(order: StickOrder): StickImage {
  const tooLarge = order.totalBytes > maxDiskBytes || order.totalBytes % sectorBytes !== 0;
  const laid = layStick(tooLarge ? order.totalBytes : Math.min(order.totalBytes, maxStickBytes));
  if (!laid.ok) return { ok: false, field: 'size', message: laid.message };
  const { layout } = laid;
  const names = order.files.map(({ name }) => name.toUpperCase());
  for (const [i, { name }] of order.files.entries()) {
    const problem = problemOfName(name);
    if (problem) return { ok: false, field: 'name', message: `name: ${problem}` };
    if (names.indexOf(name.toUpperCase()) !== i)
      return { ok: false, field: 'name', message: `name: expected each name once, found "${name}" twice` };
  }
  const placed = placeFiles(order.files, layout);
  return placed.usedClusters > layout.clusterCount
    ? {
        ok: false,
        field: 'files',
        message: `files: expected at most ${layout.clusterCount} clusters, found ${placed.usedClusters}`,
      }
    : {
        ok: true,
        layout,
        unusedBytes: order.totalBytes - layout.totalSectors * sectorBytes,
        segments: () => segmentsOf(order, layout, placed),
      };
}

interface Placed {
  readonly files: readonly PlacedFile[];
  readonly rootClusters: number;
  readonly usedClusters: number;
}

/** What a partition table of the MBR kind reaches. */
const maxDiskBytes = 2 ** 41;

const clustersOf = (bytes: number, layout: StickLayout): number => Math.ceil(bytes / layout.clusterBytes);

function placeFiles(files: readonly StickFile[], layout: StickLayout): Placed {
  const entries = files.reduce((sum, { name }) => sum + entriesFor(name), 0);
  const rootClusters = Math.max(1, clustersOf(entries * entryBytes, layout));
  let next = rootCluster + rootClusters;
  const placed = files.map(({ name, content }): PlacedFile => {
    const clusters = clustersOf(content.length, layout);
    const firstCluster = clusters === 0 ? 0 : next;
    next += clusters;
    return { name, bytes: content.length, firstCluster };
  });
  return { files: placed, rootClusters, usedClusters: next - rootCluster };
}

const zeros = (count: number): Segment => ({ kind: 'zeros', count });
const bytesOf = (bytes: Uint8Array): Segment => ({ kind: 'bytes', bytes });

function* segmentsOf(order: StickOrder, layout: StickLayout, placed: Placed): Generator<Segment> {
  yield bytesOf(masterBootRecord(layout, order.serial));
  yield zeros((partitionStart - 1) * sectorBytes);
  const boot = bootSector(layout, order.serial);
  const info = infoSector(layout, placed);
  const head = new Uint8Array(reservedSectors * sectorBytes);
  for (const at of [0, backupAt]) {
    head.set(boot, at * sectorBytes);
    head.set(info, (at + 1) * sectorBytes);
  }
  yield bytesOf(head);
  const fat = fileAllocationTable(layout, placed);
  for (let copy = 0; copy < fatCount; copy++) {
    yield bytesOf(fat);
    yield zeros(layout.fatSectors * sectorBytes - fat.length);
  }
  const root = directoryEntries(placed.files, order.at);
  yield* filled(root, placed.rootClusters * layout.clusterBytes);
  for (const { content } of order.files)
    yield* filled(content, clustersOf(content.length, layout) * layout.clusterBytes);
  const written = layout.dataStart * sectorBytes + placed.usedClusters * layout.clusterBytes;
  yield zeros(order.totalBytes - written);
}

function* filled(bytes: Uint8Array, to: number): Generator<Segment> {
  if (bytes.length > 0) yield bytesOf(bytes);
  if (to > bytes.length) yield zeros(to - bytes.length);
}

const backupAt = 6;
const signature = 0xaa55;
const signatureAt = 510;
/** Cylinder, head, sector of what lies beyond their reach: such a table is read by its LBA numbers. */
const beyondCylinders = [0xfe, 0xff, 0xff] as const;

/** Master boot record: one partition, no boot code. */
function masterBootRecord({ partitionSectors }: StickLayout, serial: number): Uint8Array {
  const sector = new Uint8Array(sectorBytes);
  const view = new DataView(sector.buffer);
  view.setUint32(440, serial, true);
  sector.set(beyondCylinders, 447);
  sector[450] = fat32Type;
  sector.set(beyondCylinders, 451);
  view.setUint32(454, partitionStart, true);
  view.setUint32(458, partitionSectors, true);
  view.setUint16(signatureAt, signature, true);
  return sector;
}

const putText = (sector: Uint8Array, at: number, text: string): void => {
  for (let i = 0; i < text.length; i++) sector[at + i] = text.charCodeAt(i);
};

/** Boot sector with the BIOS parameter block of FAT32 (specification, section 3). */
function bootSector(layout: StickLayout, serial: number): Uint8Array {
  const sector = new Uint8Array(sectorBytes);
  const view = new DataView(sector.buffer);
  sector.set([0xeb, 0x58, 0x90]);
  putText(sector, 3, 'PROBE   ');
  view.setUint16(11, sectorBytes, true);
  sector[13] = layout.sectorsPerCluster;
  view.setUint16(14, reservedSectors, true);
  sector[16] = fatCount;
  sector[21] = 0xf8;
  view.setUint16(24, 63, true);
  view.setUint16(26, 255, true);
  view.setUint32(28, partitionStart, true);
  view.setUint32(32, layout.partitionSectors, true);
  view.setUint32(36, layout.fatSectors, true);
  view.setUint32(44, rootCluster, true);
  view.setUint16(48, 1, true);
  view.setUint16(50, backupAt, true);
  sector[64] = 0x80;
  sector[66] = 0x29;
  view.setUint32(67, serial, true);
  putText(sector, 71, 'NO NAME    ');
  putText(sector, 82, 'FAT32   ');
  view.setUint16(signatureAt, signature, true);
  return sector;
}

/** FSInfo: how many clusters are free and where to look for the next. */
function infoSector({ clusterCount }: StickLayout, { usedClusters }: Placed): Uint8Array {
  const sector = new Uint8Array(sectorBytes);
  const view = new DataView(sector.buffer);
  view.setUint32(0, 0x41615252, true);
  view.setUint32(484, 0x61417272, true);
  view.setUint32(488, clusterCount - usedClusters, true);
  view.setUint32(492, rootCluster + usedClusters, true);
  view.setUint32(508, 0xaa550000, true);
  return sector;
}

/** The used start of a FAT, in whole sectors. */
function fileAllocationTable(layout: StickLayout, { files, rootClusters, usedClusters }: Placed): Uint8Array {
  const entries = rootCluster + usedClusters;
  const table = new Uint8Array(Math.ceil((entries * 4) / sectorBytes) * sectorBytes);
  const view = new DataView(table.buffer);
  view.setUint32(0, 0x0fff_fff8, true);
  view.setUint32(4, endOfChain, true);
  const chain = (first: number, clusters: number) => {
    for (let k = 0; k < clusters; k++)
      view.setUint32(4 * (first + k), k === clusters - 1 ? endOfChain : first + k + 1, true);
  };
  chain(rootCluster, rootClusters);
  for (const { firstCluster, bytes } of files) chain(firstCluster, clustersOf(bytes, layout));
  return table;
}
