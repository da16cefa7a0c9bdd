import { PasskeyAdd, PasskeyBegin, PasskeyUse, SignInByChange, type Passkeys } from '@hopsk/contract/passkeys';
import { Router, type Request } from 'express';
import type { Pool } from '../db/pool.js';
import { placeOf } from '../http/place.js';
import { HttpProblem, idOf, read } from '../http/problem.js';
import { actorOf, enter } from '../http/sign-in.js';
import { meOf } from './club.js';
import type { KnownDevices } from './known-devices.js';
import { provePassword } from './own-password.js';
import type { PasskeyPlace, PlaceOf } from './passkey-place.js';
import { addPasskey, askPasskey, beginPasskey, endPasskey, enterByPasskey, passkeysOf, signInBy } from './passkeys.js';
import { takeTurns } from './turns.js';

/** Where a passkey is asked for. Throws 403 where none works. */
export function placeHere(placeOfRequest: PlaceOf, request: Request): PasskeyPlace {
  const place = placeOfRequest(request);
  if ('not' in place) throw new HttpProblem(403, { code: 'no-passkeys-here', values: {} });
  return place;
}

/** In by a passkey, and one's own passkeys. */
export function passkeyRoutes(pool: Pool, known: KnownDevices, place: PlaceOf): Router {
  const router = Router();

  router.post('/passkeys/ask', async (request, response) => {
    await takeTurns(pool, [['passkeys', placeOf(request.ip ?? '')]]);
    response.json(await askPasskey(pool, placeHere(place, request), null));
  });
  router.post('/passkeys/enter', async (request, response) => {
    const account = await enterByPasskey(pool, placeHere(place, request), read(PasskeyUse, request.body));
    known.remember(request, response, account);
    await enter(request, response, account);
    response.json(await meOf(pool, account));
  });

  router.get('/me/passkeys', async (request, response) => {
    const at = place(request);
    const own: Passkeys = { here: at.here, not: 'not' in at ? at.not : null, ...(await passkeysOf(pool, actorOf(request))) };
    response.json(own);
  });
  router.post('/me/passkeys/begin', async (request, response) => {
    const { password } = read(PasskeyBegin, request.body);
    const at = placeHere(place, request);
    await provePassword(pool, request, password, 'password');
    response.json(await beginPasskey(pool, at, actorOf(request)));
  });
  router.post('/me/passkeys', async (request, response) => {
    const made = read(PasskeyAdd, request.body);
    await addPasskey(pool, placeHere(place, request), actorOf(request), made);
    response.status(201).json(await passkeysOf(pool, actorOf(request)));
  });
  router.delete('/me/passkeys/:id', async (request, response) => {
    await endPasskey(pool, actorOf(request), idOf(request, 'passkey'));
    response.status(204).end();
  });
  router.put('/me/sign-in-by', async (request, response) => {
    const { by, password } = read(SignInByChange, request.body);
    await provePassword(pool, request, password, 'password');
    const at = place(request);
    await signInBy(pool, 'not' in at ? null : at, actorOf(request), by);
    response.status(204).end();
  });
  return router;
}
