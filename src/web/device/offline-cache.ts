import type { QueryClient } from '@tanstack/react-query';
import { deviceDatabase } from './device-storage';

/** What is needed to go on working while the server is away. */
const kept = new Set(['session', 'case', 'cases', 'boards', 'board']);
const keptForMs = 7 * 24 * 3_600_000;
const writeAfterMs = 400;

/** A browser whose storage does not answer must not keep the page blank. */
const longestWaitMs = 1500;

/** Puts what was last read into the client, so that a page loaded without the server shows it; gives up after a moment. */
export async function restoreAnswers(client: QueryClient): Promise<void> {
  const late = new AbortController();
  const timer = setTimeout(() => late.abort(), longestWaitMs);
  const isLate = new Promise<void>((resolve) => late.signal.addEventListener('abort', () => resolve()));
  await Promise.race([readAnswers(client, late.signal), isLate]);
  clearTimeout(timer);
}

async function readAnswers(client: QueryClient, late: AbortSignal): Promise<void> {
  try {
    const answers = await (await deviceDatabase()).getAll('answers');
    // By now the page has asked for itself, and somebody else may be signed in.
    if (late.aborted) return;
    for (const { key, data, at } of answers)
      if (Date.now() - at < keptForMs) client.setQueryData(key, data, { updatedAt: at });
    // Shown at once, and asked for again where the server is there.
    await client.invalidateQueries({ refetchType: 'none' });
  } catch {
    // A device that keeps nothing works as long as the server is there.
  }
}

/** A session in which nobody is signed in is never remembered: somebody may be by now. */
const isNobody = (data: unknown): boolean =>
  typeof data === 'object' && data !== null && 'me' in data && data.me === null;

const nameOf = ({ queryKey }: { readonly queryKey: readonly unknown[] }): string => String(queryKey[0]);

/** Keeps what is read, a moment later; forgets what leaves the client, as when somebody signs out. */
export function keepAnswers(client: QueryClient): void {
  const timers = new Map<string, ReturnType<typeof setTimeout>>();
  client.getQueryCache().subscribe(({ type, query }) => {
    const name = query.queryHash;
    if (!kept.has(nameOf(query))) return;
    if (type === 'removed' || isNobody(query.state.data)) {
      clearTimeout(timers.get(name));
      timers.delete(name);
      void deviceDatabase()
        .then((db) => db.delete('answers', name))
        .catch(() => undefined);
      return;
    }
    if (type !== 'updated' || query.state.status !== 'success' || timers.has(name)) return;
    timers.set(
      name,
      setTimeout(() => {
        timers.delete(name);
        const { data, dataUpdatedAt } = query.state as { data: unknown; dataUpdatedAt: number };
        void deviceDatabase()
          .then((db) => db.put('answers', { key: query.queryKey as readonly unknown[], data, at: dataUpdatedAt }, name))
          .catch(() => undefined);
      }, writeAfterMs),
    );
  });
}
