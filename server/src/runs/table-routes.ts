import { EVENTS_LIMITS } from '@hopsk/contract/run';
import { LogImport, RowsAsked, type AthleteRows, type LogImported, type LogRow } from '@hopsk/contract/log-table';
import { grouped } from '@hopsk/core/grouped';
import { Router } from 'express';
import type { Backing } from '../backing.js';
import { transaction, type Pool } from '../db/pool.js';
import { run } from '../db/sql.js';
import { HttpProblem, read } from '../http/problem.js';
import { actorOf } from '../http/sign-in.js';
import { lookedAt } from '../people/looked-at.js';
import { countSome } from './count-some.js';
import { appendEvents, type Sender } from './append.js';
import { athleteEvenings, inDays } from './evenings.js';
import { putHead } from './runs.js';
import { EVENINGS_A_DAY, toldEvenings, type ToldEvening } from './told.js';

/** Runs whose rows are given at once. */
const RUNS_AT_ONCE = 60;

type Row<T> = T & Record<string, unknown>;
type LogPart = Row<
  Omit<LogRow, 'day' | 'evening' | 'athlete' | 'tempo'> & { run: string; name: string; exercise: number; tempo: number | null }
>;

/** The log as a table: out, an athlete at a time, and in. */
export function tableRoutes(backing: Backing): Router {
  const { pool, counts } = backing;
  const router = Router();

  router.get('/athletes/:id/log', async (request, response) => {
    const { id, clubId, name: athlete } = await lookedAt(pool, request);
    const { after, ...days } = read(RowsAsked, request.query);
    const uncounted = await countSome(backing, clubId, id);
    const evenings = await athleteEvenings(pool, clubId, id);
    const mine = inDays(evenings, days);
    const some = mine.slice(after, after + RUNS_AT_ONCE);
    const parts = await run<LogPart>(pool, 'log-parts', clubId, id, some);
    const numbers = numbered([...evenings.values()]);
    const rows = parts.map(({ run: of, name, exercise: _, tempo, ...part }): LogRow => {
      const { day = '', start = 0 } = evenings.get(of) ?? {};
      return { ...part, day, evening: numbers.get(start) ?? '', athlete, stage: part.stage || name, tempo: tempo ?? 0 };
    });
    const next = after + some.length;
    response.json({ uncounted, rows, next: next < mine.length ? next : null } satisfies AthleteRows);
  });

  router.post('/log-rows', async (request, response) => {
    const actor = actorOf(request);
    const { name, look, rows } = read(LogImport, request.body);
    const evenings = toldEvenings(actor.clubId, name, rows);
    const many = [...grouped(evenings, ({ day }) => day)].find(([, of]) => of.length > EVENINGS_A_DAY);
    if (many)
      throw new HttpProblem(
        400,
        { code: 'bad-input', values: {} },
        { fields: [{ path: 'rows', code: 'too-many', values: { most: EVENINGS_A_DAY } }] },
      );
    await refuseStrangers(pool, actor.clubId, rows);
    const said = await lookAt(pool, actor.clubId, evenings);
    if (!look)
      for (const [i, evening] of evenings.entries())
        if (said[i]?.is === 'new') await add(evening, { clubId: actor.clubId, coachId: actor.id, counts });
    response.json({ evenings: said } satisfies LogImported);
  });

  /** An evening is there whole or not at all. */
  async function add(evening: ToldEvening, sender: Sender): Promise<void> {
    const done = await transaction(pool, async (db) => {
      const after: (() => void)[] = [];
      for (const { run: head, events } of evening.runs) {
        const told = events.flatMap((event) => (event.kind === 'told' ? [event.fault] : []));
        await putHead(db, sender.clubId, head, told);
        for (let from = 0; from < events.length; from += EVENTS_LIMITS.most)
          after.push((await appendEvents(db, sender, head.id, events.slice(from, from + EVENTS_LIMITS.most))).done);
      }
      return after;
    });
    for (const each of done) each();
  }

  return router;
}

/** Where a day has several evenings, which they are: the first has no number. */
function numbered(evenings: readonly { readonly day: string; readonly start: number }[]): ReadonlyMap<number, string> {
  const days = grouped(evenings, ({ day }) => day);
  return new Map(
    [...days.values()].flatMap((of) => {
      const starts = [...new Set(of.map(({ start }) => start))].sort((a, b) => a - b);
      return starts.map((start, i) => [start, i === 0 ? '' : String(i + 1)] as const);
    }),
  );
}

/** Throws 422 where somebody in it is not of this club: then nothing of it is taken. */
async function refuseStrangers(pool: Pool, clubId: string, rows: LogImport['rows']): Promise<void> {
  const ids = [...new Set(rows.map(({ athlete }) => athlete))];
  const known = new Set((await run<{ id: string }>(pool, 'athletes-known', clubId, ids)).map(({ id }) => id));
  const strangers = ids.filter((id) => !known.has(id));
  if (strangers.length === 0) return;
  const fields = strangers.slice(0, 20).map((id) => ({ path: 'rows', code: 'unknown-athlete' as const, values: { id } }));
  throw new HttpProblem(422, { code: 'unknown-athlete', values: { count: strangers.length } }, { fields });
}

/** What would become of each evening. */
async function lookAt(pool: Pool, clubId: string, evenings: readonly ToldEvening[]): Promise<LogImported['evenings']> {
  const ids = evenings.flatMap(({ runs }) => runs.map(({ run: { id } }) => id));
  const [there, others] = await Promise.all([
    run<{ id: string }>(pool, 'runs-there', clubId, ids),
    run<{ day: string; runs: number }>(pool, 'runs-of-days', clubId, [...new Set(evenings.map(({ day }) => day))], ids),
  ]);
  const [known, ofDays] = [new Set(there.map(({ id }) => id)), new Map(others.map(({ day, runs }) => [day, runs]))];
  return evenings.map(({ day, evening, rows, runs }) => ({
    ...{ day, evening, rows: rows.length, athletes: new Set(rows.map(({ athlete }) => athlete)).size },
    attempts: rows.reduce((sum, { attempts }) => sum + attempts, 0),
    runs: runs.map(({ run: { id } }) => id),
    is: runs.every(({ run: { id } }) => known.has(id)) ? 'there' : 'new',
    others: ofDays.get(day) ?? 0,
  }));
}
