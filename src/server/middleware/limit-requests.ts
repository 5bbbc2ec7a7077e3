import type { RequestHandler } from 'express';
import { RateLimiterMemory, RateLimiterRes } from 'rate-limiter-flexible';
import { counted } from '../../core/wording';
import { Refusal } from '../services/refusal';
import { signedIn } from './session';

const windowSeconds = 60;

/**
 * At most `perMinute` requests from one person, counted in this process: a counter in the database would cost each request
 * a write. Failure: 429 with the seconds to wait.
 */
export function limitRequests(perMinute: number): RequestHandler {
  const limiter = new RateLimiterMemory({ points: perMinute, duration: windowSeconds });
  return async (_request, response, next) => {
    try {
      await limiter.consume(signedIn(response).personId);
    } catch (error) {
      if (error instanceof RateLimiterRes) throw tooMany(error);
      throw error;
    }
    next();
  };
}

function tooMany({ msBeforeNext }: RateLimiterRes): Refusal {
  const seconds = Math.max(1, Math.ceil(msBeforeNext / 1000));
  return new Refusal(429, 'too-many-requests', 'Too many requests', {
    detail: `Too many requests at once. Wait ${counted(seconds, 'second')}.`,
    retryAfterSeconds: seconds,
  });
}
