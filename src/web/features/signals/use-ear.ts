import { useCallback, useEffect, useRef, useState } from 'react';
import { maxWavBytes } from '../../../core/signals';
import type { Heard } from '../../workers/ear.worker';
import { openEar, type EarQueue } from './ear';

export interface Ear {
  /** What was heard last; null where nothing was listened to. */
  readonly heard: Heard | null;
  /** Why a recording was refused, in words. */
  readonly problem: string | null;
  readonly isBusy: boolean;
  readonly hearFile: (file: File) => void;
  /** A microphone's samples so far. */
  readonly hearSamples: (samples: Float32Array<ArrayBuffer>, rate: number) => void;
  readonly forget: () => void;
}

/** Beeps in recordings, heard in a worker. */
export function useEar(): Ear {
  const queue = useRef<EarQueue | null>(null);
  const [heard, setHeard] = useState<Heard | null>(null);
  const [problem, setProblem] = useState<string | null>(null);
  const [isBusy, setBusy] = useState(false);
  useEffect(() => {
    queue.current = openEar({
      onHeard: (answer) => {
        setHeard(answer);
        setProblem(null);
      },
      onProblem: (words) => {
        setHeard(null);
        setProblem(words);
      },
      onBusy: setBusy,
    });
    return () => queue.current?.close();
  }, []);
  const hearFile = useCallback((file: File) => {
    setHeard(null);
    if (file.size > maxWavBytes) setProblem(`${file.name}: expected at most ${maxWavBytes / 2 ** 20} MiB.`);
    else queue.current?.hear((ear) => ear.hearFile(file));
  }, []);
  const hearSamples = useCallback<Ear['hearSamples']>(
    (samples, rate) => queue.current?.hear((ear) => ear.hearSamples(samples, rate)),
    [],
  );
  const forget = useCallback(() => {
    queue.current?.forgetWaiting();
    setHeard(null);
    setProblem(null);
  }, []);
  return { heard, problem, isBusy, hearFile, hearSamples, forget };
}
