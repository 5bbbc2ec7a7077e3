import pg from 'pg';
import * as z from 'zod';
import type { Queryable } from './in-shop';
import { longestQueryMs } from './pool';

const channel = 'probe_changes';

const changeSchema = z.object({ shopId: z.uuid(), caseId: z.uuid(), sequence: z.number().int() });
/** A case grew. It says where to look, not what is there. */
export type CaseChange = z.infer<typeof changeSchema>;

const signedOutSchema = z.object({ shopId: z.uuid(), personId: z.uuid() });
/** Somebody was signed out everywhere: the account was closed, its role or its password changed. */
export type SignedOut = z.infer<typeof signedOutSchema>;

/** Tells all app servers, once the transaction commits. */
export async function announceChange(db: Queryable, change: CaseChange): Promise<void> {
  await db.query('SELECT pg_notify($1, $2)', [channel, JSON.stringify(change)]);
}

/** The same of who was signed out. */
export async function announceSignedOut(db: Queryable, who: SignedOut): Promise<void> {
  await db.query('SELECT pg_notify($1, $2)', [channel, JSON.stringify(who)]);
}

const erasedSchema = z.object({ shopId: z.uuid(), erased: z.array(z.uuid()) });
/** The owner of these cases was erased: what shows the name has to be read again. */
export type Erased = z.infer<typeof erasedSchema>;
/** A notification has room for 8000 bytes. */
const idsInOne = 150;

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
  /** Hears the changes of one shop; `onGap` when some may have been missed. Returns how to stop. */
  readonly subscribe: (shopId: string, listener: ChangeListener) => () => void;
  readonly close: () => Promise<void>;
}

const newsSchema = z.union([changeSchema, signedOutSchema, erasedSchema]);
const retryMs = 500;

/** Listens on a connection of its own and takes it up again whenever it breaks. */
export function createChangeFeed(connectionString: string, onError: (error: Error) => void): ChangeFeed {
  const listeners = new Set<ChangeListener & { readonly shopId: string }>();
  let client: pg.Client | null = null;
  let isClosed = false;
  let retry: NodeJS.Timeout | undefined;

  const connect = async (): Promise<void> => {
    const next = new pg.Client({
      connectionString,
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
      if (!news.success) return;
      const { data } = news;
      for (const listener of listeners) {
        if (listener.shopId !== data.shopId) continue;
        if ('caseId' in data) listener.onChange(data);
        else if ('personId' in data) listener.onSignedOut(data);
        else listener.onErased(data);
      }
    });
    try {
      await next.connect();
      await next.query(`LISTEN ${channel}`);
      client = next;
      for (const listener of listeners) listener.onGap();
    } catch (error) {
      lose(error instanceof Error ? error : new Error(String(error)));
    }
  };
  void connect();

  return {
    subscribe(shopId, listener) {
      const own = { shopId, ...listener };
      listeners.add(own);
      return () => listeners.delete(own);
    },
    async close() {
      isClosed = true;
      clearTimeout(retry);
      await client?.end().catch(() => undefined);
    },
  };
}

function parseJson(text: string | undefined): unknown {
  try {
    return JSON.parse(text ?? '');
  } catch {
    return null;
  }
}
