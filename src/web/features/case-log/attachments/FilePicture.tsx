import { BlobPicture } from '../../../components/BlobPicture';
import { pathOf, type ShownFile } from './shown-files';

interface FilePictureProps {
  readonly caseId: string;
  readonly file: ShownFile;
  /** As in a strip. */
  readonly isSmall?: boolean;
  readonly alt: string;
}

/** A photo from wherever it is: the server, or this device. One that is not there says so by its words. */
export function FilePicture({ caseId, file, isSmall = false, alt }: FilePictureProps) {
  const { queued, size } = file;
  const measures = isSmall || !size ? {} : size;
  const path = pathOf(caseId, file, isSmall);
  if (path !== null) return <img src={path} alt={alt} loading="lazy" decoding="async" {...measures} />;
  return queued && <BlobPicture blob={isSmall ? (queued.preview ?? queued.bytes) : queued.bytes} alt={alt} />;
}
