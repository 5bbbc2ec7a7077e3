import type { Severity } from '../download/reasons';

/** An image or a stick, read piece by piece. */
export interface StickSource {
  readonly bytes: number;
  /** Exactly `length` bytes; never asked for more than there is. */
  read(offset: number, length: number): Promise<Uint8Array>;
}

/** What a board is known to read, and what it stumbles over. */
export interface StickProfile {
  /** It looks at 8.3 names only. Default: false. */
  readonly shortNamesOnly?: boolean | undefined;
  /** What it makes of a file system without a partition table. Default: a warning. */
  readonly noTable?: Severity | undefined;
  /** What it makes of a partition of more than 32 GiB. Default: a warning. */
  readonly largePartition?: Severity | undefined;
  /** The image has to be alone on the stick. Default: false. */
  readonly alone?: boolean | undefined;
}

/** What the stick is for. */
export interface StickWanted {
  /** The names that the board looks for in the root: any of them will do. */
  readonly names: readonly string[];
  readonly bytes?: number | undefined;
  readonly sha256?: string | undefined;
  readonly profile?: StickProfile | undefined;
}
