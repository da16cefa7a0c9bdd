import { X509Certificate } from 'node:crypto';
import { isIPv4, isIPv6 } from 'node:net';
import type { RequestHandler } from 'express';

/**
 * By which names this server may be called. A page of somebody else's that lets its own name lead here (DNS rebinding) would read answers
 * as if they were its own: whoever asks by a name that is not the server's is refused. An address is nobody's name.
 * @param names host names, in any case
 * @param certificate the club's own in PEM: the names it speaks for are the server's too
 */
export function isOwnName(names: readonly string[], certificate: string | null): (host: string) => boolean {
  const known = new Set(names.map((name) => name.toLowerCase()));
  const own = certificate === null ? null : new X509Certificate(certificate);
  return (host) => {
    const name = host.toLowerCase().replace(/\.$/, '');
    return isAddress(name) || name === 'localhost' || known.has(name) || own?.checkHost(name) !== undefined;
  };
}

const isAddress = (name: string): boolean => isIPv4(name) || (name.startsWith('[') && isIPv6(name.slice(1, -1)));

/** The name in a host header, without its port; empty where it holds none. */
export const nameIn = (host: string | undefined): string => /^(\[[\da-f:.]+\]|[\w.-]+)(?::\d{1,5})?$/i.exec(host ?? '')?.[1] ?? '';

/** Refuses whoever calls this server by a name that is not its own. */
export const hostGuard =
  (isOwn: (host: string) => boolean): RequestHandler =>
  (request, response, next) => {
    // Behind a trusted proxy: as it was called there.
    const name = nameIn(request.hostname);
    if (name !== '' && isOwn(name)) return next();
    response
      .status(421)
      .type('text/plain')
      .send('This Hopsk is not called that. Open it by its address; if the name is its own, start it with --name NAME.\n');
  };
