import { Teaching } from '@hopsk/contract/teaching';
import { Router } from 'express';
import type { Pool } from '../db/pool.js';
import { read } from '../http/problem.js';
import { actorOf } from '../http/sign-in.js';
import { refuseStale } from '../http/versioned.js';
import { addTeaching, getTeaching, saveTeaching } from './teaching.js';

/** A club that has not chosen anything yet. */
const NOTHING: Teaching = { version: 0, choices: {}, stances: [], moves: [], playbooks: [], views: {} };

/** What a club teaches: one record a club, replaced as a whole and never over somebody else's save. */
export function teachingRoutes(pool: Pool): Router {
  const router = Router();
  router.get('/teaching', async (request, response) => {
    response.json((await getTeaching(pool, actorOf(request).clubId)) ?? NOTHING);
  });
  router.put('/teaching', async (request, response) => {
    const { clubId } = actorOf(request);
    const sent = read(Teaching, request.body);
    const kept = sent.version === 0 ? await addTeaching(pool, clubId, sent) : await saveTeaching(pool, clubId, sent);
    if (!kept) refuseStale('teaching', sent, (await getTeaching(pool, clubId)) ?? NOTHING);
    response.json(kept);
  });
  return router;
}
