import { PasswordChange, Settings, Setup, SignIn } from '@hopsk/contract/club';
import { CoachChange, Invitation, WayInAsked, WayInUsed } from '@hopsk/contract/members';
import type { SignInBy } from '@hopsk/contract/passkeys';
import { Router } from 'express';
import type { Pool } from '../db/pool.js';
import { one, run } from '../db/sql.js';
import { isHere, placeOf } from '../http/place.js';
import { HttpProblem, idOf, notFound, read } from '../http/problem.js';
import { actorOf, enter, giveToken, leave, type Member } from '../http/sign-in.js';
import { meOf, ownHouse, saveSettings, setUp } from './club.js';
import { devicesOf, endDevice } from './devices.js';
import type { KnownDevices } from './known-devices.js';
import { changeMember, invite, listMembers } from './members.js';
import { provePassword } from './own-password.js';
import type { PlaceOf } from './passkey-place.js';
import { placeHere } from './passkey-routes.js';
import { askPasskey } from './passkeys.js';
import { newPassword, passwordFits } from './passwords.js';
import { sealKey } from './seals.js';
import { giveBack, takeTurns, type Turn } from './turns.js';
import { lookIn, makeWayIn, useWayIn } from './ways-in.js';

/** The way in and out of a server: the first club, signing in, links. */
export function doorRoutes(pool: Pool, known: KnownDevices, passkeysAt: PlaceOf): Router {
  const router = Router();

  router.get('/door', async (request, response) => {
    const door = await one<{ setup: boolean; demo: boolean }>(pool, 'door');
    response.json({ ...door, passkeys: !('not' in passkeysAt(request)) });
  });

  router.post('/setup', async (request, response) => {
    if (!isHere(request.ip ?? '')) throw new HttpProblem(403, { code: 'not-here', values: {} });
    const { club, ...coach } = read(Setup, request.body);
    const actor = await setUp(pool, club, coach);
    await enter(request, response, actor);
    response.status(201).json(await meOf(pool, actor));
  });

  router.post('/sign-in', async (request, response) => {
    const { email, password } = read(SignIn, request.body);
    const place = placeOf(request.ip ?? '');
    const coach = await one<Member & { passwordHash: string | null; by: SignInBy }>(pool, 'coach-by-email', email);
    const account = coach?.passwordHash ? { ...coach, passwordHash: coach.passwordHash } : null;
    const device = known.knows(request, account);
    const own: Turn = device === null ? ['account', `${email} ${place}`] : ['known', `${device} ${email}`];
    // Whoever guesses at an account elsewhere takes no turn of a device that was in it before.
    await takeTurns(pool, device === null ? [own, ['place', place], ['anywhere', email]] : [own]);
    if (!(await passwordFits(account?.passwordHash ?? null, password)) || !account)
      throw new HttpProblem(401, { code: 'wrong', values: {} });
    await giveBack(pool, [own]);
    if (account.by === 'passkey') throw new HttpProblem(403, { code: 'passkey-needed', values: {} });
    if (account.by === 'both') {
      response.json({ passkey: await askPasskey(pool, placeHere(passkeysAt, request), account) });
      return;
    }
    known.remember(request, response, account);
    await enter(request, response, account);
    response.json(await meOf(pool, account));
  });

  router.post('/demo', async (request, response) => {
    await takeTurns(pool, [['demo', placeOf(request.ip ?? '')]]);
    const coach = await one<Member & Record<string, unknown>>(pool, 'demo-coach');
    if (!coach) throw new HttpProblem(404, { code: 'no-demo', values: {} });
    await enter(request, response, coach);
    response.json(await meOf(pool, coach));
  });

  router.post('/sign-out', async (request, response) => {
    await leave(request, response);
    response.status(204).end();
  });

  router.post('/way-in', async (request, response) => {
    await takeTurns(pool, [['links', placeOf(request.ip ?? '')]]);
    response.json(await lookIn(pool, read(WayInAsked, request.body).secret));
  });

  router.post('/way-in/use', async (request, response) => {
    await takeTurns(pool, [['links', placeOf(request.ip ?? '')]]);
    const { secret: key, password } = read(WayInUsed, request.body);
    const account = await useWayIn(pool, key, password);
    known.remember(request, response, account);
    await enter(request, response, account);
    response.json(await meOf(pool, account));
  });

  return router;
}

/** Oneself, and who belongs to the club. */
export function clubRoutes(pool: Pool): Router {
  const router = Router();

  router.get('/me', async (request, response) => {
    const me = await meOf(pool, actorOf(request));
    if (!me) throw new HttpProblem(401, { code: 'signed-out', values: {} });
    giveToken(request, response);
    response.json(me);
  });

  router.get('/me/seal', async (request, response) => {
    response.json(await sealKey(pool, actorOf(request)));
  });

  router.put('/me/settings', async (request, response) => {
    const actor = actorOf(request);
    await saveSettings(pool, actor, read(Settings, request.body));
    response.json(await meOf(pool, actor));
  });

  router.post('/me/password', async (request, response) => {
    const { id, clubId } = actorOf(request);
    const change = read(PasswordChange, request.body);
    await provePassword(pool, request, change.old, 'old');
    await run(pool, 'coach-set-password', clubId, id, await newPassword(change.password));
    await run(pool, 'sessions-end', id, request.sessionID);
    response.status(204).end();
  });

  router.get('/me/devices', async (request, response) => {
    response.json(await devicesOf(pool, actorOf(request), request.sessionID));
  });

  router.delete('/me/devices/:id', async (request, response) => {
    await endDevice(pool, actorOf(request), String(request.params['id']));
    response.status(204).end();
  });

  router.post('/me/leave', async (request, response) => {
    const { id, clubId, role } = actorOf(request);
    await changeMember(pool, { id, clubId }, { role, gone: true, athletes: [] });
    response.status(204).end();
  });

  router.post('/house/own', async (request, response) => {
    if (!isHere(request.ip ?? '')) throw new HttpProblem(403, { code: 'no-demo-here', values: {} });
    await ownHouse(pool, actorOf(request).clubId);
    response.status(204).end();
  });

  router.get('/coaches', async (request, response) => {
    response.json(await listMembers(pool, actorOf(request).clubId));
  });

  router.post('/coaches', async (request, response) => {
    response.status(201).json(await invite(pool, actorOf(request).clubId, read(Invitation, request.body)));
  });

  router.put('/coaches/:id', async (request, response) => {
    const { clubId } = actorOf(request);
    await changeMember(pool, { clubId, id: idOf(request, 'coach') }, read(CoachChange, request.body));
    response.json(await listMembers(pool, clubId));
  });

  router.post('/coaches/:id/way-in', async (request, response) => {
    const { clubId } = actorOf(request);
    const member = (await listMembers(pool, clubId)).find((one) => one.id === idOf(request, 'coach') && !one.gone);
    if (!member) throw notFound('coach');
    response.status(201).json(await makeWayIn(pool, { clubId, id: member.id }));
  });

  return router;
}
