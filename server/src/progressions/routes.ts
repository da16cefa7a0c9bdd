import { Id, ProgressionSave } from '@hopsk/contract';
import { Router } from 'express';
import * as z from 'zod/mini';
import type { Pool } from '../db/pool.js';
import { idOf, notFound, read } from '../http/problem.js';
import { archiveRoute, saveRoutes } from '../http/records.js';
import { actorOf } from '../http/sign-in.js';
import {
  addProgression,
  archiveProgression,
  getProgression,
  listProgressions,
  listProgressionVersions,
  saveProgression,
} from './progressions.js';
import { stageRecords } from './record.js';

const Whose = z.object({ athlete: Id, progression: z._default(z.nullable(Id), null) });

/** Progressions, their versions, and what their runs say of each stage. */
export function progressionRoutes(pool: Pool): Router {
  const router = Router();
  router.get('/progressions', async (request, response) => {
    response.json(await listProgressions(pool, actorOf(request).clubId));
  });
  router.get('/progressions/:id/versions', async (request, response) => {
    const versions = await listProgressionVersions(pool, actorOf(request).clubId, idOf(request, 'progression'));
    if (versions.length === 0) throw notFound('progression');
    response.json(versions);
  });
  router.get('/stage-records', async (request, response) => {
    const { athlete, progression } = read(Whose, request.query);
    response.json(await stageRecords(pool, actorOf(request).clubId, athlete, progression));
  });
  saveRoutes(router, pool, 'progressions', 'progression', ProgressionSave, {
    add: addProgression,
    save: saveProgression,
    get: getProgression,
  });
  archiveRoute(router, pool, 'progressions', 'progression', archiveProgression);
  return router;
}
