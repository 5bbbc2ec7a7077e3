import { OutOfBounds } from '../byte-reader';

/** One file in an archive, as its directory has it. */
export interface ArchiveEntry {
  readonly name: string;
  readonly bytes: number;
  readonly packedBytes: number;
}

export interface ArchiveProblem {
  readonly code: string;
  readonly message: string;
}

export type OpenedArchive =
  | { readonly ok: true; readonly entries: readonly ArchiveEntry[]; read(name: string): ReadEntry }
  | { readonly ok: false; readonly problem: ArchiveProblem };

export type ReadEntry =
  { readonly ok: true; readonly content: Uint8Array } | { readonly ok: false; readonly problem: ArchiveProblem };

export const maxEntries = 2000;
const maxUnpackedBytes = 512 * 2 ** 20;
/** Why something is not unpacked; it never leaves the room. */
export class Refused extends Error {
  constructor(
    readonly code: string,
    message: string,
  ) {
    super(message);
  }
}

/** Turns refusals into problems. */
export function guarded<T>(work: () => T): T | { readonly ok: false; readonly problem: ArchiveProblem } {
  try {
    return work();
  } catch (error) {
    if (error instanceof Refused) return { ok: false, problem: { code: error.code, message: error.message } };
    if (error instanceof OutOfBounds) return { ok: false, problem: { code: 'cut-archive', message: error.message } };
    throw error;
  }
}

/** A name in an archive, read as UTF-8. Failure: Refused for one that is too long or climbs out of the archive. */
export function nameWithin(bytes: Uint8Array, most: number): string {
  if (bytes.length === 0 || bytes.length > most)
    throw new Refused('bad-name', `archive: expected names of 1 to ${most} bytes, found ${bytes.length}`);
  const name = new TextDecoder().decode(bytes).replaceAll('\\', '/');
  if (name.startsWith('/') || /^[A-Za-z]:/.test(name) || name.split('/').includes('..'))
    throw new Refused('traversal', `archive: expected names within the archive, found "${name}"`);
  return name;
}

/** Failure: Refused where everything together unpacks to more than is ever read. */
export function checkUnpackedBytes(entries: readonly Pick<ArchiveEntry, 'bytes'>[]): void {
  const total = entries.reduce((sum, { bytes }) => sum + bytes, 0);
  if (total > maxUnpackedBytes)
    throw new Refused('too-large', `archive: expected at most ${maxUnpackedBytes} bytes unpacked, found ${total}`);
}
