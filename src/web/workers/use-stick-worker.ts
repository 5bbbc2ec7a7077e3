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

/** Archives, images and sticks off the main thread. The image that was inspected stays in the worker. */
export function useStickWorker(): StickWorker {
  const remote = useRef<Remote<StickWork> | null>(null);
  const [underway, setUnderway] = useState<StickWorker['underway']>(null);

  useEffect(() => {
    const worker = new Worker(new URL('./stick.worker.ts', import.meta.url), { type: 'module' });
    const wrapped = wrap<StickWork>(worker);
    remote.current = wrapped;
    return () => {
      wrapped[releaseProxy]();
      worker.terminate();
    };
  }, []);

  const run = useCallback<StickWorker['run']>(async (task, work) => {
    if (!remote.current) throw new Error('expected the worker to have started');
    setUnderway({ task, share: 0 });
    try {
      return await work(
        remote.current,
        proxy((share: number) => setUnderway((now) => now && { ...now, share })),
      );
    } finally {
      setUnderway(null);
    }
  }, []);
  return { run, underway };
}
