import type { AthleteLoad } from '@hopsk/contract/load';
import { weeksOfLoad, type RunLoad } from '@hopsk/core/evidence/load';
import { grouped } from '@hopsk/core/grouped';
import { Router } from 'express';
import type { Backing } from '../backing.js';
import { run } from '../db/sql.js';
import { countSome } from '../runs/count-some.js';
import { athleteEvenings } from '../runs/evenings.js';
import { lookedAt } from './looked-at.js';

/** Evenings that are asked about: whoever looks is reminded of the last ones only. */
const UNSAID = 5;

type Row = Omit<RunLoad, 'day' | 'evening'> & { readonly id: string; readonly name: string } & Record<string, unknown>;

/** What an athlete's weeks weigh. */
export function loadRoutes(backing: Backing): Router {
  const { pool } = backing;
  const router = Router();

  router.get('/athletes/:id/load', async (request, response) => {
    const { id, clubId } = await lookedAt(pool, request);
    const uncounted = await countSome(backing, clubId, id);
    const [rows, evenings] = await Promise.all([run<Row>(pool, 'athlete-load', clubId, id), athleteEvenings(pool, clubId, id)]);
    const runs = rows.flatMap((row) => {
      const of = evenings.get(row.id);
      return of ? [{ ...row, day: of.day, evening: String(of.start) }] : [];
    });
    const unsaid = [...grouped(runs, ({ evening }) => evening).values()].filter((of) => of.every(({ effort }) => effort === null));
    response.json({
      athleteId: id,
      uncounted,
      weeks: weeksOfLoad(runs),
      unsaid: unsaid
        .slice(-UNSAID)
        .reverse()
        .flatMap((of) => of.slice(-1).map(({ id: its, name, day }) => ({ id: its, name, day }))),
    } satisfies AthleteLoad);
  });

  return router;
}
