import { DaysAsked, type LookedAt } from '@hopsk/contract/coverage';
import { coverageOf, type Watched } from '@hopsk/core/evidence/coverage';
import type { Evening } from '@hopsk/core/evidence/evenings';
import type { ResultRow } from '@hopsk/core/evidence/results';
import { grouped } from '@hopsk/core/grouped';
import { Router } from 'express';
import type { Backing } from '../backing.js';
import { run } from '../db/sql.js';
import { read } from '../http/problem.js';
import { countSome } from '../runs/count-some.js';
import { athleteEvenings, inDays } from '../runs/evenings.js';
import { lookedAt } from './looked-at.js';

type InRun<T> = T & { readonly run: string } & Record<string, unknown>;
type Part = Omit<Watched, 'evening' | 'day' | 'place'> & {
  readonly name: string;
  readonly exercise: number;
  readonly set: number;
  readonly round: number;
  readonly third: number;
};

/** What of an athlete was looked at, and what came of what they did. */
export function coverageRoutes(backing: Backing): Router {
  const { pool } = backing;
  const router = Router();

  router.get('/athletes/:id/coverage', async (request, response) => {
    const { id, clubId, focus } = await lookedAt(pool, request);
    const asked = read(DaysAsked, request.query);
    const uncounted = await countSome(backing, clubId, id);
    const evenings = await athleteEvenings(pool, clubId, id);
    const within = daysOf(evenings, asked);
    const mine = inDays(evenings, within);
    const [parts, results, done] = await Promise.all([
      run<InRun<Part>>(pool, 'log-parts', clubId, id, mine),
      run<InRun<Omit<ResultRow, 'evening'>>>(pool, 'athlete-results', clubId, id, mine),
      run<InRun<{ stage: string }>>(pool, 'athlete-done', clubId, id, mine),
    ]);
    const watched = parts.map((part): Watched => {
      const { exercise, set, round, third, way, direction, view } = part;
      const { day = '', start = 0 } = evenings.get(part.run) ?? {};
      return {
        ...{ evening: String(start), day, fault: part.fault, attempts: part.attempts },
        ...{ stage: part.stage || part.name, way, direction, view },
        place: [part.run, exercise, set, round, third, way, direction, view].join(' '),
      };
    });
    const stages = grouped(done, ({ stage }) => stage);
    response.json({
      athleteId: id,
      uncounted,
      ...within,
      coverage: coverageOf(
        watched,
        [...stages].map(([stage, runs]) => ({ stage, runs: runs.length })),
        focus,
      ),
      results: results.map(({ run: its, ...row }) => ({ ...row, evening: String(evenings.get(its)?.start ?? its) })),
    } satisfies LookedAt);
  });

  return router;
}

/** The days asked for; without a first one it is a year before the last evening, or before the last day asked for. */
function daysOf(
  evenings: ReadonlyMap<string, Evening>,
  { from, to }: DaysAsked,
): { readonly from: string | null; readonly to: string | null } {
  const last = [...evenings.values()].reduce((latest, { day }) => (day > latest ? day : latest), '');
  const until = to ?? (last === '' ? null : last);
  return { from: from ?? (until === null ? null : `${Number(until.slice(0, 4)) - 1}${until.slice(4)}`), to: until };
}
