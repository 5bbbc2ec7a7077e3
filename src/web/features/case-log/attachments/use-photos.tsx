import { useState, type ReactNode } from 'react';
import type { CaseState } from '../../../../core/casework';
import { useQueuedFiles } from '../../../device/file-queue-store';
import { useMay } from '../../../shell/me';
import { PictureViewer } from './PictureViewer';
import { photosIn, shownFiles, type ShownFile } from './shown-files';
import { useAttachmentWork } from './use-attachments';

export interface Photos {
  /** All files of the case, those that wait on this device too. */
  readonly files: readonly ShownFile[];
  readonly photos: readonly ShownFile[];
  /** As the papers count them, from 1. */
  readonly numberOf: (photo: ShownFile) => number;
  readonly open: (photo: ShownFile) => void;
  /** The open photo over the screen; null while none is open. */
  readonly viewer: ReactNode;
}

/** The photos of a case for showing, and the one that is open. */
export function usePhotos(caseId: string, { attachments, stage }: Pick<CaseState, 'attachments' | 'stage'>): Photos {
  const files = shownFiles(attachments, useQueuedFiles(caseId));
  const photos = photosIn(files);
  const [openFile, setOpenFile] = useState<string | null>(null);
  const mayWrite = useMay('write-cases');
  const { mark, crossOut } = useAttachmentWork(caseId);
  const shown = photos.find(({ file }) => file === openFile);
  const numberOf = ({ file }: ShownFile) => photos.findIndex((photo) => photo.file === file) + 1;
  const close = () => setOpenFile(null);
  const writing = mayWrite
    ? {
        onMark: mark,
        // Nothing is crossed out of a closed case: it is opened again first.
        ...(stage === 'closed'
          ? {}
          : {
              onCrossOut: (entry: string) => {
                close();
                crossOut(entry);
              },
            }),
      }
    : {};
  return {
    files,
    photos,
    numberOf,
    open: ({ file }) => setOpenFile(file),
    viewer: shown ? (
      <PictureViewer
        caseId={caseId}
        photos={photos}
        shown={shown}
        numberOf={numberOf}
        onShow={({ file }) => setOpenFile(file)}
        onClose={close}
        {...writing}
      />
    ) : null,
  };
}
