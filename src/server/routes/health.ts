import { Router } from 'express';
import type pg from 'pg';
import type { Health } from '../../contracts';

/** /api/health: version and database state; 503 while the database is away. /api/health/live: the process answers. */
export function healthRoutes(pool: pg.Pool, version: string): Router {
  const router = Router();
  router.get('/live', (_request, response) => {
    response.json({ version });
  });
  router.get('/', async (_request, response) => {
    const up = await pool.query('SELECT 1').then(
      () => true,
      () => false,
    );
    const health: Health = { version, database: up ? 'up' : 'down' };
    response.status(up ? 200 : 503).json(health);
  });
  return router;
}
