import { useState, type PointerEvent } from 'react';
import styled from 'styled-components';
import type { Mark, Point } from '../../../../core/attachments';
import { markOf, pointAt, type Tool } from './draw-mark';
import { FilePicture } from './FilePicture';
import { MarksLayer } from './MarksLayer';
import type { ShownFile } from './shown-files';

const Scroll = styled.div`
  display: grid;
  min-width: 0;
  min-height: 0;
  overflow: auto;
  background: ${({ theme }) => theme.sunk};
`;
const Sized = styled.div<{ $ratio: number; $zoom: number; $draws: boolean }>`
  position: relative;
  place-self: center;
  width: min(${({ $zoom }) => $zoom * 100}%, calc(${({ $zoom, $ratio }) => $zoom * $ratio} * (100dvh - 4rem)));
  aspect-ratio: ${({ $ratio }) => $ratio};
  flex: none;
  touch-action: ${({ $draws }) => ($draws ? 'none' : 'auto')};
  cursor: ${({ $draws }) => ($draws ? 'crosshair' : 'default')};
  img {
    display: block;
    width: 100%;
    height: 100%;
    user-select: none;
    -webkit-user-drag: none;
  }
`;

interface PictureStageProps {
  readonly caseId: string;
  readonly photo: ShownFile;
  readonly marks: readonly Mark[];
  readonly zoom: number;
  /** What a drag draws; null while nothing is drawn, and a drag moves the picture. */
  readonly tool: Tool | null;
  /** For the tool that writes. */
  readonly text: string;
  readonly onDrawn: (mark: Mark) => void;
}

const usual = { width: 4, height: 3 };

/** The picture with what is drawn on it, as large as wanted; it scrolls where it is larger than its place. */
export function PictureStage({ caseId, photo, marks, zoom, tool, text, onDrawn }: PictureStageProps) {
  const [drag, setDrag] = useState<{ readonly from: Point; readonly to: Point } | null>(null);
  const size = photo.size ?? usual;
  const drawn = drag && tool && tool !== 'text' ? markOf(tool, drag, { ratio: size.height / size.width, text }) : null;
  const at = (event: PointerEvent<HTMLElement>) => pointAt(event, event.currentTarget.getBoundingClientRect());
  return (
    <Scroll tabIndex={-1}>
      <Sized
        $ratio={size.width / size.height}
        $zoom={zoom}
        $draws={tool !== null}
        role="group"
        aria-label="Picture"
        onPointerDown={(event) => {
          if (!tool || event.button !== 0) return;
          event.currentTarget.setPointerCapture(event.pointerId);
          setDrag({ from: at(event), to: at(event) });
        }}
        onPointerMove={(event) => {
          if (drag) setDrag({ from: drag.from, to: at(event) });
        }}
        onPointerCancel={() => setDrag(null)}
        onPointerUp={(event) => {
          if (!tool || !drag) return;
          const mark = markOf(tool, { from: drag.from, to: at(event) }, { ratio: size.height / size.width, text });
          setDrag(null);
          if (mark) onDrawn(mark);
        }}
      >
        <FilePicture caseId={caseId} file={photo} alt={photo.name} />
        <MarksLayer marks={drawn ? [...marks, drawn] : marks} size={size} />
      </Sized>
    </Scroll>
  );
}
