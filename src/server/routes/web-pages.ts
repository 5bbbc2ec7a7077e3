import express, { Router } from 'express';
import { resolve } from 'node:path';

/** The built interface. Files with a hash in their name never change; every other address is the single page. */
export function webPages(webRoot: string): Router {
  const router = Router();
  const root = resolve(webRoot);
  router.use('/assets', express.static(`${root}/assets`, { immutable: true, maxAge: '365d', fallthrough: false }));
  router.use(express.static(root, { index: false }));
  router.get('/*path', (_request, response) => {
    response.set('cache-control', 'no-cache').sendFile('index.html', { root });
  });
  router.get('/', (_request, response) => {
    response.set('cache-control', 'no-cache').sendFile('index.html', { root });
  });
  return router;
}
