import { RunRename, RunUpload } from '@hopsk/contract/run';
import { Router } from 'express';
import * as z from 'zod/mini';
import { transaction, type Pool } from '../db/pool.js';
import { one } from '../db/sql.js';
import { HttpProblem, idOf, notFound, read } from '../http/problem.js';
import { actorOf } from '../http/sign-in.js';
import { refuseStale } from '../http/versioned.js';
import { getPattern } from '../patterns/patterns.js';
import { getRun, listRuns, takeUpload } from './runs.js';

const Page = z.object({
  before: z._default(z.iso.datetime(), '9999-12-31T00:00:00Z'),
  most: z._default(z.coerce.number().check(z.int(), z.gte(1), z.lte(200)), 40),
});

/** Runs of the club and their logs. */
export function runRoutes(pool: Pool): Router {
  const router = Router();

  router.get('/runs', async (request, response) => {
    const { clubId } = actorOf(request);
    const { before, most } = read(Page, request.query);
    response.json(await listRuns(pool, clubId, before, most));
  });

  router.get('/runs/:id', async (request, response) => {
    const whole = await getRun(pool, actorOf(request).clubId, idOf(request, 'run'));
    if (!whole) throw notFound('run');
    response.json(whole);
  });

  router.post('/runs/:id/log', async (request, response) => {
    const { clubId } = actorOf(request);
    const upload = read(RunUpload, request.body);
    if (upload.run.id !== idOf(request, 'run')) throw new HttpProblem(400, { code: 'id-differs', values: {} });
    response.json(await transaction(pool, (db) => takeUpload(db, clubId, upload)));
  });

  router.put('/runs/:id/name', async (request, response) => {
    const { clubId } = actorOf(request);
    const id = idOf(request, 'run');
    const { name, patternId, version } = read(RunRename, request.body);
    if (patternId !== null && !(await getPattern(pool, clubId, patternId))) throw notFound('pattern');
    const saved = await one(pool, 'run-rename', clubId, id, name, patternId, version);
    const whole = await getRun(pool, clubId, id);
    if (!saved || !whole) refuseStale('run', { name, patternId }, whole?.run ?? null);
    response.json(whole);
  });

  return router;
}
