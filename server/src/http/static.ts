import { existsSync } from 'node:fs';
import { join } from 'node:path';
import { Router } from 'express';
import packed from 'express-static-gzip';

const YEAR = 365 * 24 * 3600 * 1000;
/** Files whose name has a hash of what is in them: the build's own, scripts and fonts. */
const HASHED = /[\\/](?:(?:chunk|main|polyfills|styles|worker)-[\w-]{8}\.(?:js|css)|media[\\/][^\\/]+-[\w-]{8}\.woff2?)(?:\.br|\.gz)?$/;

/**
 * Serves the built web app: hashed files for a year, the page itself always fresh, unknown paths as the page. What the build packed is
 * sent as it is packed: nothing is packed again for each who asks.
 */
export function webFiles(folder: string): Router {
  const router = Router();
  router.use(
    packed(folder, {
      index: false,
      enableBrotli: true,
      orderPreference: ['br', 'gz'],
      serveStatic: {
        maxAge: 0,
        setHeaders: (response, path) =>
          response.setHeader('Cache-Control', HASHED.test(path) ? `public, max-age=${YEAR / 1000}, immutable` : 'no-cache'),
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
