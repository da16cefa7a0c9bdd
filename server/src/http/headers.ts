import helmet from 'helmet';
import type { RequestHandler } from 'express';

/** Seconds for which a browser asks a club's own name over HTTPS only. */
const HALF_A_YEAR = 180 * 24 * 3600;

/**
 * Nothing from any other host, no inline scripts. Inline styles stay: the drawings and Material set sizes by style.
 * @param secure over HTTPS
 * @param own by the club's own certificate
 */
export function headers(secure: boolean, own: boolean): RequestHandler {
  return helmet({
    contentSecurityPolicy: {
      useDefaults: false,
      directives: {
        'default-src': ["'self'"],
        'script-src': ["'self'"],
        'style-src': ["'self'", "'unsafe-inline'"],
        'img-src': ["'self'", 'data:', 'blob:'],
        'font-src': ["'self'"],
        // Clips that a browser plays and does not decode: they are of this device.
        'media-src': ["'self'", 'blob:'],
        'connect-src': ["'self'"],
        'worker-src': ["'self'"],
        'object-src': ["'none'"],
        'base-uri': ["'self'"],
        'form-action': ["'self'"],
        'frame-ancestors': ["'none'"],
      },
    },
    // Never over a certificate of the house: the warning about a renewed one could not be passed any more.
    strictTransportSecurity: own ? { maxAge: HALF_A_YEAR, includeSubDomains: false } : false,
    crossOriginOpenerPolicy: secure ? { policy: 'same-origin' } : false,
    originAgentCluster: false,
    referrerPolicy: { policy: 'no-referrer' },
  });
}
