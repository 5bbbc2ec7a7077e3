import { useState } from 'react';
import type { Mark } from '../../../../core/attachments';
import type { ShownFile } from './shown-files';

/** What can be changed of a picture. */
export interface PictureDraft {
  readonly marks: readonly Mark[];
  readonly name: string;
  readonly showsOwner: boolean;
}

export const draftOf = ({ marks, name, showsOwner }: ShownFile): PictureDraft => ({ marks, name, showsOwner });

/** Whether there is something to keep. A name that was emptied stays as it was. */
export function isChanged(draft: PictureDraft, photo: ShownFile): boolean {
  const name = draft.name.trim();
  return (
    draft.showsOwner !== photo.showsOwner ||
    (name !== '' && name !== photo.name) ||
    JSON.stringify(draft.marks) !== JSON.stringify(photo.marks)
  );
}

const zooms = [1, 1.5, 2, 3, 4.5] as const;

/** How large the picture is shown: as large as there is room, or larger. */
export function useZoom() {
  const [step, setStep] = useState(0);
  const to = (next: number) => setStep(Math.min(zooms.length - 1, Math.max(0, next)));
  return {
    zoom: zooms[step] ?? 1,
    isLeast: step === 0,
    isMost: step === zooms.length - 1,
    more: () => to(step + 1),
    less: () => to(step - 1),
    whole: () => to(0),
  };
}
