import pg from 'pg';
import * as z from 'zod';
import type { Queryable } from './in-shop';
import { longestQueryMs } from './pool';

const channel = 'probe_changes';

const changeSchema = z.object({ shopId: z.uuid(), caseId: z.uuid(), sequence: z.number().int() });
/** A case grew. It says where to look, not what is there. */
export type CaseChange = z.infer<typeof changeSchema>;
const changesSchema = z.object({ changes: z.array(changeSchema) });

const signedOutSchema = z.object({ shopId: z.uuid(), personId: z.uuid() });
/** Somebody was signed out everywhere: the account was closed, its role or its password changed. */
export type SignedOut = z.infer<typeof signedOutSchema>;

/** Tells all app servers, once the transaction commits. */
export async function announceSignedOut(db: Queryable, who: SignedOut): Promise<void> {
  await db.query('SELECT pg_notify($1, $2)', [channel, JSON.stringify(who)]);
}

const erasedSchema = z.object({ shopId: z.uuid(), erased: z.array(z.uuid()) });
/** The owner of these cases was erased: what shows the name has to be read again. */
export type Erased = z.infer<typeof erasedSchema>;
export async function announceErased(db: Queryable, { shopId, erased }: Erased): Promise<void> {
  for (let from = 0; from < erased.length; from += idsInOne)
    await db.query('SELECT pg_notify($1, $2)', [
      channel,
      JSON.stringify({ shopId, erased: erased.slice(from, from + idsInOne) }),
    ]);
}

export interface ChangeListener {
  readonly onChange: (change: CaseChange) => void;
  readonly onGap: () => void;
  readonly onSignedOut: (who: SignedOut) => void;
  readonly onErased: (of: Erased) => void;
}

export interface ChangeFeed {
  /**
   * Tells all app servers of a change that is committed, a moment later and together with others: PostgreSQL lets only one
   * transaction at a time commit that has something to tell, so that writers would wait for one another.
   */
  readonly announce: (change: CaseChange) => void;
  /** Hears the changes of one shop; `onGap` when some may have been missed. Returns how to stop. */
  readonly subscribe: (shopId: string, listener: ChangeListener) => () => void;
  readonly close: () => Promise<void>;
}

const newsSchema = z.union([changesSchema, signedOutSchema, erasedSchema]);
const retryMs = 500;
const gatherMs = 25;
/** A notification has room for 8000 bytes. */
const changesInOne = 50;
const idsInOne = 150;

/** Listens on a connection of its own and takes it up again whenever it breaks. */
export function createChangeFeed(connectionString: string, onError: (error: Error) => void): ChangeFeed {
  const listeners = new Set<ChangeListener & { readonly shopId: string }>();
  let client: pg.Client | null = null;
  let isClosed = false;
  let retry: NodeJS.Timeout | undefined;
  const outgoing = createOutgoing(() => client, onError);

  const connect = async (): Promise<void> => {
    const next = new pg.Client({
      connectionString,
      application_name: 'probe changes',
      connectionTimeoutMillis: 4000,
      query_timeout: longestQueryMs,
      keepAlive: true,
    });
    let isLost = false;
    const lose = (error?: Error) => {
      if (isLost) return;
      isLost = true;
      if (error && !isClosed) onError(error);
      client = null;
      void next.end().catch(() => undefined);
      if (!isClosed) retry = setTimeout(() => void connect(), retryMs);
    };
    next.on('error', lose);
    next.on('end', () => lose());
    next.on('notification', ({ payload }) => {
      const news = newsSchema.safeParse(parseJson(payload));
      if (news.success) tell(listeners, news.data);
    });
    try {
      await next.connect();
      await next.query(`LISTEN ${channel}`);
      client = next;
      for (const listener of listeners) listener.onGap();
      outgoing.flush();
    } catch (error) {
      lose(error instanceof Error ? error : new Error(String(error)));
    }
  };
  void connect();

  return {
    announce: outgoing.add,
    subscribe(shopId, listener) {
      const own = { shopId, ...listener };
      listeners.add(own);
      return () => listeners.delete(own);
    },
    close: async () => {
      isClosed = true;
      clearTimeout(retry);
      outgoing.flush();
      await client?.end().catch(() => undefined);
    },
  };
}

type Listeners = Iterable<ChangeListener & { readonly shopId: string }>;

function tell(listeners: Listeners, news: z.infer<typeof newsSchema>): void {
  for (const listener of listeners)
    if ('changes' in news)
      for (const change of news.changes) {
        if (change.shopId === listener.shopId) listener.onChange(change);
      }
    else if (news.shopId === listener.shopId) {
      if ('personId' in news) listener.onSignedOut(news);
      else listener.onErased(news);
    }
}

/** Changes that are told together; while the connection is broken they wait for the next. Of a case only the last counts. */
function createOutgoing(connection: () => pg.Client | null, onError: (error: Error) => void) {
  let waiting = new Map<string, CaseChange>();
  let timer: NodeJS.Timeout | undefined;
  const flush = () => {
    clearTimeout(timer);
    timer = undefined;
    const client = connection();
    if (!client || waiting.size === 0) return;
    const changes = [...waiting.values()];
    waiting = new Map();
    for (let from = 0; from < changes.length; from += changesInOne)
      client
        .query('SELECT pg_notify($1, $2)', [
          channel,
          JSON.stringify({ changes: changes.slice(from, from + changesInOne) }),
        ])
        .catch((error: unknown) => onError(error instanceof Error ? error : new Error(String(error))));
  };
  return {
    add: (change: CaseChange): void => {
      waiting.set(change.caseId, change);
      timer ??= setTimeout(flush, gatherMs);
    },
    flush,
  };
}

function parseJson(text: string | undefined): unknown {
  try {
    return JSON.parse(text ?? '');
  } catch {
    return null;
  }
}
