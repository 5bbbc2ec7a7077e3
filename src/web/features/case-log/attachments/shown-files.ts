import { attachmentOf, type Attachment } from '../../../../core/casework';
import { attachmentPath, previewPath } from '../../../api/attachments';
import type { QueuedFile } from '../../../device/file-queue';

/** A file of a case as it is shown: on the server, or on this device still. */
export interface ShownFile extends Attachment {
  /** Waits on this device; null once it is stored. */
  readonly queued: QueuedFile | null;
}

/** All files of a case in the order in which they were taken, those that wait behind those that are stored. */
export function shownFiles(attachments: readonly Attachment[], queued: readonly QueuedFile[]): readonly ShownFile[] {
  const stored = new Set(attachments.map(({ file }) => file));
  return [
    ...attachments.map((one): ShownFile => ({ ...one, queued: null })),
    ...queued
      .filter(({ event }) => !stored.has(event.file))
      .map((one): ShownFile => ({ ...attachmentOf(one.event), queued: one })),
  ];
}

/** Where the bytes are: on the server, or null for what is on the device alone. */
export const pathOf = (caseId: string, { file, queued }: ShownFile, small: boolean): string | null =>
  queued ? null : small ? previewPath(caseId, file) : attachmentPath(caseId, file);

/** Photos in the order of the strip. */
export const photosIn = (files: readonly ShownFile[]): readonly ShownFile[] =>
  files.filter(({ as }) => as === 'picture');
