import cookieParser from 'cookie-parser';
import type { CookieOptions, Request, RequestHandler, Response } from 'express';
import type { Action } from '../../contracts';
import { refuseUnlessMay } from '../services/actor';
import { Refusal } from '../services/refusal';
import { absoluteHours, type SignedIn } from '../services/sessions';
import type { SignInService } from '../services/sign-in-service';

export interface CookieSettings {
  /** Served over HTTPS: the cookie is never sent otherwise. */
  readonly isSecure: boolean;
}

/** The prefix binds the cookie to this very host. */
const cookieName = ({ isSecure }: CookieSettings): string => (isSecure ? '__Host-probe' : 'probe');

const options = ({ isSecure }: CookieSettings): CookieOptions => ({
  httpOnly: true,
  sameSite: 'strict',
  secure: isSecure,
  path: '/',
});

export function setSessionCookie(response: Response, token: string, settings: CookieSettings): void {
  response.cookie(cookieName(settings), token, { ...options(settings), maxAge: absoluteHours * 3_600_000 });
}

/** Holds no right: it only says that somebody signed in on this device before. It outlives sessions. */
const deviceCookie = ({ isSecure }: CookieSettings): string => (isSecure ? '__Host-probe-device' : 'probe-device');
const deviceDays = 365;

export function setDeviceCookie(response: Response, device: string, settings: CookieSettings): void {
  response.cookie(deviceCookie(settings), device, { ...options(settings), maxAge: deviceDays * 24 * 3_600_000 });
}

export function deviceOf(request: Request, settings: CookieSettings): string | null {
  const device: unknown = (request.cookies as Record<string, unknown>)[deviceCookie(settings)];
  return typeof device === 'string' && /^[\w-]{43}$/.test(device) ? device : null;
}

export function clearSessionCookie(response: Response, settings: CookieSettings): void {
  response.clearCookie(cookieName(settings), options(settings));
}

export const readCookies: RequestHandler = cookieParser();

/** Finds out who asks; a request without a session goes on as nobody. */
export function loadSession(signIn: SignInService, settings: CookieSettings): RequestHandler {
  return async (request, response, next) => {
    const token: unknown = (request.cookies as Record<string, unknown>)[cookieName(settings)];
    const isToken = typeof token === 'string' && /^[\w-]{43}$/.test(token);
    response.locals['signedIn'] = isToken ? await signIn.who(token) : null;
    next();
  };
}

export const signedInOrNull = (response: Response): SignedIn | null =>
  (response.locals['signedIn'] as SignedIn | null | undefined) ?? null;

/** Who asks. Failure: 401 if nobody is signed in. */
export function signedIn(response: Response): SignedIn {
  const who = signedInOrNull(response);
  if (!who) throw new Refusal(401, 'not-signed-in', 'You are not signed in', { detail: 'Sign in and try again.' });
  return who;
}

/** Lets through who may do it. Failure: 401 or 403. */
export const allow =
  (action: Action): RequestHandler =>
  (_request, response, next) => {
    refuseUnlessMay(signedIn(response), action);
    next();
  };
