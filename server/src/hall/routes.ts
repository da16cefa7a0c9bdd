import { HallEntry, HallSaid } from '@hopsk/contract/hall';
import { EventsAfter } from '@hopsk/contract/run-sent';
import { Router, type Request } from 'express';
import type { Backing } from '../backing.js';
import { takeTurns } from '../club/turns.js';
import { transaction } from '../db/pool.js';
import { placeOf } from '../http/place.js';
import { HttpProblem, idOf, read } from '../http/problem.js';
import { actorOf, hold, type Holder } from '../http/sign-in.js';
import type { Hints } from '../live/hints.js';
import { stream } from '../live/stream.js';
import { holderOf, makeCode } from './codes.js';
import { hallEvents, hallRun, standing } from './hall.js';
import { takeSaid } from './said.js';

/** What a browser holds that came in by a code. */
function held(request: Request): Holder {
  if (!request.holder) throw new HttpProblem(401, { code: 'signed-out', values: {} });
  return request.holder;
}

/** Hall screens: a run's code, and what its holder sees. */
export function hallRoutes({ pool, counts }: Backing, hints: Hints, secret: string): Router {
  const router = Router();

  router.post('/runs/:id/code', async (request, response) => {
    const { clubId } = actorOf(request);
    const code = await makeCode(pool, clubId, idOf(request, 'run'), secret);
    response.status(201).json({ code });
  });

  router.post('/hall', async (request, response) => {
    await takeTurns(pool, [
      ['codes', placeOf(request.ip ?? '')],
      ['allCodes', ''],
    ]);
    const holder = await holderOf(pool, read(HallEntry, request.body).code, secret);
    await hold(request, holder);
    response.json(await hallRun(pool, holder));
  });

  router.get('/hall', async (request, response) => {
    response.json(await hallRun(pool, held(request)));
  });

  router.get('/hall/events', async (request, response) => {
    response.json(await hallEvents(pool, held(request), read(EventsAfter, request.query).after));
  });

  router.post('/hall/said', async (request, response) => {
    const holder = held(request);
    await takeTurns(pool, [['things', holder.runId]]);
    const said = read(HallSaid, request.body);
    const { heard, done } = await transaction(pool, (db) => takeSaid(db, holder, counts, said));
    done();
    response.json(heard);
  });

  router.get('/hall/live', async (request, response) => {
    const holder = held(request);
    await standing(pool, holder);
    await stream(hints, holder.clubId, response, {
      passes: (hint) => hint.includes(`"run":"${holder.runId}"`),
      still: () =>
        standing(pool, holder).then(
          () => true,
          () => false,
        ),
    });
  });

  return router;
}
