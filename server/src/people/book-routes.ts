import { EveningAsked, type Book, type EveningRuns, type FaultDetail } from '@hopsk/contract/book';
import { Code } from '@hopsk/contract/common';
import { GroupAsked, type GroupBook } from '@hopsk/contract/group-book';
import { faultsByCode } from '@hopsk/core/catalogue/faults';
import { eveningsOfFault, faultBook } from '@hopsk/core/evidence/book';
import { cameOf } from '@hopsk/core/evidence/decisions';
import { firstToFix } from '@hopsk/core/evidence/first-to-fix';
import { groupCell, type GroupSums } from '@hopsk/core/evidence/group';
import { runPartsOf, type PartRow } from '@hopsk/core/evidence/run-parts';
import { splitsOf } from '@hopsk/core/evidence/splits';
import { comingTogether, type PairSums } from '@hopsk/core/evidence/together';
import { grouped } from '@hopsk/core/grouped';
import { RULES } from '@hopsk/core/log/count';
import { Router, type Request } from 'express';
import type { Backing } from '../backing.js';
import { readableBy } from '../club/members.js';
import type { Pool } from '../db/pool.js';
import { one, run } from '../db/sql.js';
import { idOf, notFound, read } from '../http/problem.js';
import { actorOf } from '../http/sign-in.js';
import { detailed } from '../runs/details.js';
import { athleteEvenings } from '../runs/evenings.js';
import { getAthlete } from './athletes.js';
import { listDecisions } from './decisions.js';
import { eveningTallies } from './evening-tallies.js';
import { looked, lookedAtAll } from './looks.js';

/** Runs whose parts are counted for one request; of a long history the rest is counted when it is asked again. */
const COUNTED_AT_ONCE = 12;

type Row<T> = T & Record<string, unknown>;

/** What `group-sums` gives: somebody who was here, and one fault of theirs; without one where nothing of them was watched. */
type GroupRow = Row<{ athleteId: string; here: number; last: string } & (GroupSums | { fault: null })>;

/** The fault book of an athlete, one fault of it opened, and the books of a group beside each other. */
export function bookRoutes(backing: Backing): Router {
  const { pool } = backing;
  const router = Router();

  router.get('/book', async (request, response) => {
    const actor = actorOf(request);
    const { since } = read(GroupAsked, request.query);
    const may = await readableBy(pool, actor);
    const rows = await run<GroupRow>(pool, 'group-sums', actor.clubId, since, may && [...may]);
    const athletes = [...grouped(rows, ({ athleteId }) => athleteId)].map(([athleteId, of]) => {
      const [{ here, last }] = of as [GroupRow];
      return { athleteId, here, last, cells: of.flatMap((row) => (row.fault === null ? [] : [groupCell(sumsIn(row))])) };
    });
    await lookedAtAll(
      pool,
      actor,
      athletes.map(({ athleteId }) => athleteId),
    );
    response.json({ since, athletes } satisfies GroupBook);
  });

  router.get('/athletes/:id/book', async (request, response) => {
    const { id, clubId, focus } = await lookedAt(pool, request);
    const shared = (await run<{ id: string }>(pool, 'athlete-runs-shared', clubId, id)).map((one) => one.id);
    await detailed(backing, clubId, shared);
    const uncounted = await countSome(backing, clubId, id);
    const [rows, decisions, praise, agreement, pairs] = await Promise.all([
      eveningTallies(pool, clubId, id),
      listDecisions(pool, clubId, id),
      one<{ times: number }>(pool, 'book-praise', clubId, id),
      run<Row<Book['agreement'][number]>>(pool, 'book-agreement', clubId, id, shared),
      run<Row<PairSums>>(pool, 'fault-pairs', clubId, id),
    ]);
    const book = faultBook(rows, decisions);
    const evenings = new Map([...grouped(rows, ({ fault }) => fault)].map(([fault, of]) => [fault, eveningsOfFault(of)]));
    const days = [...new Map(rows.map(({ day, evening }) => [`${day} ${evening ?? ''}`, day])).values()];
    response.json({
      athleteId: id,
      from: days[0] ?? null,
      to: days.at(-1) ?? null,
      sessions: days.length,
      uncounted,
      praise: praise?.times ?? 0,
      agreement,
      decisions: decisions.map((one) => ({ ...one, came: cameOf(evenings.get(one.fault) ?? [], one, decisions) })),
      first: firstToFix(book, comingTogether(pairs), faultsByCode(), focus).map((one) => ({ ...one, drags: [...one.drags] })),
      entries: book.map((entry) => ({
        ...entry,
        sessions: [...entry.sessions],
        recurrence: { ...entry.recurrence, reviews: [...entry.recurrence.reviews] },
        running: { ...entry.running, restarts: [...entry.running.restarts] },
      })),
    } satisfies Book);
  });

  router.get('/athletes/:id/book/:fault', async (request, response) => {
    const { id, clubId } = await lookedAt(pool, request);
    const fault = read(Code, request.params['fault']);
    const uncounted = await countSome(backing, clubId, id);
    const [parts, pairs, evenings] = await Promise.all([
      run<Row<PartRow>>(pool, 'fault-parts', clubId, id, fault),
      run<Row<PairSums>>(pool, 'fault-pairs', clubId, id),
      athleteEvenings(pool, clubId, id),
    ]);
    response.json({
      athleteId: id,
      fault,
      uncounted,
      splits: splitsOf(runPartsOf(parts, (of) => String(evenings.get(of)?.start ?? of))),
      together: comingTogether(pairs).filter((pair) => pair.fault === fault || pair.other === fault),
    } satisfies FaultDetail);
  });

  router.get('/athletes/:id/book/:fault/runs', async (request, response) => {
    const { id, clubId } = await lookedAt(pool, request);
    const fault = read(Code, request.params['fault']);
    const { day } = read(EveningAsked, request.query);
    const [runs, evenings] = await Promise.all([
      run<Row<EveningRuns[number]>>(pool, 'fault-runs', clubId, id, fault),
      athleteEvenings(pool, clubId, id),
    ]);
    response.json(runs.filter((one) => evenings.get(one.id)?.day === day) satisfies EveningRuns);
  });

  return router;
}

/** A row without what is said of the athlete. */
const sumsIn = ({ fault, noted, evenings, n, hits, squares, shares }: GroupRow & GroupSums): GroupSums => ({
  ...{ fault, noted, evenings, n, hits, squares, shares },
});

/** Counts the parts of some of an athlete's runs where they are not counted, the latest first; gives how many are not, after that. */
async function countSome(backing: Backing, clubId: string, athlete: string): Promise<number> {
  const notCounted = () => run<{ id: string; stale: number }>(backing.pool, 'athlete-runs-stale', clubId, athlete, RULES, COUNTED_AT_ONCE);
  const stale = await notCounted();
  if (stale.length === 0) return 0;
  await detailed(
    backing,
    clubId,
    stale.map(({ id }) => id),
  );
  // Asked again: one that could not be counted is still not in.
  return (await notCounted())[0]?.stale ?? 0;
}

/** The athlete of a request, for somebody who may read of them, which is noted. Throws 404. */
async function lookedAt(pool: Pool, request: Request): Promise<{ id: string; clubId: string; focus: readonly string[] }> {
  const actor = actorOf(request);
  const { clubId } = actor;
  const id = idOf(request, 'athlete');
  const may = await readableBy(pool, actor);
  const athlete = may?.has(id) === false ? null : await getAthlete(pool, clubId, id);
  if (!athlete) throw notFound('athlete');
  await looked(pool, actor, 'looked', { athlete: id });
  return { id, clubId, focus: athlete.focus };
}
