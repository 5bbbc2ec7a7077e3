/** Sizes of the structures of a stick, from Microsoft's FAT32 File System Specification 1.03 and the usual MBR. */
export const sectorBytes = 512;
/** The partition starts at 1 MiB, where every tool of today puts it. */
export const partitionStart = 2048;
/** FAT32 LBA, in the partition table. */
export const fat32Type = 0x0c;
export const reservedSectors = 32;
export const fatCount = 2;
export const rootCluster = 2;
/** Fewer clusters make it FAT16, whatever it says of itself. */
export const minClusters = 65_525;
export const endOfChain = 0x0fff_ffff;
/** The upper four bits of an entry are not part of the number. */
export const clusterMask = 0x0fff_ffff;

const mib = 2 ** 20;
const gib = 2 ** 30;
export const minStickBytes = 64 * mib;
export const maxStickBytes = 32 * gib;

export interface StickLayout {
  readonly totalSectors: number;
  readonly partitionSectors: number;
  readonly sectorsPerCluster: number;
  readonly clusterBytes: number;
  readonly fatSectors: number;
  readonly clusterCount: number;
  /** First sector of cluster 2, counted from the start of the stick. */
  readonly dataStart: number;
}

export type LaidStick =
  { readonly ok: true; readonly layout: StickLayout } | { readonly ok: false; readonly message: string };

/** Cluster size by size of the volume, as the specification's table for FAT32 has it. */
function sectorsPerClusterFor(bytes: number): number {
  if (bytes <= 260 * mib) return 1;
  if (bytes <= 8 * gib) return 8;
  if (bytes <= 16 * gib) return 16;
  return 32;
}

/**
 * The layout of a stick of a size: MBR, one FAT32 partition from 1 MiB to the end, two FATs.
 * Failure: a size outside 64 MiB to 32 GiB, or not in whole sectors.
 *
 * @example layStick(64 * 2 ** 20) // => { ok: true, layout: { sectorsPerCluster: 1, clusterCount: 126974, ... } }
 */
export function layStick(totalBytes: number): LaidStick {
  if (!Number.isInteger(totalBytes / sectorBytes) || totalBytes < minStickBytes || totalBytes > maxStickBytes)
    return { ok: false, message: `size: expected whole sectors from 64 MiB to 32 GiB, found ${totalBytes} bytes` };
  const totalSectors = totalBytes / sectorBytes;
  const partitionSectors = totalSectors - partitionStart;
  const sectorsPerCluster = sectorsPerClusterFor(totalBytes);
  const room = partitionSectors - reservedSectors;
  // One FAT sector holds 128 entries; the first two belong to no cluster.
  const entriesPerSector = sectorBytes / 4;
  const fatSectors = Math.ceil((room + 2 * sectorsPerCluster) / (entriesPerSector * sectorsPerCluster + fatCount));
  const clusterCount = Math.floor((room - fatCount * fatSectors) / sectorsPerCluster);
  return {
    ok: true,
    layout: {
      totalSectors,
      partitionSectors,
      sectorsPerCluster,
      clusterBytes: sectorsPerCluster * sectorBytes,
      fatSectors,
      clusterCount,
      dataStart: partitionStart + reservedSectors + fatCount * fatSectors,
    },
  };
}
