/** An image or a stick, read piece by piece. */
export interface StickSource {
  readonly bytes: number;
  /** Exactly `length` bytes; never asked for more than there is. */
  read(offset: number, length: number): Promise<Uint8Array>;
}

/** What the stick is for. */
export interface StickWanted {
  /** The exact name that the board looks for in the root. */
  readonly name: string;
  readonly bytes?: number | undefined;
  readonly sha256?: string | undefined;
}
