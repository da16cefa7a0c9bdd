import { isIP } from 'node:net';
import type { PasskeysNot } from '@hopsk/contract/passkeys';
import type { Request } from 'express';
import { nameIn } from '../http/hosts.js';
import type { Reached } from '../http/sign-in.js';

/** What a passkey is for: a name of this server, and the whole address that pages of it have. */
export interface PasskeyPlace {
  readonly name: string;
  readonly origin: string;
}

/**
 * Where a request was made to, as far as passkeys work there: by this machine's own name, or by a host name that a certificate which
 * browsers trust speaks for, the club's own or a trusted proxy's. By an address they never do (Web Authentication Level 3, 5.1.3: a
 * domain), and a browser that was told to go on past a warning makes none.
 */
export const passkeyPlace =
  ({ secure, own, proxied }: Reached) =>
  (request: Request): { readonly here: string } & (PasskeyPlace | { readonly not: PasskeysNot }) => {
    const here = nameIn(request.hostname).toLowerCase();
    const place = { here, name: here, origin: `${request.protocol}://${request.host}`.toLowerCase() };
    if (here === 'localhost') return place;
    if (here.startsWith('[') || isIP(here) !== 0) return { here, not: 'address' };
    if (own || (proxied && request.secure)) return place;
    return { here, not: secure ? 'home-made' : 'plain' };
  };
export type PlaceOf = ReturnType<typeof passkeyPlace>;
