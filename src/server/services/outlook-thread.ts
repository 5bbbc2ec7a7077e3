import { Worker } from 'node:worker_threads';
import type { CaseEvent, CaseOutlook } from '../../core/casework';
import type { PartKind } from '../../core/machine';

/** What the thread is asked. */
export interface OutlookRequest {
  readonly events: readonly CaseEvent[];
  readonly shelfLacks: readonly PartKind[];
}

/** Judges one log; null for one that cannot be read. Failure: throws where the thread breaks down. */
export type Foresee = (events: readonly CaseEvent[], shelfLacks: readonly PartKind[]) => Promise<CaseOutlook | null>;

const idleMs = 30_000;

/** A thread that is there while there is work, and leaves its memory when there is none. */
export function createOutlookThread(file: URL): { readonly foresee: Foresee; readonly close: () => Promise<void> } {
  let thread: Worker | null = null;
  let idle: NodeJS.Timeout | undefined;
  const close = async () => {
    clearTimeout(idle);
    const leaving = thread;
    thread = null;
    await leaving?.terminate();
  };
  const foresee: Foresee = (events, shelfLacks) => {
    clearTimeout(idle);
    const own = (thread ??= new Worker(file));
    own.unref();
    return new Promise((resolve, reject) => {
      const answer = (outlook: CaseOutlook | null) => {
        done();
        resolve(outlook);
      };
      const fail = (error: Error) => {
        done();
        thread = null;
        reject(error);
      };
      const end = () => fail(new Error('outlook thread: expected an answer, found that it ended'));
      const done = () => {
        own.off('message', answer).off('error', fail).off('exit', end);
        idle = setTimeout(() => void close(), idleMs).unref();
      };
      own.on('message', answer).on('error', fail).on('exit', end);
      own.postMessage({ events, shelfLacks } satisfies OutlookRequest);
    });
  };
  return { foresee, close };
}
