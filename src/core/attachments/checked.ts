/** Why a file is not taken. */
export interface Flaw {
  readonly code: 'other-type' | 'cut-off' | 'hidden-data' | 'too-many-pixels' | 'damaged';
  /** expected what, found what */
  readonly message: string;
}

/** What is known of a file once all of it was seen. */
export interface Checked {
  /** Of a picture: in pixels. */
  readonly width?: number;
  readonly height?: number;
}

/** Judges a file by its content while it arrives, so that nothing has to be held in memory. */
export interface ContentCheck {
  /** Takes the next bytes. Returns why the file is refused; null to go on. */
  readonly feed: (bytes: Uint8Array) => Flaw | null;
  /** To be called after the last byte. */
  readonly end: () => Flaw | Checked;
}

export const isFlaw = (result: Flaw | Checked): result is Flaw => 'code' in result;
