import type { AttachmentKind, Mark } from '../attachments';
import type { EventBase } from './event-base';

/** What somebody signs on the screen. */
export const SIGNED_PAPERS = ['consent', 'parts-list'] as const;
export type SignedPaper = (typeof SIGNED_PAPERS)[number];

export const SIGNERS = ['owner', 'shop'] as const;
export type Signer = (typeof SIGNERS)[number];

/** A photo or another file belongs to the case; its bytes are kept beside the log, which holds their hash. */
export interface FileAttached extends EventBase {
  readonly kind: 'file-attached';
  /** A UUID: under it the bytes are kept with the case. */
  readonly file: string;
  readonly as: AttachmentKind;
  /** What it shows, or how the file is called. */
  readonly name: string;
  readonly bytes: number;
  /** SHA-256 of the bytes, hexadecimal. */
  readonly sha256: string;
  /** Of a picture: in pixels. */
  readonly width?: number;
  readonly height?: number;
  /** The entry that it belongs to. */
  readonly of?: string;
  /** Of a signature: what is signed, and by whom. */
  readonly signs?: { readonly paper: SignedPaper; readonly by: Signer };
  /** It shows the owner's own things: it can be erased with the owner's data. */
  readonly showsOwner?: boolean;
}

/** What is drawn on a picture and said of it from now on; it takes the place of what was there before. */
export interface PictureMarked extends EventBase {
  readonly kind: 'picture-marked';
  readonly file: string;
  readonly marks: readonly Mark[];
  readonly name?: string;
  readonly showsOwner?: boolean;
}

export type AttachmentEvent = FileAttached | PictureMarked;

/** True of what is attached, and of what is drawn on it. */
export const isAttachmentEvent = <T extends { readonly kind: string }>(event: T): event is T & AttachmentEvent =>
  event.kind === 'file-attached' || event.kind === 'picture-marked';
