import { Router } from 'express';
import type pg from 'pg';
import type { Health } from '../../contracts';

/** A watcher wants a plain answer in time more than the right one late. */
const longestWaitMs = 2000;

/** /api/health: version and database state; 503 while the database is away. /api/health/live: the process answers. */
export function healthRoutes(pool: pg.Pool, version: string): Router {
  const router = Router();
  let asking: Promise<boolean> | null = null;
  /** One question at a time: those who watch do not take the connections of those who work. */
  const isUp = (): Promise<boolean> => {
    asking ??= pool
      .query('SELECT 1')
      .then(
        () => true,
        () => false,
      )
      .finally(() => (asking = null));
    return asking;
  };
  router.get('/live', (_request, response) => {
    response.json({ version });
  });
  router.get('/', async (_request, response) => {
    const up = await within(longestWaitMs, isUp());
    const health: Health = { version, database: up ? 'up' : 'down' };
    response.status(up ? 200 : 503).json(health);
  });
  return router;
}

/** False where it takes longer. */
async function within(ms: number, answer: Promise<boolean>): Promise<boolean> {
  let timer: NodeJS.Timeout | undefined;
  const late = new Promise<boolean>((resolve) => {
    timer = setTimeout(() => resolve(false), ms);
  });
  return Promise.race([answer, late]).finally(() => clearTimeout(timer));
}
