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
export const maxUnpackedBytes = 512 * 2 ** 20;
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
