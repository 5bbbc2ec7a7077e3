import { useCallback, useEffect, useRef, useState } from 'react';
import takerUrl from '../../workers/microphone.worklet.ts?worker&url';

/** It is not listened to for longer: beeps repeat long before. */
const maxSeconds = 60;
/** So often what was taken so far is handed on. */
const everyMs = 600;

export interface Microphone {
  readonly isListening: boolean;
  /** Why it cannot listen, in words; null where nothing stands against it. */
  readonly problem: string | null;
  readonly start: () => void;
  readonly stop: () => void;
}

/** What was taken so far: samples and how many of them make a second. */
export type OnTaken = (samples: Float32Array<ArrayBuffer>, rate: number) => void;

interface Running {
  readonly close: () => void;
}

/** The microphone, without the corrections that calls want and that swallow tones. Nothing leaves the device. */
export function useMicrophone(onTaken: OnTaken): Microphone {
  const [isListening, setListening] = useState(false);
  const [problem, setProblem] = useState<string | null>(null);
  const running = useRef<Running | null>(null);
  const taken = useRef(onTaken);
  useEffect(() => {
    taken.current = onTaken;
  });
  const stop = useCallback(() => {
    running.current?.close();
    running.current = null;
    setListening(false);
  }, []);
  useEffect(() => () => running.current?.close(), []);
  const start = useCallback(() => {
    setProblem(null);
    setListening(true);
    const place: { closed: boolean; close: () => void } = { closed: false, close: () => (place.closed = true) };
    running.current = place;
    const say = (samples: Float32Array<ArrayBuffer>, rate: number) => taken.current(samples, rate);
    openMicrophone(say, stop).then(
      (opened) => {
        if (place.closed) opened.close();
        else running.current = opened;
      },
      (error: unknown) => {
        setProblem(whyNot(error));
        stop();
      },
    );
  }, [stop]);
  return { isListening, problem, start, stop };
}

function whyNot(error: unknown): string {
  const name = error instanceof DOMException ? error.name : '';
  if (name === 'NotAllowedError') return 'The browser was not allowed to use the microphone. Allow it and try again.';
  if (name === 'NotFoundError') return 'There is no microphone. Open a recording, tap or type the beeps.';
  return 'The microphone cannot be used now. Open a recording, tap or type the beeps.';
}

async function openMicrophone(onTaken: OnTaken, onFull: () => void): Promise<Running> {
  const stream = await navigator.mediaDevices.getUserMedia({
    audio: { echoCancellation: false, noiseSuppression: false, autoGainControl: false },
  });
  const context = new AudioContext();
  const chunks: Float32Array[] = [];
  let count = 0;
  const hand = () => {
    const all = new Float32Array(count);
    let at = 0;
    for (const chunk of chunks) {
      all.set(chunk, at);
      at += chunk.length;
    }
    if (count > 0) onTaken(all, context.sampleRate);
  };
  const timer = setInterval(hand, everyMs);
  let isClosed = false;
  const close = () => {
    if (isClosed) return;
    isClosed = true;
    clearInterval(timer);
    for (const track of stream.getTracks()) track.stop();
    void context.close();
  };
  try {
    await context.audioWorklet.addModule(takerUrl);
  } catch (error) {
    close();
    throw error;
  }
  const taker = new AudioWorkletNode(context, 'taker');
  taker.port.onmessage = ({ data }: MessageEvent<Float32Array>) => {
    chunks.push(data);
    count += data.length;
    if (count < maxSeconds * context.sampleRate) return;
    hand();
    close();
    onFull();
  };
  context.createMediaStreamSource(stream).connect(taker);
  return {
    close: () => {
      if (!isClosed) hand();
      close();
    },
  };
}
