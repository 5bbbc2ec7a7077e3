import { newId } from '../stores/new-id';

/** What the queues of entries and of files have in common. */

export const firstRetryMs = 1000;
export const longestRetryMs = 15_000;

/** These say nothing of what was sent: the session is over, too much at once, or the server is at fault. */
export const isPassing = (status: number): boolean => status === 401 || status === 429 || status >= 500;

let count = 0;

/** A key behind all that were given before on this device. */
export const newQueueKey = (): string =>
  `${String(Date.now()).padStart(15, '0')}-${String(++count).padStart(6, '0')}-${newId()}`;

/** Calls back after some milliseconds; returns how to cancel it. */
export function later(work: () => void, ms: number): () => void {
  const timer = setTimeout(work, ms);
  return () => clearTimeout(timer);
}
