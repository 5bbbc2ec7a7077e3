import { ArrowLeft, ArrowRight, X, ZoomIn, ZoomOut } from 'lucide-react';
import { useEffect, useState } from 'react';
import { Dialog, Heading, Modal } from 'react-aria-components';
import styled from 'styled-components';
import { MOST_MARKS } from '../../../../core/attachments';
import { Button } from '../../../components/Button';
import { dateAndTime } from '../../../components/format';
import { Overlay } from '../../../components/Sheet';
import { useLatest } from '../../../components/use-latest';
import { isTyping } from '../use-case-keys';
import type { Tool } from './draw-mark';
import { Facts, MarkTools } from './MarkTools';
import { PictureStage } from './PictureStage';
import type { ShownFile } from './shown-files';
import { draftOf, isChanged, useZoom, type PictureDraft } from './use-viewer';

const Whole = styled(Modal)`
  width: 100vw;
  height: 100dvh;
  background: ${({ theme }) => theme.ground};
  color: ${({ theme }) => theme.ink};
`;
const Room = styled(Dialog)`
  display: grid;
  grid-template-columns: minmax(0, 1fr) 19rem;
  grid-template-rows: auto minmax(0, 1fr);
  height: 100%;
  @media (max-width: 800px) {
    grid-template-columns: minmax(0, 1fr);
    grid-template-rows: auto minmax(12rem, 1fr) auto;
    overflow: auto;
  }
`;
const Head = styled.div`
  grid-column: 1 / -1;
  display: flex;
  flex-wrap: wrap;
  align-items: center;
  gap: 0.4rem;
  padding: 0.4rem 0.8rem;
  border-bottom: 1px solid ${({ theme }) => theme.line};
  h2 {
    flex: 1;
    font-size: 1.05rem;
    white-space: nowrap;
  }
`;
const Side = styled.div`
  display: grid;
  align-content: start;
  gap: 0.9rem;
  padding: 0.9rem;
  overflow: auto;
  border-left: 1px solid ${({ theme }) => theme.line};
`;
interface PictureViewerProps {
  readonly caseId: string;
  /** All that can be leafed through. */
  readonly photos: readonly ShownFile[];
  readonly shown: ShownFile;
  readonly numberOf: (photo: ShownFile) => number;
  /** Left out for who may not write. */
  readonly onMark?: (file: string, draft: PictureDraft) => void;
  readonly onCrossOut?: (entry: string) => void;
  readonly onShow: (photo: ShownFile) => void;
  readonly onClose: () => void;
}

/** One photo over the whole screen: leaf, zoom, draw on it, say what it shows. What was changed is kept on leaving. */
export function PictureViewer(props: PictureViewerProps) {
  return <Shown key={props.shown.file} {...props} />;
}

function Shown({ caseId, photos, shown, numberOf, onMark, onCrossOut, onShow, onClose }: PictureViewerProps) {
  const [draft, setDraft] = useState(draftOf(shown));
  const change = (part: Partial<PictureDraft>) => setDraft((before) => ({ ...before, ...part }));
  const zoom = useZoom();
  const at = photos.findIndex(({ file }) => file === shown.file);
  // One that is not sent yet has no entry that could be changed.
  const canMark = onMark !== undefined && shown.queued === null;
  const leave = (then: () => void) => {
    if (canMark && isChanged(draft, shown)) onMark(shown.file, { ...draft, name: draft.name.trim() || shown.name });
    then();
  };
  const leaf = (by: number) => {
    const next = photos[at + by];
    if (next) leave(() => onShow(next));
  };
  useViewerKeys({
    ArrowLeft: () => leaf(-1),
    ArrowRight: () => leaf(1),
    '+': zoom.more,
    '-': zoom.less,
    '0': zoom.whole,
  });
  return (
    <Overlay isOpen isDismissable onOpenChange={(isOpen) => !isOpen && leave(onClose)}>
      <Whole>
        <Room>
          <Head>
            <Heading slot="title">
              Photo {numberOf(shown)} of {photos.length}
            </Heading>
            <Button aria-label="Previous photo" isDisabled={at <= 0} onPress={() => leaf(-1)}>
              <ArrowLeft size={18} aria-hidden />
            </Button>
            <Button aria-label="Next photo" isDisabled={at === photos.length - 1} onPress={() => leaf(1)}>
              <ArrowRight size={18} aria-hidden />
            </Button>
            <Button aria-label="Smaller" isDisabled={zoom.isLeast} onPress={zoom.less}>
              <ZoomOut size={18} aria-hidden />
            </Button>
            <Button aria-label="Larger" isDisabled={zoom.isMost} onPress={zoom.more}>
              <ZoomIn size={18} aria-hidden />
            </Button>
            <Button onPress={() => leave(onClose)}>
              <X size={18} aria-hidden /> {canMark && isChanged(draft, shown) ? 'Save and close' : 'Close'}
            </Button>
          </Head>
          <Editor
            caseId={caseId}
            shown={shown}
            draft={draft}
            zoom={zoom.zoom}
            canMark={canMark}
            onChange={change}
            onCrossOut={onCrossOut && (() => onCrossOut(shown.entry))}
          />
        </Room>
      </Whole>
    </Overlay>
  );
}

interface EditorProps {
  readonly caseId: string;
  readonly shown: ShownFile;
  readonly draft: PictureDraft;
  readonly zoom: number;
  readonly canMark: boolean;
  readonly onChange: (part: Partial<PictureDraft>) => void;
  readonly onCrossOut: (() => void) | undefined;
}

function Editor({ caseId, shown, draft, zoom, canMark, onChange, onCrossOut }: EditorProps) {
  const [tool, setTool] = useState<Tool | null>(null);
  const [text, setText] = useState('');
  const isFull = draft.marks.length >= MOST_MARKS;
  return (
    <>
      <PictureStage
        caseId={caseId}
        photo={shown}
        marks={draft.marks}
        zoom={zoom}
        tool={canMark && !isFull ? tool : null}
        text={text}
        onDrawn={(mark) => onChange({ marks: [...draft.marks, mark] })}
      />
      <Side>
        {canMark && (
          <MarkTools tool={tool} text={text} draft={draft} onTool={setTool} onText={setText} onChange={onChange} />
        )}
        <Facts>
          {canMark ? '' : `${shown.name}. `}
          {dateAndTime(shown.at)}, {shown.by}.{' '}
          {shown.queued ? 'Not sent yet: it is on this device.' : `SHA-256 ${shown.sha256}`}
        </Facts>
        {canMark && onCrossOut && <Button onPress={onCrossOut}>Cross out this photo</Button>}
      </Side>
    </>
  );
}

/** Single keys outside of fields. */
function useViewerKeys(keys: Readonly<Record<string, () => void>>): void {
  const handle = useLatest((key: string) => keys[key]?.());
  useEffect(() => {
    const listen = ({ key, target, altKey, ctrlKey, metaKey }: KeyboardEvent) => {
      // A row of tools is walked through with the same keys.
      const isInTools = target instanceof Element && target.closest('[role=radiogroup]') !== null;
      if (!isTyping(target) && !isInTools && !altKey && !ctrlKey && !metaKey) handle(key);
    };
    window.addEventListener('keydown', listen);
    return () => window.removeEventListener('keydown', listen);
  }, [handle]);
}
