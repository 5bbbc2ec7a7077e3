import { useCallback, useEffect, useRef, useState } from 'react';
import type { StickAnswer, StickRequest } from './stick.worker';

/** Omit that keeps the members of a union apart. */
type WithoutTicket<T> = T extends unknown ? Omit<T, 'ticket'> : never;
type Answered = Exclude<StickAnswer, { kind: 'progress' | 'refused' }>;

export interface StickWorker {
  /** Resolves with the answer; rejects with what was refused. */
  readonly ask: (request: WithoutTicket<StickRequest>) => Promise<Answered>;
  /** What is being done now, with the share that is done, 0 to 1; null while idle. */
  readonly underway: { readonly kind: StickRequest['kind']; readonly share: number } | null;
}

interface Waiting {
  readonly resolve: (answer: Answered) => void;
  readonly reject: (error: Error) => void;
}

/** Archives, images and sticks off the main thread. The image that was inspected stays in the worker. */
export function useStickWorker(): StickWorker {
  const worker = useRef<Worker | null>(null);
  const waiting = useRef(new Map<number, Waiting>());
  const ticket = useRef(0);
  const [underway, setUnderway] = useState<StickWorker['underway']>(null);

  useEffect(() => {
    const started = new Worker(new URL('./stick.worker.ts', import.meta.url), { type: 'module' });
    const asked = waiting.current;
    started.onmessage = ({ data }: MessageEvent<StickAnswer>) => {
      if (data.kind === 'progress') {
        setUnderway((now) => now && { ...now, share: data.share });
        return;
      }
      const one = asked.get(data.ticket);
      asked.delete(data.ticket);
      if (asked.size === 0) setUnderway(null);
      if (data.kind === 'refused') one?.reject(new Error(data.message));
      else one?.resolve(data);
    };
    worker.current = started;
    return () => {
      started.terminate();
      asked.clear();
    };
  }, []);

  const ask = useCallback((request: WithoutTicket<StickRequest>) => {
    ticket.current += 1;
    const own = ticket.current;
    setUnderway({ kind: request.kind, share: 0 });
    return new Promise<Answered>((resolve, reject) => {
      waiting.current.set(own, { resolve, reject });
      worker.current?.postMessage({ ...request, ticket: own });
    });
  }, []);
  return { ask, underway };
}
