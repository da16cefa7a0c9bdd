import { existsSync } from 'node:fs';
import { join } from 'node:path';
import express, { Router } from 'express';

const YEAR = 365 * 24 * 3600 * 1000;

/** Serves the built web app: hashed files for a year, the page itself always fresh, unknown paths as the page. */
export function webFiles(folder: string): Router {
  const router = Router();
  router.use(
    express.static(folder, {
      index: false,
      maxAge: 0,
      setHeaders: (response, path) => {
        if (/[-.][A-Z0-9]{8}\.\w+$/.test(path)) response.set('Cache-Control', `public, max-age=${YEAR / 1000}, immutable`);
        else response.set('Cache-Control', 'no-cache');
      },
    }),
  );
  router.get('/{*path}', (request, response, next) => {
    if (request.path.startsWith('/api/') || /\.\w+$/.test(request.path)) return next();
    const page = join(folder, 'index.html');
    if (!existsSync(page)) return next();
    response.set('Cache-Control', 'no-cache').sendFile(page);
  });
  return router;
}
