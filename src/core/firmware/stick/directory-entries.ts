import { shortField, shortNameChecksum, shortNameFor } from './file-names';

export const entryBytes = 32;
export const attributes = {
  readOnly: 0x01,
  volumeLabel: 0x08,
  directory: 0x10,
  archive: 0x20,
  longName: 0x0f,
} as const;
/** Where the thirteen letters of a long entry lie. */
export const longLetterOffsets = [1, 3, 5, 7, 9, 14, 16, 18, 20, 22, 24, 28, 30] as const;
const lettersPerEntry = longLetterOffsets.length;
export const lastLongEntry = 0x40;

/** A moment as FAT keeps it: local time, two-second steps, from 1980 on. */
export interface FatMoment {
  readonly year: number;
  readonly month: number;
  readonly day: number;
  readonly hour: number;
  readonly minute: number;
  readonly second: number;
}

export interface PlacedFile {
  readonly name: string;
  readonly bytes: number;
  readonly firstCluster: number;
}

const dateOf = ({ year, month, day }: FatMoment) => ((year - 1980) << 9) | (month << 5) | day;
const timeOf = ({ hour, minute, second }: FatMoment) => (hour << 11) | (minute << 5) | (second >> 1);

/** The directory entries of files, long names before their short ones, in the order in which they are given. */
export function directoryEntries(files: readonly PlacedFile[], at: FatMoment): Uint8Array {
  const taken = new Set<string>();
  const entries = files.flatMap((file) => {
    const { short, needsLong, caseBits } = shortNameFor(file.name, taken);
    taken.add(short);
    const field = shortField(short);
    return [...(needsLong ? longEntries(file.name, field) : []), shortEntry(file, field, { at, caseBits })];
  });
  const bytes = new Uint8Array(entries.length * entryBytes);
  entries.forEach((entry, i) => bytes.set(entry, i * entryBytes));
  return bytes;
}

/** How many entries a file of a name takes at most. */
export const entriesFor = (name: string): number => 1 + Math.ceil(name.length / lettersPerEntry);

function shortEntry(
  { bytes, firstCluster }: PlacedFile,
  field: string,
  { at, caseBits }: { readonly at: FatMoment; readonly caseBits: number },
): Uint8Array {
  const entry = new Uint8Array(entryBytes);
  const view = new DataView(entry.buffer);
  for (let i = 0; i < field.length; i++) entry[i] = field.charCodeAt(i);
  entry[11] = attributes.archive;
  entry[12] = caseBits;
  view.setUint16(14, timeOf(at), true);
  view.setUint16(16, dateOf(at), true);
  view.setUint16(18, dateOf(at), true);
  view.setUint16(20, firstCluster >>> 16, true);
  view.setUint16(22, timeOf(at), true);
  view.setUint16(24, dateOf(at), true);
  view.setUint16(26, firstCluster & 0xffff, true);
  view.setUint32(28, bytes, true);
  return entry;
}

/** The last part of a long name comes first; a name that does not fill its entries ends in a zero, then ones. */
function longEntries(name: string, field: string): Uint8Array[] {
  const count = Math.ceil(name.length / lettersPerEntry);
  const checksum = shortNameChecksum(field);
  return Array.from({ length: count }, (_, k) => {
    const order = count - k;
    const entry = new Uint8Array(entryBytes);
    const view = new DataView(entry.buffer);
    entry[0] = order | (k === 0 ? lastLongEntry : 0);
    entry[11] = attributes.longName;
    entry[13] = checksum;
    longLetterOffsets.forEach((offset, i) => {
      const at = (order - 1) * lettersPerEntry + i;
      view.setUint16(offset, at < name.length ? name.charCodeAt(at) : at === name.length ? 0 : 0xffff, true);
    });
    return entry;
  });
}
