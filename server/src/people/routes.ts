import { AthleteSave } from '@hopsk/contract/people';
import { Router } from 'express';
import type { Pool } from '../db/pool.js';
import type { Db } from '../db/sql.js';
import { readableBy } from '../club/members.js';
import { archiveRoute, listRoutes, saveRoutes } from '../http/records.js';
import type { Actor } from '../http/sign-in.js';
import { looked } from './looks.js';
import { getRules, refuseUnagreed } from './rules.js';
import { addAthlete, archiveAthlete, getAthlete, listAthletes, saveAthlete } from './athletes.js';

/** Athletes of the club. */
export function peopleRoutes(pool: Pool): Router {
  const router = Router();

  listRoutes(router, pool, 'athletes', 'athlete', listAthletes, (actor) => readableBy(pool, actor));
  const changed = (db: Db, actor: Actor, athlete: string): Promise<void> => looked(db, actor, 'changed', { athlete });
  saveRoutes(router, pool, 'athletes', 'athlete', AthleteSave, {
    ...{ add: addAthlete, save: saveAthlete, get: getAthlete, changed },
    allow: async (db, clubId, sent) => {
      if (sent.agreed === null) refuseUnagreed(sent, await getAthlete(db, clubId, sent.id), await getRules(db, clubId));
    },
  });
  archiveRoute(router, pool, 'athletes', 'athlete', archiveAthlete, changed);

  return router;
}
