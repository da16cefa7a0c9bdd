import { TeachingSave, type Teaching } from '@hopsk/contract/teaching';
import { Router } from 'express';
import type { Pool } from '../db/pool.js';
import type { ClubFault } from '@hopsk/core/catalogue/fault';
import { HttpProblem, read } from '../http/problem.js';
import { actorOf } from '../http/sign-in.js';
import { refuseStale } from '../http/versioned.js';
import { addTeaching, clubFaults, getTeaching, saveTeaching } from './teaching.js';

/** A club that has not chosen anything yet. */
const NOTHING: Teaching = { version: 0, choices: {}, stances: [], moves: [], playbooks: [], views: {}, numbers: null, faults: [] };

/** What a club teaches: one record a club, replaced as a whole and never over somebody else's save. */
export function teachingRoutes(pool: Pool): Router {
  const router = Router();
  router.get('/teaching', async (request, response) => {
    response.json((await getTeaching(pool, actorOf(request).clubId)) ?? NOTHING);
  });
  router.put('/teaching', async (request, response) => {
    const { clubId } = actorOf(request);
    const sent = read(TeachingSave, request.body);
    refuseOtherUnits(sent.faults ?? [], await clubFaults(pool, clubId));
    const kept = sent.version === 0 ? await addTeaching(pool, clubId, sent) : await saveTeaching(pool, clubId, sent);
    if (!kept) refuseStale('teaching', sent, (await getTeaching(pool, clubId)) ?? NOTHING);
    response.json(kept);
  });
  return router;
}

/** Throws 400 where a fault that is there would get another unit: its attempts of before and after could not be told apart. */
function refuseOtherUnits(sent: readonly ClubFault[], known: readonly ClubFault[]): void {
  const units = new Map(known.map(({ code, per }) => [code, per]));
  const fields = sent.flatMap(({ code, per }, i) => {
    const unit = units.get(code);
    return unit === undefined || unit === per ? [] : [{ path: `faults.${i}.per`, code: 'unit-stands' as const, values: { unit } }];
  });
  if (fields.length > 0) throw new HttpProblem(400, { code: 'bad-input', values: {} }, { fields });
}
