import express, { type Express } from 'express';
import helmet from 'helmet';
import type pg from 'pg';
import type { Logger } from 'pino';
import type { BoardService } from './board-service';
import type { CaseService } from './case-service';
import { notFound, problemHandler } from './middleware/problems';
import { boardRoutes } from './routes/boards';
import { caseRoutes } from './routes/cases';
import { healthRoutes } from './routes/health';
import { webPages } from './routes/web-pages';

export interface AppDependencies {
  readonly pool: pg.Pool;
  readonly cases: CaseService;
  readonly boards: BoardService;
  readonly log: Logger;
  readonly version: string;
  /** Folder of the built interface, or null to serve the API alone. */
  readonly webRoot: string | null;
}

/** The application, not yet listening. */
export function createApp({ pool, cases, boards, log, version, webRoot }: AppDependencies): Express {
  const app = express();
  app.disable('x-powered-by');
  app.use(
    helmet({
      contentSecurityPolicy: { directives: { styleSrc: ["'self'", "'unsafe-inline'"], upgradeInsecureRequests: null } },
    }),
  );
  app.use(express.json({ limit: '1mb' }));
  app.use('/api/health', healthRoutes(pool, version));
  app.use('/api/cases', caseRoutes(cases));
  app.use('/api/boards', boardRoutes(boards));
  app.use('/api', notFound);
  if (webRoot) app.use(webPages(webRoot));
  app.use(problemHandler(log));
  return app;
}
