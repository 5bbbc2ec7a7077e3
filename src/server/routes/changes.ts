import { Router, type Response } from 'express';
import type pg from 'pg';
import type { ChangeFeed } from '../database/changes';
import { inShop } from '../database/in-shop';
import { countByPerson } from '../middleware/count-by-person';
import { allow, signedIn } from '../middleware/session';
import { erasedSince } from '../repositories/owners';
import { Refusal } from '../services/refusal';

const heartbeatMs = 20_000;
/** A stream ends after this long and is asked for again: by then the session may be over. */
const longestMs = 10 * 60_000;
const maxPerPerson = 20;

/** For so long a device may keep what it read. */
const keptOnDevicesMs = 7 * 24 * 3_600_000;

export interface ChangeSources {
  readonly feed: ChangeFeed;
  readonly pool: pg.Pool;
  readonly now: () => Date;
}

/**
 * /api/changes: server-sent events, one whenever a case of the shop grows, or its owner is erased. The first says which
 * owners were erased while a device may have been away.
 */
export function changeRoutes({ feed, pool, now }: ChangeSources): Router {
  const router = Router();
  const streams = countByPerson();
  const broadcast = createBroadcast(feed);
  router.get('/', allow('read'), async (request, response) => {
    const who = signedIn(response);
    const { personId } = who;
    const since = new Date(now().getTime() - keptOnDevicesMs);
    const erased = await inShop(pool, who.me.shop.id, (db) => erasedSince(db, since));
    // Who left while the session was being looked up sends no 'close' any more.
    if (response.destroyed || request.socket.destroyed) return;
    if (streams.of(personId) >= maxPerPerson)
      throw new Refusal(429, 'too-many-streams', 'Too many windows listen for changes');
    response.writeHead(200, {
      'content-type': 'text/event-stream',
      'cache-control': 'no-store',
      'x-accel-buffering': 'no',
    });
    if (request.method === 'HEAD') return void response.end();
    response.once('close', streams.begin(personId));
    response.write(message('ready', { erased }));
    keepOpen(response, broadcast.join(who.me.shop.id, { personId, response }));
  });
  return router;
}

/** Each shop's news go out together: a stream for each of very many windows is written to a few times a second. */
const gatherMs = 200;

interface Window {
  readonly personId: string;
  readonly response: Response;
}

/** Hears the feed once for each shop that has a window open, and tells its windows. */
function createBroadcast(feed: ChangeFeed) {
  const shops = new Map<string, { readonly windows: Set<Window>; readonly leave: () => void }>();
  const listen = (shopId: string) => {
    const windows = new Set<Window>();
    let news = '';
    let timer: NodeJS.Timeout | undefined;
    const flush = () => {
      timer = undefined;
      flushedAt = Date.now();
      const bytes = Buffer.from(news);
      news = '';
      for (const { response } of windows) response.write(bytes);
    };
    let flushedAt = 0;
    // What comes after a quiet moment goes out at once.
    const tell = (event: string, data: object) => {
      news += message(event, data);
      timer ??= setTimeout(flush, Math.max(0, flushedAt + gatherMs - Date.now()));
    };
    const leave = feed.subscribe(shopId, {
      onChange: ({ caseId, sequence }) => tell('case', { id: caseId, sequence }),
      onGap: () => tell('gap', {}),
      onErased: ({ erased }) => tell('erased', { ids: erased }),
      onSignedOut: (who) => {
        for (const { personId, response } of windows) if (personId === who.personId) response.end();
      },
    });
    return {
      windows,
      leave: () => {
        clearTimeout(timer);
        leave();
      },
    };
  };
  return {
    join(shopId: string, window: Window): () => void {
      const shop = shops.get(shopId) ?? listen(shopId);
      shops.set(shopId, shop);
      shop.windows.add(window);
      return () => {
        shop.windows.delete(window);
        if (shop.windows.size > 0) return;
        shop.leave();
        shops.delete(shopId);
      };
    },
  };
}

const message = (event: string, data: object): string => `event: ${event}\ndata: ${JSON.stringify(data)}\n\n`;

function keepOpen(response: Response, leave: () => void): void {
  const heartbeat = setInterval(() => response.write(': still here\n\n'), heartbeatMs);
  const end = setTimeout(() => response.end(), longestMs);
  response.once('close', () => {
    leave();
    clearInterval(heartbeat);
    clearTimeout(end);
  });
}
