import express, { type Express, type Response } from 'express';
import type pg from 'pg';
import type { Logger } from 'pino';
import type { Session } from '../contracts';
import { createAttachmentService, createSweeps } from './services/attachment-service';
import { createBoardService } from './services/board-service';
import { createCaseExports } from './services/case-exports';
import { createCaseLogs } from './services/case-logs';
import { createCaseService, type CaseServiceDependencies } from './services/case-service';
import type { ChangeFeed } from './database/changes';
import { auditRefusals } from './middleware/audit-refusals';
import { notFound, problemHandler } from './middleware/problems';
import { compressed } from './middleware/compressed';
import { limitRequests } from './middleware/limit-requests';
import { logRequests } from './middleware/request-log';
import { noStore, securityHeaders } from './middleware/security-headers';
import { refuseForeign, refuseOtherHosts } from './middleware/same-origin';
import { readCookies, loadSession, signedIn } from './middleware/session';
import { createOwnerDoor } from './services/owner-door';
import { createOwnerLinkService } from './services/owner-link-service';
import type { Outlooks } from './services/outlooks';
import { createPeopleService } from './services/people-service';
import { attachmentRoutes } from './routes/attachments';
import { boardRoutes } from './routes/boards';
import { caseRoutes } from './routes/cases';
import { changeRoutes } from './routes/changes';
import { healthRoutes } from './routes/health';
import { ownerDoorRoutes, ownerLinkRoutes } from './routes/owner-links';
import { auditRoutes, ownerRoutes, peopleRoutes } from './routes/people';
import { sessionRoutes } from './routes/session';
import { shelfRoutes } from './routes/shelf';
import { shopRoutes } from './routes/shop';
import { webPages } from './routes/web-pages';
import type { SignedIn } from './services/sessions';
import { createShelfService } from './services/shelf-service';
import { createShopService } from './services/shop-service';
import { createSignInService } from './services/sign-in-service';

export interface AppDependencies {
  readonly pool: pg.Pool;
  /** For short questions: they do not wait behind those who write. */
  readonly reads?: pg.Pool;
  readonly changes: ChangeFeed;
  readonly outlooks?: Outlooks;
  readonly log: Logger;
  readonly now: () => Date;
  readonly version: string;
  /** Served over HTTPS, by a proxy in front. */
  readonly isSecure: boolean;
  /** Under which host people reach it; null where it is not configured. */
  readonly publicHost: string | null;
  /** How many proxies stand in front: whose word is taken for where a request comes from. */
  readonly trustedProxies: number;
  readonly demoAccounts: Session['demoAccounts'];
  /** From one person in a minute. */
  readonly requestsPerMinute: number;
  /** Folder of the built interface, or null to serve the API alone. */
  readonly webRoot: string | null;
}

/** The application, not yet listening. */
export function createApp(given: AppDependencies): Express {
  const { pool, changes, log, now, version, isSecure, publicHost, trustedProxies, demoAccounts, outlooks } = given;
  const { requestsPerMinute, webRoot, reads = pool } = given;
  const signIn = createSignInService({ pool, reads, now, log });
  const shared = { reads, logs: createCaseLogs(), announce: changes.announce, ...(outlooks ? { outlooks } : {}) };
  const own = (response: Response) => {
    const actor = signedIn(response);
    return { pool, now, actor, shopId: actor.me.shop.id };
  };
  const app = express();
  app.disable('x-powered-by');
  app.set('trust proxy', trustedProxies);
  app.set('query parser', 'simple');
  app.use(logRequests(log));
  app.use(securityHeaders({ isSecure }));
  app.use(compressed);
  app.use('/api', noStore);
  app.use('/api/health', healthRoutes(pool, version));
  app.use(refuseOtherHosts({ publicHost, trustedProxies }));
  app.use('/api', refuseForeign, readCookies, loadSession(signIn, { isSecure }));
  app.use('/api/session', express.json({ limit: '8kb' }), sessionRoutes(signIn, { isSecure, demoAccounts }));
  const sweeps = createSweeps();
  const door = createOwnerDoor({ pool, now, logs: shared.logs, announce: changes.announce });
  app.use('/api/owner', express.json({ limit: '8kb' }), ownerDoorRoutes(door));
  app.use('/api', (_request, response, next) => {
    signedIn(response);
    next();
  });
  app.use('/api', limitRequests(requestsPerMinute));
  app.use(
    '/api/cases/:id/attachments',
    attachmentRoutes((response) => createAttachmentService({ ...own(response), sweeps })),
  );
  app.use('/api', express.json({ limit: '1mb' }));
  serveCases(app, own, shared);
  app.use(
    '/api/boards',
    boardRoutes((response) => createBoardService(own(response))),
  );
  const people = (response: Response) => createPeopleService(own(response));
  app.use('/api/people', peopleRoutes(people));
  app.use('/api/audit', auditRoutes(people));
  app.use('/api/owners', ownerRoutes(people));
  const shop = (response: Response) => createShopService(own(response));
  app.use('/api/shop', shopRoutes(shop));
  app.use(
    '/api/shelf',
    shelfRoutes((response) => createShelfService(own(response))),
  );
  app.use('/api/changes', changeRoutes({ feed: changes, pool, now }));
  app.use('/api', notFound);
  if (webRoot) app.use(webPages(webRoot));
  app.use(auditRefusals({ pool, now, log }));
  app.use(problemHandler(log));
  return app;
}

type Own = (
  response: Response,
) => Pick<AppDependencies, 'pool' | 'now'> & { readonly actor: SignedIn; readonly shopId: string };

/** Cases with all that hangs on them, besides their photos. */
function serveCases(app: Express, own: Own, shared: Partial<CaseServiceDependencies>): void {
  app.use(
    '/api/cases/:id/owner-links',
    ownerLinkRoutes((response) => createOwnerLinkService(own(response))),
  );
  app.use(
    '/api/cases',
    caseRoutes(
      (response) => createCaseService({ ...own(response), ...shared }),
      (response) => createCaseExports(own(response)),
    ),
  );
}
