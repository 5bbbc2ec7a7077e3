/** What can be kept with a case. Of a digest only the name, the size and the hash are kept, not the file. */
export const ATTACHMENT_KINDS = ['picture', 'signature', 'sound', 'table', 'digest'] as const;
export type AttachmentKind = (typeof ATTACHMENT_KINDS)[number];

/** Kinds whose bytes are kept. */
export type StoredKind = Exclude<AttachmentKind, 'digest'>;
export const STORED_KINDS = ATTACHMENT_KINDS.filter((kind): kind is StoredKind => kind !== 'digest');

/** What each is served as: one type a kind, never what a sender says it is. */
export const MEDIA_TYPES: Readonly<Record<StoredKind, string>> = {
  picture: 'image/jpeg',
  signature: 'image/jpeg',
  sound: 'audio/wav',
  table: 'text/csv',
};

export const FILE_ENDINGS: Readonly<Record<StoredKind, string>> = {
  picture: 'jpg',
  signature: 'jpg',
  sound: 'wav',
  table: 'csv',
};

/** In bytes. */
export const MOST_BYTES: Readonly<Record<StoredKind, number>> = {
  picture: 12_000_000,
  signature: 200_000,
  sound: 24_000_000,
  table: 8_000_000,
};

/** Of a picture as it is stored; browsers scale down to `PICTURE_EDGE` before. Decoded it takes four bytes each. */
export const MOST_PIXELS = 16_777_216;
/** The longer edge of a picture that a browser sends, in pixels. */
export const PICTURE_EDGE = 2400;
/** The longer edge of the small picture in a strip, in pixels, and its size in bytes. */
export const PREVIEW_EDGE = 320;
export const MOST_PREVIEW_BYTES = 48_000;

/** Attachments of one case. */
export const MOST_ATTACHMENTS = 400;
