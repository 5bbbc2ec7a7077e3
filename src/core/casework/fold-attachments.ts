import { MOST_ATTACHMENTS } from '../attachments';
import type { AttachmentEvent, FileAttached, PictureMarked, SignedPaper, Signer } from './attachment-events';
import type { Attachment, CaseState } from './case-state';
import { advance, refuse, type Stepped } from './stepped';

/** What belongs to a case beside its log. */
export function foldAttachmentEvent(state: CaseState, event: AttachmentEvent): Stepped {
  return event.kind === 'file-attached' ? attachFile(state, event) : markPicture(state, event);
}

function attachFile(state: CaseState, event: FileAttached): Stepped {
  const { attachments } = state;
  if (attachments.some(({ file }) => file === event.file))
    return refuse(['file'], 'attached-already', `expected a file that is not here yet, found "${event.name}" again`);
  if (attachments.length >= MOST_ATTACHMENTS)
    return refuse(['file'], 'too-many-files', `expected at most ${MOST_ATTACHMENTS} files in a case, found one more`);
  if ((event.as === 'signature') !== (event.signs !== undefined))
    return refuse(['signs'], 'signature', 'expected of a signature, and of nothing else, what is signed');
  return advance({ ...state, attachments: [...attachments, attachmentOf(event)] });
}

/** A file as the entry that attached it has it. */
export function attachmentOf(event: FileAttached): Attachment {
  const { id, file, as, name, bytes, sha256, at, by, width, height, of = null, signs = null, showsOwner } = event;
  return {
    entry: id,
    file,
    as,
    name,
    bytes,
    sha256,
    at,
    by,
    size: width && height ? { width, height } : null,
    of,
    signs,
    // A signature is as much the owner's as the name.
    showsOwner: showsOwner === true || signs?.by === 'owner',
    marks: [],
  };
}

function markPicture(state: CaseState, { file, marks, name, showsOwner }: PictureMarked): Stepped {
  const picture = state.attachments.find((one) => one.file === file && one.as === 'picture');
  if (!picture) return refuse(['file'], 'unknown-picture', `expected a picture of this case, found ${file}`);
  const marked = { ...picture, marks, name: name ?? picture.name, showsOwner: showsOwner ?? picture.showsOwner };
  return advance({ ...state, attachments: state.attachments.map((one) => (one === picture ? marked : one)) });
}

/** The last signature of somebody under a paper; of a consent, that under the entry. Null where nobody signed. */
export const signatureOf = (
  { attachments }: CaseState,
  paper: SignedPaper,
  by: Signer,
  entry: string | null = null,
): Attachment | null =>
  attachments.findLast(
    ({ signs, of }) => signs?.paper === paper && signs.by === by && (entry === null || of === entry),
  ) ?? null;
