import { Camera } from 'lucide-react';
import { Button } from '../../../components/Button';
import { PhotosTrigger } from '../../case-log/attachments/AddFilesButtons';
import { PhotoStrip } from '../../case-log/attachments/PhotoStrip';
import type { Photos } from '../../case-log/attachments/use-photos';

interface RowPhotosProps {
  readonly caseId: string;
  /** The id of the entry. */
  readonly entry: string;
  readonly photos: Photos;
}

/** The photos of an entry, or the photo that the entry attached. */
export function RowPhotos({ caseId, entry, photos }: RowPhotosProps) {
  const own = photos.photos.filter((photo) => photo.of === entry || photo.entry === entry);
  return <PhotoStrip caseId={caseId} photos={own} numberOf={photos.numberOf} onOpen={photos.open} />;
}

/** Adds photos to an entry. */
export function AddRowPhotos({
  to,
  onFiles,
}: {
  readonly to: string;
  readonly onFiles: (files: readonly File[]) => void;
}) {
  return (
    <PhotosTrigger onFiles={onFiles}>
      <Button $kind="quiet" aria-label={`Photos of: ${to}`}>
        <Camera size={18} aria-hidden />
      </Button>
    </PhotosTrigger>
  );
}
