import { Router } from 'express';
import {
  acceptInvitationSchema,
  changePasswordSchema,
  lookInvitationSchema,
  setUpSchema,
  signInSchema,
  type Session,
} from '../../contracts';
import { addressOf } from '../middleware/address-of';
import { parse } from '../middleware/parse';
import {
  clearSessionCookie,
  deviceOf,
  setDeviceCookie,
  setSessionCookie,
  signedIn,
  signedInOrNull,
  type CookieSettings,
} from '../middleware/session';
import type { SignInService } from '../services/sign-in-service';

export interface SessionRouteSettings extends CookieSettings {
  readonly demoAccounts: Session['demoAccounts'];
}

/** /api/session: signing in and out, one's password; the first lead; invitations. */
export function sessionRoutes(service: SignInService, settings: SessionRouteSettings): Router {
  const router = Router();
  router.get('/', async (_request, response) => {
    const session: Session = {
      me: signedInOrNull(response)?.me ?? null,
      needsSetUp: await service.needsSetUp(),
      demoAccounts: [...settings.demoAccounts],
    };
    response.json(session);
  });
  router.post('/', async (request, response) => {
    const { token, me, device } = await service.signIn(parse(signInSchema, request.body), {
      address: addressOf(request),
      device: deviceOf(request, settings),
    });
    // Rotation: whatever session the browser had before is over.
    const before = signedInOrNull(response);
    if (before) await service.signOut(before);
    setSessionCookie(response, token, settings);
    setDeviceCookie(response, device, settings);
    response.status(201).json(me);
  });
  router.delete('/', async (_request, response) => {
    const who = signedInOrNull(response);
    if (who) await service.signOut(who);
    clearSessionCookie(response, settings);
    response.status(204).end();
  });
  router.delete('/all', async (_request, response) => {
    await service.signOutEverywhere(signedIn(response));
    clearSessionCookie(response, settings);
    response.status(204).end();
  });
  router.put('/password', async (request, response) => {
    const body = parse(changePasswordSchema, request.body);
    const { token, me } = await service.changePassword(signedIn(response), body);
    setSessionCookie(response, token, settings);
    response.json(me);
  });
  router.post('/set-up', async (request, response) => {
    const { token, me } = await service.setUp(parse(setUpSchema, request.body), addressOf(request));
    setSessionCookie(response, token, settings);
    response.status(201).json(me);
  });
  router.post('/invitation', async (request, response) => {
    const { code } = parse(lookInvitationSchema, request.body);
    response.json(await service.lookInvitation(code, addressOf(request)));
  });
  router.post('/invitation/accept', async (request, response) => {
    const { token, me } = await service.acceptInvitation(
      parse(acceptInvitationSchema, request.body),
      addressOf(request),
    );
    setSessionCookie(response, token, settings);
    response.status(201).json(me);
  });
  return router;
}
