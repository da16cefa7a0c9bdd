import {
  BookAsked,
  BookRead,
  EVENINGS_TOLD,
  RunsAsked,
  type Book,
  type BookChoices,
  type FaultDetail,
  type RunsBehind,
} from '@hopsk/contract/book';
import { Code } from '@hopsk/contract/common';
import { GroupAsked, type GroupBook } from '@hopsk/contract/group-book';
import { offeredFaults } from '@hopsk/core/catalogue/faults';
import { mergesOf } from '@hopsk/core/catalogue/merges';
import { partsBehind } from '@hopsk/core/evidence/behind';
import { causeMap } from '@hopsk/core/evidence/cause-map';
import { eveningsOfFault, faultBook } from '@hopsk/core/evidence/book';
import type { Evening } from '@hopsk/core/evidence/evenings';
import { cameOf } from '@hopsk/core/evidence/decisions';
import { firstToFix } from '@hopsk/core/evidence/first-to-fix';
import { groupCell, type GroupSums } from '@hopsk/core/evidence/group';
import { runPartsOf } from '@hopsk/core/evidence/run-parts';
import { splitsOf } from '@hopsk/core/evidence/splits';
import { comingTogether, type PairSums } from '@hopsk/core/evidence/together';
import { grouped } from '@hopsk/core/grouped';
import { SOURCES } from '@hopsk/core/log/event';
import { countedAs } from '@hopsk/core/log/merged';
import { STAGE_KINDS } from '@hopsk/core/plan/exercise';
import { Router } from 'express';
import type { Backing } from '../backing.js';
import { readableBy } from '../club/members.js';
import { one, run } from '../db/sql.js';
import { read } from '../http/problem.js';
import { actorOf } from '../http/sign-in.js';
import { countSome } from '../runs/count-some.js';
import { athleteEvenings } from '../runs/evenings.js';
import { bookRules, clubFaults } from '../teaching/teaching.js';
import { decisionsAs } from './decisions.js';
import { byParts, partsOf, talliesOf, type BookPart } from './narrowed.js';
import { lookedAt } from './looked-at.js';
import { lookedAtAll } from './looks.js';

type Row<T> = T & Record<string, unknown>;

/** What `book-choices` gives. */
type Chosen = Row<{ done: string; kind: string; source: string; coachId: string | null; coach: string | null }>;

/** What `group-sums` gives: somebody who was here, and one fault of theirs; without one where nothing of them was watched. */
type GroupRow = Row<{ athleteId: string; here: number; last: string } & (GroupSums | { fault: null })>;

/** The fault book of an athlete, one fault of it opened, and the books of a group beside each other. */
export function bookRoutes(backing: Backing): Router {
  const { pool } = backing;
  const router = Router();

  router.get('/book', async (request, response) => {
    const actor = actorOf(request);
    const { since } = read(GroupAsked, request.query);
    const [may, numbers] = await Promise.all([readableBy(pool, actor), bookRules(pool, actor.clubId)]);
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
    response.json({ since, athletes, numbers } satisfies GroupBook);
  });

  router.get('/athletes/:id/book', async (request, response) => {
    const { id, clubId, focus } = await lookedAt(pool, request);
    const { evenings: whole, ...asked } = read(BookRead, request.query);
    // What is read of a part alone, and what comes together, is of runs whose parts are counted; the rest does not wait for them.
    const [uncounted, faults, tallies] = await Promise.all([
      countSome(backing, clubId, id),
      clubFaults(pool, clubId),
      byParts(asked) ? null : talliesOf(pool, clubId, id, asked),
    ]);
    const [as, known] = [countedAs(mergesOf(faults)), new Map(offeredFaults(faults).map((one) => [one.code, one]))];
    const [rows, decisions, praise, agreement, pairs, numbers] = await Promise.all([
      tallies ?? talliesOf(pool, clubId, id, asked),
      decisionsAs(pool, clubId, id, as),
      one<{ times: number }>(pool, 'book-praise', clubId, id),
      run<Row<Book['agreement'][number]>>(pool, 'book-agreement', clubId, id),
      run<Row<PairSums>>(pool, 'fault-pairs', clubId, id),
      bookRules(pool, clubId),
    ]);
    const days = rows.flatMap(({ day, evening }, i) => (day === rows[i - 1]?.day && evening === rows[i - 1]?.evening ? [] : [day]));
    const from = (whole === 'all' ? undefined : days.at(-EVENINGS_TOLD)) ?? '';
    const book = faultBook(rows, decisions, numbers, from);
    const offered = book.filter(({ fault }) => known.has(fault));
    const together = comingTogether(pairs);
    const causes = causeMap(offered, together, known, (fault) => known.has(fault));
    const decided = new Set(decisions.map(({ fault }) => fault));
    const ofDecided = grouped(
      rows.filter(({ fault }) => decided.has(fault)),
      ({ fault }) => fault,
    );
    const evenings = new Map([...ofDecided].map(([fault, of]) => [fault, eveningsOfFault(of)]));
    response.json({
      athleteId: id,
      from: days[0] ?? null,
      to: days.at(-1) ?? null,
      sessions: days.length,
      earlier: days.filter((day) => day < from).length,
      uncounted,
      praise: praise?.times ?? 0,
      agreement,
      numbers,
      decisions: decisions.map((one) => ({ ...one, came: cameOf(evenings.get(one.fault) ?? [], one, decisions, numbers) })),
      first: firstToFix(offered, together, known, focus.map(as)).map((one) => ({ ...one, drags: [...one.drags] })),
      causes: { nodes: [...causes.nodes], links: [...causes.links], others: [...causes.others] },
      entries: book.map((entry) => ({
        ...entry,
        sessions: [...entry.sessions],
        recurrence: { ...entry.recurrence, reviews: entry.recurrence.reviews.slice(-REVIEWS_TOLD) },
        running: { ...entry.running, restarts: [...entry.running.restarts] },
      })),
    } satisfies Book);
  });

  router.get('/athletes/:id/book/:fault', async (request, response) => {
    const { id, clubId } = await lookedAt(pool, request);
    const fault = read(Code, request.params['fault']);
    const asked = read(BookAsked, request.query);
    const uncounted = await countSome(backing, clubId, id);
    const [{ parts, evenings }, pairs] = await Promise.all([
      partsOf(pool, clubId, id, fault, asked),
      run<Row<PairSums>>(pool, 'fault-pairs', clubId, id),
    ]);
    response.json({
      athleteId: id,
      fault,
      uncounted,
      splits: splitsOf(runPartsOf(parts, eveningOf(evenings))),
      together: comingTogether(pairs).filter((pair) => pair.fault === fault || pair.other === fault),
    } satisfies FaultDetail);
  });

  router.get('/athletes/:id/book/:fault/runs', async (request, response) => {
    const { id, clubId } = await lookedAt(pool, request);
    const fault = read(Code, request.params['fault']);
    const asked = read(RunsAsked, request.query);
    if ('with' in asked) {
      response.json((await run<Row<RunsBehind[number]>>(pool, 'pair-runs', clubId, id, fault, asked.with)) satisfies RunsBehind);
      return;
    }
    if ('day' in asked && !byParts(asked)) {
      const [runs, evenings] = await Promise.all([
        run<Row<RunsBehind[number]>>(pool, 'fault-runs', clubId, id, fault),
        athleteEvenings(pool, clubId, id),
      ]);
      response.json(runs.filter((one) => evenings.get(one.id)?.day === asked.day) satisfies RunsBehind);
      return;
    }
    const { parts, evenings } = await partsOf(pool, clubId, id, fault, asked);
    const behind =
      'day' in asked
        ? parts.filter((part) => evenings.get(part.run)?.day === asked.day)
        : partsBehind(parts, eveningOf(evenings), asked.by, asked.value);
    response.json([...grouped(behind, (part) => part.run).values()].map(runBehind) satisfies RunsBehind);
  });

  router.get('/athletes/:id/book-choices', async (request, response) => {
    const { id, clubId } = await lookedAt(pool, request);
    const rows = await run<Chosen>(pool, 'book-choices', clubId, id);
    const [kinds, sources] = [new Set(rows.map(({ kind }) => kind)), new Set(rows.map(({ source }) => source))];
    response.json({
      done: [...new Set(rows.map(({ done }) => done))].sort(),
      kinds: STAGE_KINDS.filter((kind) => kinds.has(kind)),
      sources: SOURCES.filter((source) => sources.has(source)),
      coaches: [...new Map(rows.flatMap(({ coachId, coach }) => (coachId && coach ? [[coachId, coach] as const] : [])))]
        .map(([of, name]) => ({ id: of, name }))
        .sort((a, b) => (a.name < b.name ? -1 : 1)),
    } satisfies BookChoices);
  });

  return router;
}

/** Reviews of a fault that are told: those of a season. */
const REVIEWS_TOLD = 6;

/** The evening of a run, by its start. */
const eveningOf =
  (evenings: ReadonlyMap<string, Evening>) =>
  (of: string): string =>
    String(evenings.get(of)?.start ?? of);

/** What parts of one run say together. */
function runBehind(parts: readonly BookPart[]): RunsBehind[number] {
  const [{ run: id, name, began }] = parts as [BookPart];
  const sum = (of: 'attempts' | 'faulty' | 'again' | 'noted'): number => parts.reduce((all, part) => all + part[of], 0);
  return {
    id,
    name,
    startedAt: new Date(began).toISOString(),
    attempts: sum('attempts'),
    faulty: sum('faulty'),
    again: sum('again'),
    noted: sum('noted'),
  };
}

/** A row without what is said of the athlete. */
const sumsIn = ({ fault, noted, evenings, n, hits, squares, shares }: GroupRow & GroupSums): GroupSums => ({
  ...{ fault, noted, evenings, n, hits, squares, shares },
});
