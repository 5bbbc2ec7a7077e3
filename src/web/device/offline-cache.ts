import { createAsyncStoragePersister } from '@tanstack/query-async-storage-persister';
import {
  persistQueryClientRestore,
  persistQueryClientSubscribe,
  type PersistedClient,
  type Persister,
} from '@tanstack/query-persist-client-core';
import type { Query, QueryClient } from '@tanstack/react-query';
import { deviceDatabase } from './device-storage';

const day = 24 * 3_600_000;
/** The same as entries that wait may be old. */
const keptForMs = 7 * day;
const writeAfterMs = 400;
/** A browser whose storage does not answer must not keep the page blank. */
const longestWaitMs = 1500;
const maxCases = 20;
const maxCharacters = 6_000_000;
/** Another shape of what is kept throws away the old. */
const shape = '2';

/** Which queries are kept, by the first word of their key: what was opened, never what was only searched for. */
const isKept: Readonly<Record<string, (key: readonly unknown[]) => boolean>> = {
  session: () => true,
  case: () => true,
  cases: ([, , search]) => search === '',
  boards: () => true,
  board: () => true,
  shelf: () => true,
};

/** A session in which nobody is signed in is never remembered: somebody may be by now. */
const isNobody = (data: unknown): boolean =>
  typeof data === 'object' && data !== null && 'me' in data && data.me === null;

const isWorthKeeping = ({ queryKey, state }: Query): boolean =>
  (isKept[String(queryKey[0])]?.(queryKey) ?? false) &&
  state.data !== undefined &&
  !isNobody(state.data) &&
  Date.now() - state.dataUpdatedAt < keptForMs;

const wellRead = { status: 'success', error: null, fetchFailureCount: 0, fetchFailureReason: null } as const;

/**
 * The newest first, up to the limits of cases and characters. What was read is kept as it was read: that
 * the server did not answer when it was asked again is no part of it.
 */
function serialize({ timestamp, buster, clientState }: PersistedClient): string {
  const newestFirst = clientState.queries.toSorted((a, b) => b.state.dataUpdatedAt - a.state.dataUpdatedAt);
  const texts: string[] = [];
  let room = maxCharacters;
  let cases = 0;
  for (const query of newestFirst) {
    if (query.queryKey[0] === 'case' && ++cases > maxCases) continue;
    const text = JSON.stringify({ ...query, state: { ...query.state, ...wellRead } });
    room -= text.length;
    if (room < 0) break;
    texts.push(text);
  }
  const head = JSON.stringify({ timestamp, buster }).slice(0, -1);
  return `${head},"clientState":{"mutations":[],"queries":[${texts.join(',')}]}}`;
}

const persister: Persister = createAsyncStoragePersister({
  key: 'answers',
  throttleTime: writeAfterMs,
  serialize,
  storage: {
    getItem: async (key) => (await (await deviceDatabase()).get('answers', key)) ?? null,
    setItem: async (key, value) => (await deviceDatabase()).put('answers', value, key),
    removeItem: async (key) => (await deviceDatabase()).delete('answers', key),
  },
});

/**
 * Puts what was last read into the client, so that a page loaded without the server shows it, and keeps from then on what
 * is read. Gives up on a storage that does not answer.
 */
export async function restoreAnswers(client: QueryClient): Promise<() => void> {
  let timer: ReturnType<typeof setTimeout> | undefined;
  const late = new Promise<undefined>((resolve) => {
    timer = setTimeout(() => resolve(undefined), longestWaitMs);
  });
  // Too late the page has asked for itself, and somebody else may be signed in.
  const inTime: Persister = {
    ...persister,
    restoreClient: () => Promise.race([Promise.resolve(persister.restoreClient()).catch(() => undefined), late]),
  };
  await persistQueryClientRestore({ queryClient: client, persister: inTime, maxAge: keptForMs, buster: shape }).catch(
    () => undefined,
  );
  clearTimeout(timer);
  // Shown at once, and asked for again where the server is there.
  await client.invalidateQueries({ refetchType: 'none' });
  return persistQueryClientSubscribe({
    queryClient: client,
    persister,
    buster: shape,
    dehydrateOptions: { shouldDehydrateQuery: isWorthKeeping, shouldDehydrateMutation: () => false },
  });
}

/** What the last person read leaves the device, whatever becomes of the tab. */
export async function forgetAnswers(): Promise<void> {
  await Promise.resolve(persister.removeClient()).catch(() => undefined);
}
