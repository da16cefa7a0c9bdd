import { PatternSave } from '@hopsk/contract/pattern-draft';
import { Router } from 'express';
import type { Pool } from '../db/pool.js';
import { archiveRoute, listRoutes, saveRoutes } from '../http/records.js';
import { idOf, notFound } from '../http/problem.js';
import { actorOf } from '../http/sign-in.js';
import { addPattern, archivePattern, getPattern, listPatterns, listVersions, savePattern } from './patterns.js';

export function patternRoutes(pool: Pool): Router {
  const router = Router();
  router.get('/patterns/:id/versions', async (request, response) => {
    const versions = await listVersions(pool, actorOf(request).clubId, idOf(request, 'pattern'));
    if (versions.length === 0) throw notFound('pattern');
    response.json(versions);
  });
  listRoutes(router, pool, 'patterns', 'pattern', listPatterns);
  saveRoutes(router, pool, 'patterns', 'pattern', PatternSave, { add: addPattern, save: savePattern, get: getPattern });
  archiveRoute(router, pool, 'patterns', 'pattern', archivePattern);
  return router;
}
