import { useCallback, useState } from 'react';
import type { AttachmentKind } from '../../../../core/attachments';
import type { FileAttached, SignedPaper, Signer } from '../../../../core/casework';
import type { PictureDraft } from './use-viewer';
import { UNNAMED_PHOTO } from '../../../../core/record';
import { fileQueue } from '../../../device/file-queue-store';
import { outbox } from '../../../device/outbox-store';
import { newQueueKey } from '../../../device/queue-tools';
import { useMe } from '../../../shell/me';
import { newId } from '../../../stores/new-id';
import type { PreparedFile } from '../../../workers/attachment.worker';
import { prepareFiles } from '../../../workers/prepare-files';
import { useCaseActions } from '../use-case-actions';

/** What a file is to the case. */
export interface AttachedTo {
  /** The entry that it belongs to. */
  readonly of?: string;
  /** What it shows; left out, a photo is named by what it is and another file by its own name. */
  readonly name?: string;
  readonly showsOwner?: boolean;
  readonly signs?: { readonly paper: SignedPaper; readonly by: Signer };
}

export interface AddFiles {
  /**
   * Keeps files with the case: prepared here, kept on the device, sent when the server answers. Resolves with why some
   * were not taken.
   */
  readonly add: (caseId: string, files: readonly File[], to?: AttachedTo) => Promise<readonly string[]>;
  /** How many are being prepared. */
  readonly busy: number;
  /** Why some were not taken; empty where all were. */
  readonly problems: readonly string[];
  readonly dismiss: () => void;
}

/** Adding photos and other files to cases. @param before what is to be said of files that were added elsewhere */
export function useAddFiles(before: readonly string[] = []): AddFiles {
  const { name: by } = useMe();
  const [busy, setBusy] = useState(0);
  const [problems, setProblems] = useState(before);
  const add = useCallback<AddFiles['add']>(
    async (caseId, files, to = {}) => {
      const digests: FileAttached[] = [];
      const found: string[] = [];
      const refuse = (problem: string) => {
        found.push(problem);
        setProblems([...found]);
      };
      setProblems([]);
      setBusy((count) => count + files.length);
      try {
        await prepareFiles(files, async (file, prepared) => {
          setBusy((count) => count - 1);
          if (!prepared.ok) {
            refuse(prepared.problem);
            return;
          }
          const event = attachedEvent(prepared, { by, ...to, name: to.name ?? nameOf(file, prepared.as) });
          if (prepared.bytes)
            await fileQueue.add([
              { key: newQueueKey(), caseId, event, bytes: prepared.bytes, preview: prepared.preview },
            ]);
          else digests.push(event);
        });
      } catch (error) {
        setBusy(0);
        refuse(error instanceof Error ? error.message : String(error));
      }
      // Of a digest there are no bytes to be sent first.
      if (digests.length > 0) await outbox.write(caseId, digests);
      return found;
    },
    [by],
  );
  return { add, busy, problems, dismiss: () => setProblems([]) };
}

const nameOf = (file: File, as: AttachmentKind): string => (as === 'picture' ? UNNAMED_PHOTO : file.name.slice(-120));

function attachedEvent(
  { as, length, sha256, size }: Extract<PreparedFile, { ok: true }>,
  { by, name, of, showsOwner, signs }: AttachedTo & { readonly by: string; readonly name: string },
): FileAttached {
  return {
    kind: 'file-attached',
    id: newId(),
    at: new Date().toISOString(),
    by,
    file: newId(),
    as: signs ? 'signature' : as,
    name,
    bytes: length,
    sha256,
    ...(size ?? {}),
    ...(of === undefined ? {} : { of }),
    ...(signs ? { signs } : {}),
    ...(showsOwner ? { showsOwner } : {}),
  };
}

/** Changes to what is attached: marks and words of a picture, or crossing it out. */
export function useAttachmentWork(caseId: string) {
  const { record } = useCaseActions(caseId);
  return {
    mark: (file: string, draft: PictureDraft) => void record({ kind: 'picture-marked', file, ...draft }),
    crossOut: (entry: string) => void record({ kind: 'entry-struck', entry, reason: 'Photo not needed' }),
  };
}
