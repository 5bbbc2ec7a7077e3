import { useCallback, useEffect, useEffectEvent, useRef, useState, type RefObject } from 'react';
import { noMediaDevices } from '../media-devices';
import { brightnessAt, watchLight, type BrightnessSample, type WatchedLight } from '../../../core/signals';

/** Where a light is in the picture, as shares of its width and height; the radius as a share of its width. */
export interface Mark {
  readonly x: number;
  readonly y: number;
  readonly radius: number;
}

export interface LightCamera {
  readonly video: RefObject<HTMLVideoElement | null>;
  readonly source: 'none' | 'camera' | 'file';
  readonly problem: string | null;
  readonly openCamera: () => void;
  readonly openFile: (file: File) => void;
  /** By the name of the light: what was seen of it since it was marked. */
  readonly watched: Readonly<Record<string, WatchedLight>>;
  /** Seconds that were watched, and when that began, in milliseconds since the epoch. */
  readonly seconds: number;
  readonly startedAt: number;
  /** Plays a video again from its beginning, and forgets what was seen. */
  readonly restart: () => void;
}

/** Lights are judged so often; the picture is looked at a little more often than lights of boards change. */
const everyMs = 50;
const judgedEveryMs = 250;
const pictureWidth = 480;
const maxSamples = 15_000;
const maxFileBytes = 512 * 2 ** 20;

/** A camera or a video file, and the brightness of each marked light in it. Nothing leaves the device. */
export function useLightCamera(marks: Readonly<Record<string, Mark>>): LightCamera {
  const video = useRef<HTMLVideoElement>(null);
  const close = useRef<(() => void) | null>(null);
  const [source, setSource] = useState<LightCamera['source']>('none');
  const [problem, setProblem] = useState<string | null>(null);
  const show = useCallback((next: LightCamera['source'], attach: (element: HTMLVideoElement) => () => void) => {
    close.current?.();
    setProblem(null);
    setSource(next);
    if (video.current) close.current = attach(video.current);
  }, []);
  useEffect(() => () => close.current?.(), []);
  const fail = useCallback((words: string) => {
    close.current?.();
    close.current = null;
    setSource('none');
    setProblem(words);
  }, []);
  const openCamera = useCallback(() => {
    const missing = noMediaDevices();
    if (missing !== null) return fail(missing);
    navigator.mediaDevices.getUserMedia({ video: { facingMode: 'environment' } }).then(
      (stream) => show('camera', (element) => playStream(element, stream)),
      () => fail('The camera cannot be used: there is none, or the browser was not allowed to use it.'),
    );
  }, [show, fail]);
  const openFile = useCallback(
    (file: File) => {
      if (file.size > maxFileBytes) return fail(`${file.name}: expected at most 512 MiB.`);
      show('file', (element) =>
        playFile(element, file, () => fail(`${file.name} is no video that this browser plays.`)),
      );
    },
    [show, fail],
  );
  const { forget, ...watching } = useWatching(video, source, marks);
  const restart = useCallback(() => {
    forget();
    const element = video.current;
    if (!element || source !== 'file') return;
    element.currentTime = 0;
    void element.play().catch(() => undefined);
  }, [forget, source]);
  return { video, source, problem, openCamera, openFile, restart, ...watching };
}

function playStream(element: HTMLVideoElement, stream: MediaStream): () => void {
  element.srcObject = stream;
  void element.play().catch(() => undefined);
  return () => {
    element.srcObject = null;
    for (const track of stream.getTracks()) track.stop();
  };
}

function playFile(element: HTMLVideoElement, file: File, onFailure: () => void): () => void {
  const url = URL.createObjectURL(file);
  element.onerror = onFailure;
  element.src = url;
  void element.play().catch(() => undefined);
  return () => {
    element.onerror = null;
    element.removeAttribute('src');
    URL.revokeObjectURL(url);
  };
}

type Watched = Pick<LightCamera, 'watched' | 'seconds' | 'startedAt'>;
const nothing: Readonly<Record<string, WatchedLight>> = {};

/** Samples each marked light; a mark that is moved starts over. */
function useWatching(
  video: RefObject<HTMLVideoElement | null>,
  source: LightCamera['source'],
  marks: Readonly<Record<string, Mark>>,
): Watched & { readonly forget: () => void } {
  const [state, setState] = useState<Watched>({ watched: nothing, seconds: 0, startedAt: 0 });
  const samples = useRef(new Map<string, { mark: Mark; taken: BrightnessSample[] }>());
  const sample = useEffectEvent((seconds: number, context: CanvasRenderingContext2D) => {
    const element = video.current;
    if (!element || element.videoWidth === 0 || element.paused) return;
    const { canvas } = context;
    canvas.width = pictureWidth;
    canvas.height = Math.round((pictureWidth * element.videoHeight) / element.videoWidth);
    context.drawImage(element, 0, 0, canvas.width, canvas.height);
    const { data, width, height } = context.getImageData(0, 0, canvas.width, canvas.height);
    for (const [label, mark] of Object.entries(marks)) {
      const known = samples.current.get(label);
      const taken = known?.mark === mark ? known.taken : [];
      const spot = { x: mark.x * width, y: mark.y * height, radius: Math.max(2, mark.radius * width) };
      taken.push({ seconds, brightness: brightnessAt({ width, height, rgba: data }, spot) });
      if (taken.length > maxSamples) taken.splice(0, taken.length - maxSamples);
      samples.current.set(label, { mark, taken });
    }
  });
  const judge = useEffectEvent((seconds: number, startedAt: number) => {
    const watched = Object.keys(marks).map((label) => [label, watchLight(samples.current.get(label)?.taken ?? [])]);
    setState({ watched: Object.fromEntries(watched) as Record<string, WatchedLight>, seconds, startedAt });
  });
  useEffect(() => {
    if (source === 'none') return;
    const context = document.createElement('canvas').getContext('2d', { willReadFrequently: true });
    if (!context) return;
    samples.current.clear();
    const from = performance.now();
    const startedAt = Date.now();
    const since = () => (performance.now() - from) / 1000;
    const sampling = setInterval(() => sample(since(), context), everyMs);
    const judging = setInterval(() => judge(since(), startedAt), judgedEveryMs);
    return () => {
      clearInterval(sampling);
      clearInterval(judging);
    };
  }, [source]);
  const forget = useCallback(() => samples.current.clear(), []);
  return { ...state, forget };
}
