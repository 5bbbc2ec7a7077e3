import express, { Router, type RequestHandler } from 'express';
import { readFileSync } from 'node:fs';
import { resolve } from 'node:path';
import { styleNonce } from '../middleware/security-headers';

/**
 * The built interface. Files with a hash in their name never change; every other address is the single page, with the
 * nonce of this answer in it.
 */
export function webPages(webRoot: string): Router {
  const router = Router();
  const root = resolve(webRoot);
  const page = readFileSync(`${root}/index.html`, 'utf8');
  const sendPage: RequestHandler = (_request, response) => {
    response
      .set('cache-control', 'no-cache')
      .type('html')
      .send(page.replaceAll('__STYLE_NONCE__', styleNonce(response)));
  };
  router.use(
    '/assets',
    express.static(`${root}/assets`, { immutable: true, maxAge: '365d', fallthrough: false, redirect: false }),
  );
  router.get('/sw.js', (_request, response) => {
    response.set('cache-control', 'no-cache').sendFile('sw.js', { root });
  });
  router.use(express.static(root, { index: false, dotfiles: 'ignore', redirect: false }));
  router.get('/*path', sendPage);
  router.get('/', sendPage);
  return router;
}
