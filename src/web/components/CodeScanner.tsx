import jsQR from 'jsqr';
import { useEffect, useEffectEvent, useRef, useState } from 'react';
import { Dialog, Heading } from 'react-aria-components';
import styled from 'styled-components';
import { Button } from './Button';
import { noMediaDevices } from './media-devices';
import { Notice } from './Notice';
import { ModalSheet, Overlay } from './Sheet';

const Picture = styled.video`
  width: 100%;
  max-height: 60vh;
  margin: 0.8rem 0;
  background: ${({ theme }) => theme.sunk};
`;

const everyMs = 180;
const widthRead = 640;

interface CodeScannerProps {
  readonly title: string;
  /** What a label says; returns why it is none of ours, and then it looks on. */
  readonly onCode: (text: string) => string | null;
  readonly onClose: () => void;
}

/** The camera, until it has read the QR code of a label. Nothing leaves the device. */
export function CodeScanner({ title, onCode, onClose }: CodeScannerProps) {
  const video = useRef<HTMLVideoElement>(null);
  const [problem, setProblem] = useState<string | null>(noMediaDevices);
  const take = useEffectEvent((text: string) => setProblem(onCode(text)));
  const fail = useEffectEvent(() =>
    setProblem('The camera cannot be used: there is none, or the browser was not allowed to use it.'),
  );
  useEffect(() => {
    if (noMediaDevices() !== null) return;
    let stream: MediaStream | null = null;
    let isOver = false;
    const canvas = document.createElement('canvas');
    const look = setInterval(() => {
      const text = video.current ? codeIn(video.current, canvas) : null;
      if (text !== null) take(text);
    }, everyMs);
    navigator.mediaDevices.getUserMedia({ video: { facingMode: 'environment' } }).then(
      (opened) => {
        stream = opened;
        if (isOver) return stop(opened);
        if (video.current) video.current.srcObject = opened;
      },
      () => fail(),
    );
    return () => {
      isOver = true;
      clearInterval(look);
      if (stream) stop(stream);
    };
  }, []);
  return (
    <Overlay isOpen isDismissable onOpenChange={(isOpen) => !isOpen && onClose()}>
      <ModalSheet>
        <Dialog aria-label={title}>
          <Heading slot="title">{title}</Heading>
          <Picture ref={video} autoPlay playsInline muted />
          {problem && <Notice kind="danger">{problem}</Notice>}
          <Button onPress={onClose}>Cancel</Button>
        </Dialog>
      </ModalSheet>
    </Overlay>
  );
}

const stop = (stream: MediaStream) => stream.getTracks().forEach((track) => track.stop());

/** What the code in the present picture says; null where there is none. */
function codeIn(video: HTMLVideoElement, canvas: HTMLCanvasElement): string | null {
  if (video.readyState < HTMLMediaElement.HAVE_CURRENT_DATA || video.videoWidth === 0) return null;
  canvas.width = widthRead;
  canvas.height = Math.round((widthRead * video.videoHeight) / video.videoWidth);
  const context = canvas.getContext('2d', { willReadFrequently: true });
  if (!context) return null;
  context.drawImage(video, 0, 0, canvas.width, canvas.height);
  const { data } = context.getImageData(0, 0, canvas.width, canvas.height);
  return jsQR(data, canvas.width, canvas.height)?.data ?? null;
}
