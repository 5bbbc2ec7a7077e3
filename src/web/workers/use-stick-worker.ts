import { proxy, releaseProxy, wrap, type Remote } from 'comlink';
import { useCallback, useEffect, useRef, useState } from 'react';
import type { OnProgress, StickWork } from './stick.worker';

export type StickTask = 'inspect' | 'make' | 'write' | 'check';

export interface StickWorker {
  /** Does something in the worker. Rejects with what was refused. */
  readonly run: <T>(
    task: StickTask,
    work: (worker: Remote<StickWork>, onProgress: OnProgress) => Promise<T>,
  ) => Promise<T>;
  /** What is being done now, with the share that is done, 0 to 1; null while idle. */
  readonly underway: { readonly task: StickTask; readonly share: number } | null;
}

interface RunningWorker {
  readonly stick: Remote<StickWork>;
  /** Rejects once the worker breaks: its code does not load, or it ran out of memory. */
  readonly broken: Promise<never>;
  readonly isBroken: () => boolean;
  readonly end: () => void;
}

function startWorker(): RunningWorker {
  const worker = new Worker(new URL('./stick.worker.ts', import.meta.url), { type: 'module' });
  const stick = wrap<StickWork>(worker);
  let isBroken = false;
  const broken = new Promise<never>((_resolve, reject) => {
    worker.onerror = () => {
      isBroken = true;
      worker.terminate();
      reject(
        new Error('This part of Jovial Probe stopped: it was updated, or the device has no memory left. Try again.'),
      );
    };
  });
  // Where nothing runs, nobody hears it.
  broken.catch(() => undefined);
  const end = () => {
    stick[releaseProxy]();
    worker.terminate();
  };
  return { stick, broken, isBroken: () => isBroken, end };
}

/** Archives, images and sticks off the main thread. The image that was inspected stays in the worker. */
export function useStickWorker(): StickWorker {
  const remote = useRef<RunningWorker | null>(null);
  const [underway, setUnderway] = useState<StickWorker['underway']>(null);

  useEffect(() => {
    const worker = startWorker();
    remote.current = worker;
    return () => {
      worker.end();
      if (remote.current !== worker) remote.current?.end();
      remote.current = null;
    };
  }, []);

  const run = useCallback<StickWorker['run']>(async (task, work) => {
    // One that broke is replaced: the image has to be opened again then.
    if (!remote.current || remote.current.isBroken()) remote.current = startWorker();
    const { stick, broken } = remote.current;
    setUnderway({ task, share: 0 });
    try {
      const onProgress = proxy((share: number) => setUnderway((now) => now && { ...now, share }));
      return await Promise.race([work(stick, onProgress), broken]);
    } finally {
      setUnderway(null);
    }
  }, []);
  return { run, underway };
}
