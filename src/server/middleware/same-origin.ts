import type { Request, RequestHandler } from 'express';
import { Refusal } from '../services/refusal';

export interface WhereServed {
  /** The host under which people reach it, with its port unless that is the usual one; null where none is configured. */
  readonly publicHost: string | null;
  /** Proxies in front, whose word is taken for the host. */
  readonly trustedProxies: number;
}

const loopback = /^(localhost|127\.0\.0\.1|\[::1\])(:\d{1,5})?$/i;

/**
 * Refuses a request for another host: a name that somebody else points at this machine would make a browser take their
 * page for this one (DNS rebinding). Behind a proxy without a configured address any host is taken, as the proxy chooses
 * what it lets through.
 */
export function refuseOtherHosts(where: WhereServed): RequestHandler {
  return (request, _response, next) => {
    const host = hostOf(request);
    const isOwn =
      host !== null &&
      (loopback.test(host) || (where.publicHost === null ? where.trustedProxies > 0 : host === where.publicHost));
    if (!isOwn)
      throw new Refusal(421, 'other-host', 'The request is for another host', {
        detail: 'Set PUBLIC_URL to the address under which people reach Jovial Probe.',
      });
    next();
  };
}

/**
 * Refuses what another site makes a browser send. Browsers say where a request comes from; what says nothing is no
 * browser and carries nobody's cookie unasked. The cookie itself is SameSite=Strict.
 */
export const refuseForeign: RequestHandler = (request, _response, next) => {
  if (['GET', 'HEAD', 'OPTIONS'].includes(request.method)) {
    next();
    return;
  }
  const site = request.get('sec-fetch-site');
  const isForeign = (site !== undefined && site !== 'same-origin') || isOtherOrigin(request);
  if (isForeign) throw new Refusal(403, 'foreign-request', 'The request comes from another site');
  next();
};

/** As the browser or a trusted proxy names it, in small letters. */
const hostOf = (request: Request): string | null => (request.host as string | undefined)?.toLowerCase() ?? null;

function isOtherOrigin(request: Request): boolean {
  const origin = request.get('origin');
  if (origin === undefined) return false;
  return !URL.canParse(origin) || new URL(origin).host !== hostOf(request);
}
