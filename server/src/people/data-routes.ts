import { ATHLETE_FILE_NAME, EraseAsked, GivenOutAsked, LooksAsked, LOOKS_AT_ONCE, PeopleRules } from '@hopsk/contract/people-data';
import { Router } from 'express';
import { snapshot, transaction, type Pool } from '../db/pool.js';
import { refuseStale } from '../http/versioned.js';
import { idOf, notFound, read } from '../http/problem.js';
import { actorOf } from '../http/sign-in.js';
import { streamed } from '../http/streamed.js';
import { hint } from '../live/hints.js';
import { erasureOf, eraseByName } from './erasing.js';
import { givenOut } from './given-out.js';
import { listLooks, looked } from './looks.js';
import { getRules, saveRules } from './rules.js';

/** Above every version that a page knows: the list is fetched anew. */
const GONE = 2 ** 31 - 1;

/** What owners do with what is kept of people: give it out, erase it, see who looked, say how long it is kept. */
export function peopleDataRoutes(pool: Pool): Router {
  const router = Router();

  router.get('/athletes/:id/data', async (request, response) => {
    const actor = actorOf(request);
    const id = idOf(request, 'athlete');
    const { events } = read(GivenOutAsked, request.query);
    let begun = false;
    try {
      await snapshot(pool, async (db) => {
        const pieces = await givenOut(db, actor.clubId, id, events === 'yes');
        if (!pieces) throw notFound('athlete');
        begun = true;
        if (events === 'yes') response.attachment(ATHLETE_FILE_NAME);
        response.type('application/json');
        await streamed(response, pieces);
      });
    } finally {
      // What went out in part went out.
      if (begun) await looked(pool, actor, events === 'yes' ? 'given-out' : 'looked', { athlete: id });
    }
    response.end();
  });

  router.get('/athletes/:id/erasure', async (request, response) => {
    const { clubId } = actorOf(request);
    response.json(await transaction(pool, (db) => erasureOf(db, clubId, idOf(request, 'athlete'))));
  });

  router.post('/athletes/:id/erase', async (request, response) => {
    const actor = actorOf(request);
    const id = idOf(request, 'athlete');
    const { name } = read(EraseAsked, request.body);
    await transaction(pool, async (db) => {
      await eraseByName(db, actor.clubId, id, name);
      await looked(db, actor, 'erased', { athlete: id });
      await hint(db, actor.clubId, { record: 'athlete', id, version: GONE });
    });
    response.status(204).end();
  });

  router.get('/looks', async (request, response) => {
    const { before, athlete } = read(LooksAsked, request.query);
    response.json(await listLooks(pool, actorOf(request).clubId, before, athlete, LOOKS_AT_ONCE));
  });

  router.get('/people-rules', async (request, response) => {
    response.json(await getRules(pool, actorOf(request).clubId));
  });

  router.put('/people-rules', async (request, response) => {
    const actor = actorOf(request);
    const sent = read(PeopleRules, request.body);
    const saved = await transaction(pool, async (db) => {
      const kept = await saveRules(db, actor.clubId, sent);
      if (kept) await looked(db, actor, 'rules');
      return kept;
    });
    if (!saved) refuseStale('rules', sent, await getRules(pool, actor.clubId));
    response.json(saved);
  });

  return router;
}
