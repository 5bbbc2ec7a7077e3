import { CloudUpload, Pencil } from 'lucide-react';
import { Button as AriaButton } from 'react-aria-components';
import styled from 'styled-components';
import { UNNAMED_PHOTO } from '../../../../core/record';
import { FilePicture } from './FilePicture';
import type { ShownFile } from './shown-files';

const Strip = styled.ol<{ $size: string }>`
  display: flex;
  flex-wrap: wrap;
  gap: 0.6rem;
  list-style: none;
  li {
    width: ${({ $size }) => $size};
  }
`;
const Photo = styled(AriaButton)`
  position: relative;
  display: block;
  width: 100%;
  aspect-ratio: 4 / 3;
  min-height: 44px;
  padding: 0;
  overflow: hidden;
  border: 1px solid ${({ theme }) => theme.line};
  border-radius: 6px;
  background: ${({ theme }) => theme.sunk};
  cursor: pointer;
  img {
    width: 100%;
    height: 100%;
    object-fit: cover;
    font-size: 0.8rem;
  }
  &[data-focus-visible],
  &[data-hovered] {
    border-color: ${({ theme }) => theme.ink};
  }
`;
const Signs = styled.span`
  position: absolute;
  right: 4px;
  bottom: 4px;
  display: flex;
  gap: 4px;
  padding: 2px 5px;
  border-radius: 5px;
  background: ${({ theme }) => theme.panel};
  color: ${({ theme }) => theme.ink};
`;
const Words = styled.span`
  display: block;
  overflow: hidden;
  text-overflow: ellipsis;
  white-space: nowrap;
  font-size: 0.88rem;
`;

interface PhotoStripProps {
  readonly caseId: string;
  readonly photos: readonly ShownFile[];
  /** The number of the first, as the papers have it. */
  readonly numberOf: (photo: ShownFile) => number;
  /** With the words below, as in the room; without, as in a row of the sheet. */
  readonly isLarge?: boolean;
  readonly onOpen: (photo: ShownFile) => void;
}

/** Photos in a row. A press opens one. */
export function PhotoStrip({ caseId, photos, numberOf, isLarge = false, onOpen }: PhotoStripProps) {
  if (photos.length === 0) return null;
  return (
    <Strip $size={isLarge ? '11.5rem' : '5rem'} aria-label="Photos">
      {photos.map((photo) => {
        const words = `Photo ${numberOf(photo)}${photo.name === UNNAMED_PHOTO ? '' : `: ${photo.name}`}`;
        return (
          <li key={photo.file}>
            <Photo onPress={() => onOpen(photo)} aria-label={photo.queued ? `${words}, not sent yet` : words}>
              <FilePicture caseId={caseId} file={photo} isSmall alt="" />
              {(photo.queued !== null || photo.marks.length > 0) && (
                <Signs>
                  {photo.marks.length > 0 && <Pencil size={15} aria-hidden />}
                  {photo.queued && <CloudUpload size={15} aria-hidden />}
                </Signs>
              )}
            </Photo>
            {isLarge && <Words title={words}>{words}</Words>}
          </li>
        );
      })}
    </Strip>
  );
}
