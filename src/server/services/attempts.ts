import type pg from 'pg';
import { counted } from '../../core/wording';
import { inTransaction } from '../database/in-shop';
import { countFailure, forgetFailures, readWait } from '../repositories/sign-in-failures';
import { Refusal } from './refusal';
import { hashSecret } from './secrets';

/** The first failures are free; each further one doubles the wait. An address is shared by all who work behind it. */
const freeFailures = { pair: 5, from: 60, device: 10, person: 5, code: 20 } as const;

/**
 * What a failure is counted against: a sign-in name together with an address, an address, a device that signed in before,
 * a person who is signed in, or codes from an address. Never a sign-in name alone: who guesses from many addresses would
 * keep its owner out.
 */
export type AttemptKey = readonly [kind: keyof typeof freeFailures, what: string];

export interface Attempts {
  /**
   * Judges one attempt, unless it has to wait. The first key is what it is about: only a few attempts at it are judged at
   * a time, so that many at once do not slip through, and a right one clears it. Failure: 429 with the seconds to wait;
   * what `judge` throws.
   * @param judge null where the attempt was wrong
   */
  judge<T>(keys: readonly [AttemptKey, ...AttemptKey[]], judge: () => Promise<T | null>): Promise<T | null>;
}

const atATime = 4;

export function createAttempts(pool: pg.Pool, now: () => Date): Attempts {
  const lanes = createLanes(atATime);
  const hashOf = ([kind, what]: AttemptKey) => hashSecret(`${kind} ${what}`);
  return {
    judge: (keys, judge) =>
      lanes.run(hashOf(keys[0]), async () => {
        const seconds = await inTransaction(pool, (db) => readWait(db, keys.map(hashOf), now()));
        if (seconds > 0) throw tooMany(seconds);
        const right = await judge();
        await inTransaction(pool, async (db) => {
          if (right !== null) return forgetFailures(db, hashOf(keys[0]));
          for (const key of keys) await countFailure(db, hashOf(key), freeFailures[key[0]], now());
        });
        return right;
      }),
  };
}

const tooMany = (seconds: number) =>
  new Refusal(429, 'too-many-attempts', 'Too many attempts', {
    detail: `Wait ${counted(seconds, 'second')} and try again.`,
    retryAfterSeconds: seconds,
  });

/** Runs what belongs to one key a few at a time, in order. */
function createLanes(width: number) {
  const lanes = new Map<string, { running: number; readonly waiting: (() => void)[] }>();
  return {
    async run<T>(key: string, work: () => Promise<T>): Promise<T> {
      const lane = lanes.get(key) ?? { running: 0, waiting: [] };
      lanes.set(key, lane);
      if (lane.running >= width) await new Promise<void>((resolve) => lane.waiting.push(resolve));
      else lane.running += 1;
      try {
        return await work();
      } finally {
        const next = lane.waiting.shift();
        if (next) next();
        else if (--lane.running === 0) lanes.delete(key);
      }
    },
  };
}
