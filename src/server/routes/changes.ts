import { Router, type Response } from 'express';
import type pg from 'pg';
import type { ChangeFeed } from '../database/changes';
import { inShop } from '../database/in-shop';
import { allow, signedIn } from '../middleware/session';
import { erasedSince } from '../repositories/owners';
import { Refusal } from '../services/refusal';
import type { SignedIn } from '../services/sessions';

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
  const streams = countStreams();
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
    const over = streams.open(personId);
    response.once('close', over);
    stream(feed, who, response, erased);
  });
  return router;
}

/** How many streams each person holds. */
function countStreams() {
  const open = new Map<string, number>();
  return {
    of: (personId: string): number => open.get(personId) ?? 0,
    /** Returns how to end it; a second time does nothing. */
    open(personId: string): () => void {
      let isOpen = true;
      open.set(personId, (open.get(personId) ?? 0) + 1);
      return () => {
        if (!isOpen) return;
        isOpen = false;
        const left = (open.get(personId) ?? 1) - 1;
        if (left > 0) open.set(personId, left);
        else open.delete(personId);
      };
    },
  };
}

function stream(feed: ChangeFeed, { me, personId }: SignedIn, response: Response, erased: readonly string[]): void {
  const send = (event: string, data: object) => response.write(`event: ${event}\ndata: ${JSON.stringify(data)}\n\n`);
  send('ready', { erased });
  const leave = feed.subscribe(me.shop.id, {
    onChange: ({ caseId, sequence }) => send('case', { id: caseId, sequence }),
    onGap: () => send('gap', {}),
    onErased: (of) => send('erased', { ids: of.erased }),
    onSignedOut: (who) => who.personId === personId && response.end(),
  });
  const heartbeat = setInterval(() => response.write(': still here\n\n'), heartbeatMs);
  const end = setTimeout(() => response.end(), longestMs);
  response.once('close', () => {
    leave();
    clearInterval(heartbeat);
    clearTimeout(end);
  });
}
