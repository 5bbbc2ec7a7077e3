import { useState } from 'react';
import { Dialog, Heading } from 'react-aria-components';
import styled from 'styled-components';
import type { WatchedLight } from '../../../core/signals';
import { Button } from '../Button';
import { Notice } from '../Notice';
import { ModalSheet, Overlay } from '../Sheet';
import { Toggles } from '../Toggles';
import { fonts } from '../../theme/tokens';
import { lightWords } from './light-words';
import { MarkedPicture } from './MarkedPicture';
import { VideoSources } from './VideoSources';
import { useLightCamera, type Mark } from './use-light-camera';

const Sheet = styled(ModalSheet)`
  width: min(46rem, 94vw);
  h2 {
    margin-bottom: 0.5rem;
    font-size: 1.2rem;
  }
`;
const Seen = styled.dl`
  display: grid;
  grid-template-columns: max-content minmax(0, 1fr);
  gap: 0.2rem 0.9rem;
  margin-bottom: 0.7rem;
  dt {
    font: 700 1rem ${fonts.code};
  }
`;
const Hint = styled.p`
  margin-bottom: 0.6rem;
  color: ${({ theme }) => theme.muted};
`;
const Tools = styled.div`
  margin-top: 0.6rem;
  display: flex;
  flex-wrap: wrap;
  gap: 0.5rem;
`;

export interface LightCameraSheetProps {
  /** The lights that can be marked. */
  readonly labels: readonly string[];
  readonly onClose: () => void;
  readonly onTake: (watched: Readonly<Record<string, WatchedLight>>) => void;
}

/** A camera or a video in which lights are marked; what each of them does is said and can be taken over. */
export function LightCameraSheet({ labels, onClose, onTake }: LightCameraSheetProps) {
  const [marks, setMarks] = useState<Readonly<Record<string, Mark>>>({});
  const [chosen, setChosen] = useState(labels[0] ?? '');
  const camera = useLightCamera(marks);
  const mark = (at: Mark) => {
    setMarks({ ...marks, [chosen]: at });
    if (camera.source === 'file') camera.restart();
    // The next one that has no mark yet.
    const next = labels.find((label) => label !== chosen && !(label in marks));
    if (next) setChosen(next);
  };
  const isMarked = Object.keys(marks).length > 0;
  return (
    <Overlay isOpen isDismissable onOpenChange={(isOpen) => !isOpen && onClose()}>
      <Sheet>
        <Dialog>
          <Heading slot="title">Watch lights by camera or video</Heading>
          <Hint>Keep the camera still, the lights in its picture. Nothing of it leaves this device.</Hint>
          {labels.length > 1 && (
            <Toggles
              label="Light to mark"
              value={chosen}
              onChange={setChosen}
              choices={labels.map((label) => ({ id: label, label }))}
            />
          )}
          <MarkedPicture
            video={camera.video}
            isShown={camera.source !== 'none'}
            marks={marks}
            chosen={chosen}
            onMark={mark}
          />
          {camera.problem && <Notice kind="danger">{camera.problem}</Notice>}
          {camera.source !== 'none' && !isMarked && <p role="status">Press on the light in the picture.</p>}
          {isMarked && <WatchedList watched={camera.watched} />}
          <Tools>
            <VideoSources onCamera={camera.openCamera} onFile={camera.openFile} />
            {isMarked && (
              <Button
                $kind="primary"
                onPress={() => {
                  onTake(camera.watched);
                  onClose();
                }}
              >
                Take what was seen
              </Button>
            )}
            <Button $kind="quiet" onPress={onClose}>
              Leave it
            </Button>
          </Tools>
        </Dialog>
      </Sheet>
    </Overlay>
  );
}

function WatchedList({ watched }: { readonly watched: Readonly<Record<string, WatchedLight>> }) {
  return (
    <Seen aria-label="What the lights do" role="status">
      {Object.entries(watched).map(([label, light]) => (
        <Line key={label} label={label} light={light} />
      ))}
    </Seen>
  );
}

const Line = ({ label, light }: { readonly label: string; readonly light: WatchedLight }) => (
  <>
    <dt>{label}</dt>
    <dd>{lightWords(light)}</dd>
  </>
);
