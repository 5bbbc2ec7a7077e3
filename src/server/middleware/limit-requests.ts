import type { RequestHandler } from 'express';
import { RateLimiterMemory, RateLimiterRes } from 'rate-limiter-flexible';
import { counted } from '../../core/wording';
import { Refusal } from '../services/refusal';
import { addressOf } from './address-of';
import { countByPerson } from './count-by-person';
import { signedIn } from './session';

const windowSeconds = 60;
/** Requests of one person at the same moment: more would keep the connections to the database from all others. */
const maxUnderWay = 24;

/**
 * At most `perMinute` requests from one person, and at most `maxUnderWay` at the same moment, counted in this process: a
 * counter in the database would cost each request a write. Failure: 429 with the seconds to wait.
 */
export function limitRequests(perMinute: number): RequestHandler {
  const limiter = new RateLimiterMemory({ points: perMinute, duration: windowSeconds });
  const underWay = countByPerson();
  return async (request, response, next) => {
    const { personId } = signedIn(response);
    await consume(limiter, personId);
    // Who left meanwhile sends no 'close' any more, and would count for ever.
    if (response.destroyed || request.socket.destroyed) return;
    // Streams stay open and are counted where they are made.
    if (request.path !== '/changes') {
      if (underWay.of(personId) >= maxUnderWay) throw tooMany(1);
      response.once('close', underWay.begin(personId));
    }
    next();
  };
}

/** The same for those who have no account: counted by where they ask from. */
export function limitByAddress(perMinute: number): RequestHandler {
  const limiter = new RateLimiterMemory({ points: perMinute, duration: windowSeconds });
  return async (request, _response, next) => {
    await consume(limiter, addressOf(request));
    next();
  };
}

async function consume(limiter: RateLimiterMemory, key: string): Promise<void> {
  try {
    await limiter.consume(key);
  } catch (error) {
    if (error instanceof RateLimiterRes) throw tooMany(Math.ceil(error.msBeforeNext / 1000));
    throw error;
  }
}

function tooMany(secondsToWait: number): Refusal {
  const seconds = Math.max(1, secondsToWait);
  return new Refusal(429, 'too-many-requests', 'Too many requests', {
    detail: `Too many requests at once. Wait ${counted(seconds, 'second')}.`,
    retryAfterSeconds: seconds,
  });
}
