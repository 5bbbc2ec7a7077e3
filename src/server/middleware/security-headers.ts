import { randomBytes } from 'node:crypto';
import type { RequestHandler, Response } from 'express';
import helmet from 'helmet';

/** The nonce that styles made at run time carry; a new one for each answer. */
export const styleNonce = (response: Response): string => response.locals['styleNonce'] as string;

/**
 * Nothing from outside, no inline script, no inline style without the nonce of this answer, no framing, no sniffing, no
 * referrer. Camera and microphone for this program alone: it hears beeps and watches lights. Strict transport only where
 * it is served over HTTPS.
 */
export function securityHeaders({ isSecure }: { isSecure: boolean }): RequestHandler {
  const headers = helmet({
    contentSecurityPolicy: {
      useDefaults: false,
      directives: {
        defaultSrc: ["'none'"],
        scriptSrc: ["'self'"],
        workerSrc: ["'self'"],
        styleSrc: ["'self'", (_request, response) => `'nonce-${styleNonce(response as Response)}'`],
        imgSrc: ["'self'", 'data:', 'blob:'],
        // A video of a light that is chosen from the device.
        mediaSrc: ['blob:'],
        fontSrc: ["'self'"],
        connectSrc: ["'self'"],
        manifestSrc: ["'self'"],
        baseUri: ["'none'"],
        formAction: ["'self'"],
        frameAncestors: ["'none'"],
      },
    },
    crossOriginOpenerPolicy: { policy: 'same-origin' },
    crossOriginResourcePolicy: { policy: 'same-origin' },
    referrerPolicy: { policy: 'no-referrer' },
    strictTransportSecurity: isSecure ? { maxAge: 31_536_000, includeSubDomains: true } : false,
  });
  return (request, response, next) => {
    response.locals['styleNonce'] = randomBytes(16).toString('base64');
    response.set('permissions-policy', 'camera=(self), microphone=(self), geolocation=(), payment=(), usb=()');
    headers(request, response, next);
  };
}

/** What the API says is for this person and this moment. */
export const noStore: RequestHandler = (_request, response, next) => {
  response.set('cache-control', 'no-store');
  next();
};
