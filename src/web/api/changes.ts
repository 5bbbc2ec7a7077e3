import type { QueryClient } from '@tanstack/react-query';
import * as z from 'zod/mini';
import { forgetOwner, lastSequence, refreshCase } from './case-cache';

const wordSchema = z.discriminatedUnion('kind', [
  z.object({ kind: z.literal('case'), id: z.string(), sequence: z.number() }),
  /** The stream begins, or may have missed something. */
  z.object({ kind: z.literal('again') }),
  /** The owner of these cases was erased, now or while this device was away. */
  z.object({ kind: z.literal('erased'), ids: z.array(z.string()) }),
]);
type Word = z.infer<typeof wordSchema>;
const readySchema = z.object({ erased: z._default(z.array(z.string()), []) });

const listsAtMostEveryMs = 1000;
const retryMs = 5000;

/**
 * Follows the changes of the shop. One window of the browser holds the stream and passes it on to the others, as a browser
 * keeps only a few connections to one server. Returns how to stop.
 */
export function followChanges(client: QueryClient, onServerBack: () => void): () => void {
  const channel = new BroadcastChannel('probe-changes');
  const stop = new AbortController();
  const lists = refreshingLists(client);
  const hear = (word: Word) => {
    lists.refresh();
    if (word.kind === 'case') {
      const known = lastSequence(client, word.id);
      if (known !== null && known < word.sequence) void refreshCase(client, word.id);
      return;
    }
    if (word.kind === 'erased') {
      for (const id of word.ids) forgetOwner(client, id);
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
  const holdOn = async () => {
    for (;;) {
      await holdStream(say, stop.signal);
      if (stop.signal.aborted) return;
      await new Promise((resolve) => setTimeout(resolve, retryMs));
    }
  };
  // Browsers lend locks only over HTTPS or on the machine itself; without them each window holds a stream of its own.
  const locks = navigator.locks as LockManager | undefined;
  void (locks ? locks.request('probe-changes', { signal: stop.signal }, holdOn) : holdOn()).catch(() => undefined);
  return () => {
    stop.abort();
    lists.stop();
    channel.close();
  };
}

/** Reads the lists again, a moment later and once for all that came meanwhile. */
function refreshingLists(client: QueryClient) {
  let timer: ReturnType<typeof setTimeout> | undefined;
  return {
    refresh() {
      timer ??= setTimeout(() => {
        timer = undefined;
        void client.invalidateQueries({ queryKey: ['cases'] });
      }, listsAtMostEveryMs);
    },
    stop: () => clearTimeout(timer),
  };
}

/** Resolves once the stream is over: refused, or no longer wanted. */
function holdStream(say: (word: Word) => void, stop: AbortSignal): Promise<void> {
  return new Promise((resolve) => {
    const source = new EventSource('/api/changes');
    source.addEventListener('ready', ({ data }: MessageEvent<string>) => {
      say({ kind: 'again' });
      const { erased } = readySchema.parse(JSON.parse(data));
      if (erased.length > 0) say({ kind: 'erased', ids: erased });
    });
    source.addEventListener('erased', ({ data }: MessageEvent<string>) => {
      const word = wordSchema.safeParse({ kind: 'erased', ...(JSON.parse(data) as object) });
      if (word.success) say(word.data);
    });
    source.addEventListener('gap', () => say({ kind: 'again' }));
    source.addEventListener('case', ({ data }: MessageEvent<string>) => {
      const word = wordSchema.safeParse({ kind: 'case', ...(JSON.parse(data) as object) });
      if (word.success) say(word.data);
    });
    // A stream that was refused is not taken up again by the browser itself.
    source.onerror = () => {
      if (source.readyState === EventSource.CLOSED) resolve();
    };
    stop.addEventListener('abort', () => {
      source.close();
      resolve();
    });
  });
}
