export {
  ATTACHMENT_KINDS,
  FILE_ENDINGS,
  MEDIA_TYPES,
  MOST_ATTACHMENTS,
  MOST_BYTES,
  MOST_PREVIEW_BYTES,
  PICTURE_EDGE,
  PREVIEW_EDGE,
  STORED_KINDS,
} from './kinds';
export type { AttachmentKind, StoredKind } from './kinds';
export { createContentCheck } from './content-check';
export { isFlaw } from './checked';
export type { Checked, ContentCheck, Flaw } from './checked';
export { plainJpeg } from './plain-jpeg';
export { arrowLines, MOST_MARKS, MOST_MARK_TEXT } from './marks';
export type { Mark, Point } from './marks';
