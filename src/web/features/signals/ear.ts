import { releaseProxy, wrap } from 'comlink';
import type { EarWork, Heard } from '../../workers/ear.worker';

/** Hears recordings in a worker: one at a time, and of those that come meanwhile only the newest. */
export interface EarQueue {
  readonly hear: (work: (ear: EarWorker) => Promise<Heard>) => void;
  readonly forgetWaiting: () => void;
  readonly close: () => void;
}

type EarWorker = ReturnType<typeof wrap<EarWork>>;

interface Listeners {
  readonly onHeard: (heard: Heard) => void;
  readonly onProblem: (words: string) => void;
  readonly onBusy: (isBusy: boolean) => void;
}

const stopped = 'This part of Jovial Probe stopped: it was updated, or the device has no memory left. Try again.';

export function openEar({ onHeard, onProblem, onBusy }: Listeners): EarQueue {
  let open: { readonly ear: EarWorker; readonly end: () => void } | null = null;
  let waiting: ((ear: EarWorker) => Promise<Heard>) | null = null;
  let isWorking = false;
  let isClosed = false;

  function worker(): EarWorker {
    if (open) return open.ear;
    const started = new Worker(new URL('../../workers/ear.worker.ts', import.meta.url), { type: 'module' });
    const ear = wrap<EarWork>(started);
    started.onerror = () => {
      open = null;
      started.terminate();
      onProblem(stopped);
      done();
    };
    const end = () => {
      ear[releaseProxy]();
      started.terminate();
    };
    open = { ear, end };
    return ear;
  }

  function done(): void {
    isWorking = false;
    const next = waiting;
    waiting = null;
    if (next) hear(next);
    else onBusy(false);
  }

  function hear(work: (ear: EarWorker) => Promise<Heard>): void {
    if (isClosed) return;
    if (isWorking) {
      waiting = work;
      return;
    }
    isWorking = true;
    onBusy(true);
    work(worker()).then(
      (heard) => {
        onHeard(heard);
        done();
      },
      (error: unknown) => {
        onProblem(error instanceof Error ? error.message : 'The recording cannot be read.');
        done();
      },
    );
  }

  return {
    hear,
    forgetWaiting: () => {
      waiting = null;
    },
    close: () => {
      isClosed = true;
      open?.end();
      open = null;
    },
  };
}
