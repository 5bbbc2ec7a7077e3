import { counted } from '../../core/wording';
import type pg from 'pg';
import { inTransaction, type Queryable } from '../database/in-shop';
import { Refusal } from './refusal';
import { countTry, forgiveTry } from '../repositories/sign-in-failures';
import { hashSecret } from './secrets';

/** The first attempts are free; each further one doubles the wait. An address is shared by all who work behind it. */
const freeAttempts = { login: 5, from: 60, code: 20 } as const;

/** What a try is counted against: a sign-in name, an address, or codes from an address. */
export type TryKey = readonly [kind: keyof typeof freeAttempts, what: string];

export interface Attempts {
  /** Counts attempts before they are judged. Failure: 429 with the seconds to wait. */
  count(...keys: readonly TryKey[]): Promise<void>;
  /** The try was right: it is taken back. */
  forgive(db: Queryable, ...keys: readonly TryKey[]): Promise<void>;
}

export function createAttempts(pool: pg.Pool, now: () => Date): Attempts {
  const hashOf = ([kind, what]: TryKey) => hashSecret(`${kind} ${what}`);
  return {
    async count(...keys) {
      const waits = await inTransaction(pool, async (db) => {
        const each: number[] = [];
        for (const key of keys) each.push((await countTry(db, hashOf(key), freeAttempts[key[0]], now())) ?? 0);
        return each;
      });
      const seconds = Math.max(...waits);
      if (seconds > 0)
        throw new Refusal(429, 'too-many-attempts', 'Too many attempts', {
          detail: `Wait ${counted(seconds, 'second')} and try again.`,
          retryAfterSeconds: seconds,
        });
    },
    async forgive(db, ...keys) {
      for (const key of keys) await forgiveTry(db, hashOf(key), { isShared: key[0] !== 'login' });
    },
  };
}
