import type { Book } from '@hopsk/contract/book';
import { AthleteSave } from '@hopsk/contract/people';
import { faultBook, type SessionTally } from '@hopsk/core/evidence/book';
import { Router } from 'express';
import type { Backing } from '../backing.js';
import { one, run, type Db } from '../db/sql.js';
import { readableBy } from '../club/members.js';
import { detailed } from '../runs/details.js';
import { athleteEvenings } from '../runs/evenings.js';
import { archiveRoute, listRoutes, saveRoutes } from '../http/records.js';
import { idOf, notFound } from '../http/problem.js';
import { actorOf, type Actor } from '../http/sign-in.js';
import { looked } from './looks.js';
import { getRules, refuseUnagreed } from './rules.js';
import { addAthlete, archiveAthlete, getAthlete, listAthletes, saveAthlete } from './athletes.js';

/** Athletes of the club, and the fault book of each. */
export function peopleRoutes(backing: Backing): Router {
  const { pool } = backing;
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

  router.get('/athletes/:id/book', async (request, response) => {
    const actor = actorOf(request);
    const { clubId } = actor;
    const id = idOf(request, 'athlete');
    const may = await readableBy(pool, actor);
    if (may?.has(id) === false || !(await getAthlete(pool, clubId, id))) throw notFound('athlete');
    await looked(pool, actor, 'looked', { athlete: id });
    const shared = (await run<{ id: string }>(pool, 'athlete-runs-shared', clubId, id)).map((one) => one.id);
    await detailed(backing, clubId, shared);
    const [tallies, evenings, praise, agreement] = await Promise.all([
      run<SessionTally & { id: string } & Record<string, unknown>>(pool, 'book-tallies', clubId, id),
      athleteEvenings(pool, clubId, id),
      one<{ times: number }>(pool, 'book-praise', clubId, id),
      run<Book['agreement'][number] & Record<string, unknown>>(pool, 'book-agreement', clubId, id, shared),
    ]);
    const rows = tallies.map(({ id: runId, ...tally }): SessionTally => {
      const evening = evenings.get(runId);
      return { ...tally, ...(evening && { day: evening.day, evening: evening.start }) };
    });
    const days = [...new Map(rows.map(({ day, evening }) => [`${day} ${evening ?? ''}`, day])).values()];
    response.json({
      athleteId: id,
      from: days[0] ?? null,
      to: days.at(-1) ?? null,
      sessions: days.length,
      praise: praise?.times ?? 0,
      agreement,
      entries: faultBook(rows).map((entry) => ({ ...entry, sessions: [...entry.sessions] })),
    } satisfies Book);
  });

  return router;
}
