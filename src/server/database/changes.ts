import pg from 'pg';
import * as z from 'zod';
import type { Queryable } from './in-shop';
import { longestQueryMs } from './pool';

const channel = 'probe_changes';

const changeSchema = z.object({ shopId: z.uuid(), caseId: z.uuid(), sequence: z.number().int() });
/** A case grew. It says where to look, not what is there. */
export type CaseChange = z.infer<typeof changeSchema>;

/** Tells all app servers, once the transaction commits. */
export async function announceChange(db: Queryable, change: CaseChange): Promise<void> {
  await db.query('SELECT pg_notify($1, $2)', [channel, JSON.stringify(change)]);
}

export interface ChangeListener {
  readonly onChange: (change: CaseChange) => void;
  readonly onGap: () => void;
}

export interface ChangeFeed {
  /** Hears the changes of one shop; `onGap` when some may have been missed. Returns how to stop. */
  readonly subscribe: (shopId: string, listener: ChangeListener) => () => void;
  readonly close: () => Promise<void>;
}

const retryMs = 500;

/** Listens on a connection of its own and takes it up again whenever it breaks. */
export function createChangeFeed(connectionString: string, onError: (error: Error) => void): ChangeFeed {
  const listeners = new Set<{
    shopId: string;
    readonly onChange: (change: CaseChange) => void;
    readonly onGap: () => void;
  }>();
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
      const change = changeSchema.safeParse(parseJson(payload));
      if (!change.success) return;
      for (const listener of listeners) if (listener.shopId === change.data.shopId) listener.onChange(change.data);
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
      const own = { shopId, onChange: listener.onChange, onGap: listener.onGap };
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
