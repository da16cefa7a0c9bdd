import type { FaultDecisions, FaultRemedies } from '@hopsk/contract/book';
import { Code } from '@hopsk/contract/common';
import { DecisionSave } from '@hopsk/contract/decisions';
import { eveningsOfFault, faultBook } from '@hopsk/core/evidence/book';
import { cameOf, saidBy } from '@hopsk/core/evidence/decisions';
import { grouped } from '@hopsk/core/grouped';
import { countedAs } from '@hopsk/core/log/merged';
import { Router } from 'express';
import type { Backing } from '../backing.js';
import { readableBy } from '../club/members.js';
import { transaction } from '../db/pool.js';
import type { Db } from '../db/sql.js';
import { HttpProblem, idOf, notFound, read } from '../http/problem.js';
import { actorOf } from '../http/sign-in.js';
import { refuseStale } from '../http/versioned.js';
import { bookRules, clubMerges } from '../teaching/teaching.js';
import { getAthlete } from './athletes.js';
import { addDecision, decisionsAs, listDecisions, listOfFault, takeBack } from './decisions.js';
import { eveningTallies, talliesOfAthletes } from './evening-tallies.js';
import { looked, lookedAtAll } from './looks.js';
import { remediesOf } from './remedies.js';

/** What coaches decide of an athlete's faults: kept, and taken back where it was a mistake. */
export function decisionRoutes(backing: Backing): Router {
  const { pool } = backing;
  const router = Router();

  // Sent again it is kept once. What the rule said is worked out here, of the evenings that were known.
  router.put('/athletes/:id/decisions/:decision', async (request, response) => {
    const actor = actorOf(request);
    const { clubId } = actor;
    const id = idOf(request, 'athlete');
    const decision = idOf(request, 'decision', 'decision');
    const sent = read(DecisionSave, request.body);
    if (!(await getAthlete(pool, clubId, id))) throw notFound('athlete');
    // One that comes late, from a device without a network, knows nothing of what was decided after it.
    const as = countedAs(await clubMerges(pool, clubId));
    const before = (await decisionsAs(pool, clubId, id, as)).filter(({ day }) => day <= sent.day);
    const all = await eveningTallies(pool, clubId, id);
    // What was known is what an evening said; a day without one would end tests that are still to come.
    if (!all.some(({ day }) => day === sent.day))
      throw new HttpProblem(400, { code: 'bad-input', values: {} }, { fields: [{ path: 'day', code: 'no-evening', values: {} }] });
    const tallies = all.filter(({ day }) => day <= sent.day);
    const entry = faultBook(tallies, before, await bookRules(pool, clubId)).find(({ fault }) => fault === sent.fault);
    const said = entry ? saidBy(sent.rule, entry.decision, entry.running) : 'not enough';
    await transaction(pool, async (db) => {
      const added = await addDecision(db, clubId, actor.id, { ...sent, id: decision, athlete: id, said, at: null, takenBackAt: null });
      if (added) await looked(db, actor, 'changed', { athlete: id });
    });
    const kept = (await listDecisions(pool, clubId, id)).find((one) => one.id === decision);
    const keys = ['fault', 'day', 'decided', 'rule', 'why'] as const;
    if (!kept || keys.some((key) => kept[key] !== sent[key])) refuseStale('decision', sent, kept ?? null);
    response.json(kept);
  });

  router.get('/decisions/:fault', async (request, response) => {
    const actor = actorOf(request);
    const fault = read(Code, request.params['fault']);
    const may = await readableBy(pool, actor);
    const faults = await countedIn(pool, actor.clubId, fault);
    const decisions = (await listOfFault(pool, actor.clubId, faults, may && [...may])).map((one) => ({ ...one, fault }));
    const athletes = [...new Set(decisions.map(({ athleteId }) => athleteId))];
    const tallies = await talliesOfAthletes(pool, actor.clubId, athletes, fault);
    await lookedAtAll(pool, actor, athletes);
    const rules = await bookRules(pool, actor.clubId);
    const theirs = grouped(decisions, ({ athleteId }) => athleteId);
    const evenings = new Map(athletes.map((athlete) => [athlete, eveningsOfFault(tallies.get(athlete) ?? [])]));
    const told = decisions.map((one) => ({
      ...one,
      came: cameOf(evenings.get(one.athleteId) ?? [], one, theirs.get(one.athleteId) ?? [], rules),
    }));
    response.json({ fault, decisions: told } satisfies FaultDecisions);
  });

  router.get('/remedies/:fault', async (request, response) => {
    const actor = actorOf(request);
    const fault = read(Code, request.params['fault']);
    const may = await readableBy(pool, actor);
    const as = await countedIn(pool, actor.clubId, fault);
    const found = await remediesOf(backing, actor.clubId, { fault, as, may: may && [...may], rules: await bookRules(pool, actor.clubId) });
    await lookedAtAll(pool, actor, [...new Set(found.remedies.map(({ athleteId }) => athleteId))]);
    response.json({ fault, ...found } satisfies FaultRemedies);
  });

  router.post('/athletes/:id/decisions/:decision/take-back', async (request, response) => {
    const actor = actorOf(request);
    const [id, decision] = [idOf(request, 'athlete'), idOf(request, 'decision', 'decision')];
    if (!(await takeBack(pool, actor.clubId, id, decision))) throw notFound('decision');
    await looked(pool, actor, 'changed', { athlete: id });
    response.status(204).end();
  });

  return router;
}

/** A fault, and those that the club counts as it. */
async function countedIn(db: Db, clubId: string, fault: string): Promise<string[]> {
  const merges = Object.entries(await clubMerges(db, clubId));
  return [fault, ...merges.flatMap(([code, into]) => (into === fault ? [code] : []))];
}
