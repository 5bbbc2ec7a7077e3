import type { QueryClient } from '@tanstack/react-query';
import * as z from 'zod';
import { lastSequence, refreshCase } from './case-cache';

const wordSchema = z.discriminatedUnion('kind', [
  z.object({ kind: z.literal('case'), id: z.string(), sequence: z.number() }),
  /** The stream begins, or may have missed something. */
  z.object({ kind: z.literal('again') }),
]);
type Word = z.infer<typeof wordSchema>;

const listsAtMostEveryMs = 1000;

/**
 * Follows the changes of the shop. One window of the browser holds the stream and tells the others, as a browser keeps
 * only a few connections to one server. Returns how to stop.
 */
export function followChanges(client: QueryClient, onServerBack: () => void): () => void {
  const channel = new BroadcastChannel('probe-changes');
  const stop = new AbortController();
  let listsTimer: ReturnType<typeof setTimeout> | undefined;
  const refreshLists = () => {
    listsTimer ??= setTimeout(() => {
      listsTimer = undefined;
      void client.invalidateQueries({ queryKey: ['cases'] });
    }, listsAtMostEveryMs);
  };
  const hear = (word: Word) => {
    refreshLists();
    if (word.kind === 'case') {
      const known = lastSequence(client, word.id);
      if (known !== null && known < word.sequence) void refreshCase(client, word.id);
      return;
    }
    void client.invalidateQueries({ queryKey: ['case'] });
    onServerBack();
  };
  channel.onmessage = ({ data }) => {
    const word = wordSchema.safeParse(data);
    if (word.success) hear(word.data);
  };
  const say = (word: Word) => {
    channel.postMessage(word);
    hear(word);
  };
  const hold = () =>
    new Promise<void>((resolve) => {
      const source = new EventSource('/api/changes');
      source.addEventListener('ready', () => say({ kind: 'again' }));
      source.addEventListener('gap', () => say({ kind: 'again' }));
      source.addEventListener('case', ({ data }: MessageEvent<string>) => {
        const word = wordSchema.safeParse({ kind: 'case', ...(JSON.parse(data) as object) });
        if (word.success) say(word.data);
      });
      // A stream that was refused is not taken up again by the browser itself.
      source.onerror = () => {
        if (source.readyState === EventSource.CLOSED) resolve();
      };
      stop.signal.addEventListener('abort', () => {
        source.close();
        resolve();
      });
    });
  const retryMs = 5000;
  const holdOn = async () => {
    for (;;) {
      await hold();
      if (stop.signal.aborted) return;
      await new Promise((resolve) => setTimeout(resolve, retryMs));
    }
  };
  // Browsers lend locks only over HTTPS or on the machine itself; without them each window holds a stream of its own.
  const locks = navigator.locks as LockManager | undefined;
  void (locks ? locks.request('probe-changes', { signal: stop.signal }, holdOn) : holdOn()).catch(() => undefined);
  return () => {
    stop.abort();
    clearTimeout(listsTimer);
    channel.close();
  };
}
