import { useEffect, useEffectEvent, useState } from 'react';
import styled from 'styled-components';
import { blinksOf } from '../../../core/signals';
import { Notice } from '../Notice';
import { lightWords } from './light-words';
import { VideoSources } from './VideoSources';
import { MarkedPicture } from './MarkedPicture';
import { useLightCamera, type Mark } from './use-light-camera';

const Block = styled.div`
  max-width: 26rem;
  margin-bottom: 0.8rem;
`;
const Tools = styled.div`
  display: flex;
  flex-wrap: wrap;
  gap: 0.5rem;
`;

const name = 'flash light';
/** Blinks nearer than this are one. */
const sameBlinkMs = 150;

/**
 * The light of a flash watched by the camera: it marks each blink. That the light has stopped is for a person to press:
 * a camera may have been knocked.
 */
export function FlashCamera({
  lastBlinkAt,
  onBlinks,
}: {
  /** Of the last mark, in milliseconds since the epoch. */
  readonly lastBlinkAt: number;
  /** New blinks, in milliseconds since the epoch. */
  readonly onBlinks: (at: readonly number[]) => void;
}) {
  const [marks, setMarks] = useState<Readonly<Record<string, Mark>>>({});
  const camera = useLightCamera(marks);
  const light = camera.watched[name];
  const tell = useEffectEvent(() => {
    if (!light) return;
    const blinks = blinksOf(light).map((seconds) => camera.startedAt + 1000 * seconds);
    const fresh = blinks.filter((at) => at > lastBlinkAt + sameBlinkMs);
    if (fresh.length > 0) onBlinks(fresh);
  });
  useEffect(() => tell(), [light]);
  return (
    <Block>
      <Tools>
        <VideoSources onCamera={camera.openCamera} onFile={camera.openFile} />
      </Tools>
      <MarkedPicture
        video={camera.video}
        isShown={camera.source !== 'none'}
        marks={marks}
        chosen={name}
        onMark={(mark) => setMarks({ [name]: mark })}
      />
      {camera.problem && <Notice kind="danger">{camera.problem}</Notice>}
      {camera.source !== 'none' && (
        <p role="status">
          {light
            ? `The light ${lightWords(light)}. When it stops, look yourself and press it.`
            : 'Press on the light in the picture.'}
        </p>
      )}
    </Block>
  );
}
