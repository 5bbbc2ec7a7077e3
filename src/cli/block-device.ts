import { existsSync, lstatSync, readFileSync, realpathSync, statSync } from 'node:fs';
import { basename, join } from 'node:path';

/** Where the system says what its disks are. Other places only for tests. */
export interface DiskPlaces {
  readonly classes: string;
  readonly mounts: string;
}

const places: DiskPlaces = { classes: '/sys/class/block', mounts: '/proc/mounts' };

export interface BlockDevice {
  readonly path: string;
  readonly bytes: number;
  readonly isRemovable: boolean;
  /** It is one part of a disk and not the whole. */
  readonly isPartition: boolean;
  /** Where it, or a part of it, is mounted. */
  readonly mountedAt: readonly string[];
}

export const isBlockDevice = (path: string): boolean => existsSync(path) && statSync(path).isBlockDevice();

/** What the system says of a disk: its size, whether it can be pulled out, and what of it is mounted. */
export function blockDevice(path: string, { classes, mounts }: DiskPlaces = places): BlockDevice {
  const real = realpathSync(path);
  const own = join(classes, basename(real));
  const read = (file: string): string => (existsSync(file) ? readFileSync(file, 'utf8').trim() : '');
  const isPartition = existsSync(join(own, 'partition'));
  // A part of a disk can be pulled out if its disk can.
  const disk = isPartition && existsSync(own) && lstatSync(own).isSymbolicLink() ? join(realpathSync(own), '..') : own;
  const sectors = Number(read(join(own, 'size')));
  const mountedAt = read(mounts)
    .split('\n')
    .map((line) => line.split(' '))
    .filter(
      ([device = '']) => device === real || (device.startsWith(real) && /^p?\d+$/.test(device.slice(real.length))),
    )
    .map(([, at = '']) => at.replaceAll('\\040', ' '));
  return {
    path: real,
    bytes: 512 * sectors,
    isRemovable: read(join(disk, 'removable')) === '1',
    isPartition,
    mountedAt,
  };
}

/** Why a device must not be written; null where it may, once it was named in full. */
export function whyNotWritten(device: BlockDevice, yesErase: string | undefined, path: string): string | null {
  if (device.isPartition) return `${path} is one part of a disk: name the whole stick.`;
  if (device.mountedAt.length > 0) return `${path} is in use at ${device.mountedAt.join(', ')}: eject it first.`;
  if (!device.isRemovable) return `${path} cannot be pulled out: it is no stick, and is never written.`;
  return yesErase === path ? null : `everything on ${path} would be lost: say --yes-erase ${path} to go on.`;
}
