import { Recount, RecountAsked, type RecountLeft } from '@hopsk/contract/recount';
import { EVENTS_LIMITS, RunHead, RunsAsked } from '@hopsk/contract/run';
import { EarlierUpload, EventsAfter, EventsUpload, RunRename } from '@hopsk/contract/run-sent';
import { RULES } from '@hopsk/core/log/count';
import { fromEarlier } from '@hopsk/core/log/earlier';
import { Router } from 'express';
import type { Backing } from '../backing.js';
import { transaction } from '../db/pool.js';
import { one, run, type Db } from '../db/sql.js';
import { mayTeach } from '../http/access.js';
import { HttpProblem, idOf, notFound, read } from '../http/problem.js';
import { hint } from '../live/hints.js';
import { actorOf } from '../http/sign-in.js';
import { refuseStale } from '../http/versioned.js';
import { getPattern } from '../patterns/patterns.js';
import { looked } from '../people/looks.js';
import { appendEvents, type Appended, type Sender } from './append.js';
import { addMade } from '../teaching/made-faults.js';
import { clubMerges } from '../teaching/teaching.js';
import { recount, recountSeen } from './recount.js';
import { eventsAfter, eventsOf, getRun, listOpen, listRuns, putHead } from './runs.js';

/**
 * Adds events and says to whoever hears of the club that there are more.
 * @param m the run's time (ms) as they were sent; null where that is not known.
 */
async function append(db: Db, sender: Sender, runId: string, events: readonly unknown[], m: number | null): Promise<Appended> {
  const appended = await appendEvents(db, sender, runId, events);
  const { before, arrival } = appended.answer;
  await run(db, 'run-heard', sender.clubId, runId, m);
  if (arrival > before) await hint(db, sender.clubId, { run: runId, arrival });
  return appended;
}

/** Runs of the club and their logs. */
export function runRoutes(backing: Backing): Router {
  const { pool, counts } = backing;
  const router = Router();

  router.get('/runs', async (request, response) => {
    const { clubId } = actorOf(request);
    response.json(await listRuns(pool, clubId, read(RunsAsked, request.query)));
  });

  router.get('/runs/open', async (request, response) => {
    response.json(await listOpen(pool, actorOf(request).clubId));
  });

  router.get('/runs/:id', async (request, response) => {
    const actor = actorOf(request);
    const whole = await getRun(pool, actor.clubId, idOf(request, 'run'));
    if (!whole) throw notFound('run');
    // Whoever is in it on the floor looks at nobody's record.
    if (whole.events.some((event) => event.kind === 'end')) await looked(pool, actor, 'run', { run: whole.run.id });
    response.json(whole);
  });

  router.put('/runs/:id', async (request, response) => {
    const { clubId } = actorOf(request);
    const head = read(RunHead, request.body);
    if (head.id !== idOf(request, 'run')) throw new HttpProblem(400, { code: 'id-differs', values: {} });
    const added = await transaction(pool, (db) => putHead(db, clubId, head));
    response.status(added ? 201 : 200).json({ added });
  });

  router.get('/runs/:id/events', async (request, response) => {
    const { clubId } = actorOf(request);
    const id = idOf(request, 'run');
    const { after } = read(EventsAfter, request.query);
    const page = await eventsAfter(pool, clubId, id, after, EVENTS_LIMITS.most);
    const standing = await one<{ now: number | null }>(pool, 'run-now', clubId, id);
    if (!standing) throw notFound('run');
    response.json({ ...page, now: standing.now });
  });

  router.post('/runs/:id/events', async (request, response) => {
    const actor = actorOf(request);
    const { clubId, id: coachId } = actor;
    const runId = idOf(request, 'run');
    const { events, m } = read(EventsUpload, request.body);
    const { answer, done } = await transaction(pool, async (db) => {
      const appended = await append(db, { clubId, coachId, counts }, runId, events, m);
      // Whoever may not teach names what they saw for the run alone.
      if (mayTeach(actor)) await addMade(db, clubId, appended.made);
      return appended;
    });
    done();
    response.json(answer);
  });

  // A page of an earlier version that is still open somewhere sends the run with each tap.
  router.post('/runs/:id/log', async (request, response) => {
    const { clubId, id: coachId } = actorOf(request);
    const { run, events } = read(EarlierUpload, request.body);
    if (run.id !== idOf(request, 'run')) throw new HttpProblem(400, { code: 'id-differs', values: {} });
    const done = await transaction(pool, async (db) => {
      await putHead(db, clubId, run);
      const fresh = fromEarlier(run.id, events, await eventsOf(db, clubId, run.id));
      return fresh.length > 0 ? (await append(db, { clubId, coachId, counts }, run.id, fresh, null)).done : () => undefined;
    });
    done();
    response.json({ stored: events.length });
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

  router.get('/recount/left', async (request, response) => {
    const { clubId } = actorOf(request);
    const merges = JSON.stringify(await clubMerges(pool, clubId));
    const { earlier = 0, merged = 0 } = (await one<Omit<RecountLeft, 'rules'>>(pool, 'recount-left', clubId, RULES, merges)) ?? {};
    response.json({ earlier, merged, rules: RULES } satisfies RecountLeft);
  });

  router.get('/recount', async (request, response) => {
    const { after } = read(RecountAsked, request.query);
    response.json(await recountSeen(backing, actorOf(request).clubId, after));
  });

  router.post('/recount', async (request, response) => {
    const actor = actorOf(request);
    const { runs } = read(Recount, request.body);
    response.json({ counted: await recount(backing, actor, runs) });
  });

  return router;
}
