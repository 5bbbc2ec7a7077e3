import { useCallback } from 'react';

interface BlobPictureProps {
  readonly blob: Blob;
  readonly alt: string;
  /** It cannot be shown as a picture. */
  readonly onBroken?: () => void;
}

/** A picture on this device; it has an address as long as it is shown. */
export function BlobPicture({ blob, alt, onBroken }: BlobPictureProps) {
  const show = useCallback(
    (image: HTMLImageElement) => {
      const address = URL.createObjectURL(blob);
      image.src = address;
      return () => URL.revokeObjectURL(address);
    },
    [blob],
  );
  return <img ref={show} alt={alt} onError={onBroken} />;
}
