import { CoachDraft, PasswordChange, Settings, Setup, SignIn } from '@hopsk/contract/club';
import { Router } from 'express';
import type { Pool } from '../db/pool.js';
import { one, run } from '../db/sql.js';
import { HttpProblem, read } from '../http/problem.js';
import { actorOf, enter, giveToken, leave, type Actor } from '../http/sign-in.js';
import { attemptKeys, checkAttempts, countFailure, forgetFailures } from './attempts.js';
import { addCoach, listCoaches, meOf, saveSettings, setUp } from './club.js';
import { hashPassword, passwordFits } from './passwords.js';

const LOCAL = /^(::ffff:)?127\.|^::1$/;

/** Signing in and out, the first club, the club's coaches, and the coach's own settings. */
export function clubRoutes(pool: Pool): Router {
  const router = Router();

  router.get('/door', async (_request, response) => {
    response.json(await one(pool, 'door'));
  });

  router.post('/setup', async (request, response) => {
    if (!LOCAL.test(request.ip ?? '')) throw new HttpProblem(403, { code: 'not-here', values: {} });
    const { club, ...coach } = read(Setup, request.body);
    const actor = await setUp(pool, club, coach);
    await enter(request, response, actor);
    response.status(201).json(await meOf(pool, actor));
  });

  router.post('/sign-in', async (request, response) => {
    const { email, password } = read(SignIn, request.body);
    const keys = attemptKeys(email, request.ip ?? '');
    await checkAttempts(pool, keys);
    const coach = await one<Actor & { passwordHash: string }>(pool, 'coach-by-email', email);
    if (!(await passwordFits(coach?.passwordHash ?? null, password)) || !coach) {
      await countFailure(pool, keys);
      throw new HttpProblem(401, { code: 'wrong', values: {} });
    }
    await forgetFailures(pool, keys);
    await enter(request, response, coach);
    response.json(await meOf(pool, coach));
  });

  router.post('/demo', async (request, response) => {
    const coach = await one<Actor & Record<string, unknown>>(pool, 'demo-coach');
    if (!coach) throw new HttpProblem(404, { code: 'no-demo', values: {} });
    await enter(request, response, coach);
    response.json(await meOf(pool, coach));
  });

  router.post('/sign-out', async (request, response) => {
    await leave(request);
    response.clearCookie('hopsk.sid').clearCookie('XSRF-TOKEN').status(204).end();
  });

  router.get('/me', async (request, response) => {
    const me = await meOf(pool, actorOf(request));
    if (!me) throw new HttpProblem(401, { code: 'signed-out', values: {} });
    giveToken(request, response);
    response.json(me);
  });

  router.put('/me/settings', async (request, response) => {
    const actor = actorOf(request);
    await saveSettings(pool, actor, read(Settings, request.body));
    response.json(await meOf(pool, actor));
  });

  router.post('/me/password', async (request, response) => {
    const actor = actorOf(request);
    const change = read(PasswordChange, request.body);
    const keys = attemptKeys(actor.id, request.ip ?? '');
    await checkAttempts(pool, keys);
    const coach = await one<{ passwordHash: string }>(pool, 'coach-hash', actor.clubId, actor.id);
    if (!(await passwordFits(coach?.passwordHash ?? null, change.old))) {
      await countFailure(pool, keys);
      throw new HttpProblem(400, { code: 'wrong-old', values: {} }, { fields: [{ path: 'old', code: 'wrong', values: {} }] });
    }
    await run(pool, 'coach-set-password', actor.clubId, actor.id, await hashPassword(change.password));
    await run(pool, 'sessions-end', actor.id, request.sessionID);
    response.status(204).end();
  });

  router.get('/coaches', async (request, response) => {
    response.json(await listCoaches(pool, actorOf(request).clubId));
  });

  router.post('/coaches', async (request, response) => {
    const { clubId } = actorOf(request);
    await addCoach(pool, clubId, read(CoachDraft, request.body));
    response.status(201).json(await listCoaches(pool, clubId));
  });

  return router;
}
