import type { ErrorRequestHandler } from 'express';
import type pg from 'pg';
import type { Logger } from 'pino';
import { inShop } from '../database/in-shop';
import { Refusal } from '../services/refusal';
import { insertAuditOnce } from '../repositories/audit';
import { signedInOrNull } from './session';

const onceInMinutes = 10;

/** Puts what somebody tried and may not do into the audit of the shop, then lets the refusal go on. */
export function auditRefusals({
  pool,
  now,
  log,
}: {
  readonly pool: pg.Pool;
  readonly now: () => Date;
  readonly log: Logger;
}): ErrorRequestHandler {
  return async (error: unknown, _request, response, next) => {
    const who = signedInOrNull(response);
    const subject = error instanceof Refusal ? error.more.action : undefined;
    if (who && subject !== undefined) {
      const entry = { action: 'refused', personId: who.personId, subject } as const;
      await inShop(pool, who.me.shop.id, (db) => insertAuditOnce(db, entry, now(), onceInMinutes)).catch(
        (failure: unknown) => log.error({ err: failure }, 'a refusal could not be written into the audit'),
      );
    }
    next(error);
  };
}
