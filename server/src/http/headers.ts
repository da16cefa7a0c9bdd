import helmet from 'helmet';
import type { RequestHandler } from 'express';

/** Nothing from any other host, no inline scripts. Inline styles stay: the drawings and Material set sizes by style. */
export function headers(secure: boolean): RequestHandler {
  return helmet({
    contentSecurityPolicy: {
      useDefaults: false,
      directives: {
        'default-src': ["'self'"],
        'script-src': ["'self'"],
        'style-src': ["'self'", "'unsafe-inline'"],
        'img-src': ["'self'", 'data:', 'blob:'],
        'font-src': ["'self'"],
        'connect-src': ["'self'"],
        'worker-src': ["'self'"],
        'object-src': ["'none'"],
        'base-uri': ["'self'"],
        'form-action': ["'self'"],
        'frame-ancestors': ["'none'"],
      },
    },
    // A club's own certificate may be replaced by plain http again; a browser must not hold that against it.
    strictTransportSecurity: false,
    crossOriginOpenerPolicy: secure ? { policy: 'same-origin' } : false,
    originAgentCluster: false,
    referrerPolicy: { policy: 'no-referrer' },
  });
}
