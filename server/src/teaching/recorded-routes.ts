import { RECORDED_LIMITS, RecordedWord } from '@hopsk/contract/recorded-words';
import { Router } from 'express';
import type { Pool } from '../db/pool.js';
import { HttpProblem, notFound, read } from '../http/problem.js';
import { actorOf } from '../http/sign-in.js';
import { endRecorded, listRecorded, setRecorded } from './recorded-words.js';

/** Words of the clock in a coach's own voice. */
export function recordedRoutes(pool: Pool): Router {
  const router = Router();
  router.get('/recorded-words', async (request, response) => {
    response.json(await listRecorded(pool, actorOf(request).clubId));
  });
  router.put('/recorded-words/:word', async (request, response) => {
    const word = read(RecordedWord, { ...(request.body as object), word: request.params.word });
    if (!(await setRecorded(pool, actorOf(request).clubId, word)))
      throw new HttpProblem(409, { code: 'too-many-words', values: { most: RECORDED_LIMITS.words } });
    response.status(204).end();
  });
  router.delete('/recorded-words/:word', async (request, response) => {
    if (!(await endRecorded(pool, actorOf(request).clubId, request.params.word))) throw notFound('word');
    response.status(204).end();
  });
  return router;
}
