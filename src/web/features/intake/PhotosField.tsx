import { Camera, X } from 'lucide-react';
import { useRef, useState } from 'react';
import { Button as AriaButton } from 'react-aria-components';
import styled from 'styled-components';
import { Button } from '../../components/Button';
import { BlobPicture } from '../../components/BlobPicture';
import { Notice } from '../../components/Notice';
import { PhotosTrigger } from '../case-log/attachments/AddFilesButtons';
import { useFileDrop } from '../case-log/attachments/use-file-drop';

const Place = styled.div`
  display: grid;
  gap: 0.8rem;
`;
const Strip = styled.ul`
  display: flex;
  flex-wrap: wrap;
  gap: 0.6rem;
  list-style: none;
  li {
    position: relative;
    width: 8rem;
    aspect-ratio: 4 / 3;
    border: 1px solid ${({ theme }) => theme.line};
    border-radius: 6px;
    overflow: hidden;
  }
  img {
    width: 100%;
    height: 100%;
    object-fit: cover;
  }
`;
const Remove = styled(AriaButton)`
  position: absolute;
  top: 0;
  right: 0;
  display: grid;
  place-items: center;
  width: 44px;
  height: 44px;
  border: 0;
  background: none;
  cursor: pointer;
  svg {
    padding: 3px;
    width: 24px;
    height: 24px;
    border-radius: 50%;
    background: ${({ theme }) => theme.panel};
    color: ${({ theme }) => theme.ink};
  }
`;

interface PhotosFieldProps {
  readonly photos: readonly File[];
  readonly onChange: (photos: readonly File[]) => void;
}

/** Photos of how the machine came in. They are kept with the case once it is open. */
export function PhotosField({ photos, onChange }: PhotosFieldProps) {
  const [problem, setProblem] = useState<string | null>(null);
  const without = (photo: File) => onChange(photos.filter((one) => one !== photo));
  const place = useRef<HTMLDivElement>(null);
  const take = (files: readonly File[]) => {
    setProblem(null);
    onChange([...photos, ...files]);
  };
  useFileDrop(place, take);
  return (
    <Place ref={place}>
      <div>
        <PhotosTrigger onFiles={take}>
          <Button>
            <Camera size={18} aria-hidden /> Add photos
          </Button>
        </PhotosTrigger>
      </div>
      {problem && <Notice kind="danger">{problem}</Notice>}
      {photos.length > 0 && (
        <Strip aria-label="Photos">
          {photos.map((photo, i) => (
            <li key={`${photo.name} ${photo.lastModified} ${i}`}>
              <BlobPicture
                blob={photo}
                alt={`Photo ${i + 1}`}
                onBroken={() => {
                  setProblem(`${photo.name}: this browser cannot show it as a photo.`);
                  without(photo);
                }}
              />
              <Remove aria-label={`Remove photo ${i + 1}`} onPress={() => without(photo)}>
                <X aria-hidden />
              </Remove>
            </li>
          ))}
        </Strip>
      )}
    </Place>
  );
}
