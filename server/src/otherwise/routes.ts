import { linesOf, rewordPattern, rewordSession, rewordTeaching, type PlacedLine, type Reword } from '@hopsk/contract/lines';
import { OtherwiseSettled, type Otherwise, type OtherwiseNow } from '@hopsk/contract/otherwise';
import type { Pattern } from '@hopsk/contract/pattern';
import type { Session } from '@hopsk/contract/session';
import type { Teaching } from '@hopsk/contract/teaching';
import { Router } from 'express';
import { transaction, type Pool } from '../db/pool.js';
import { one, run, type Db } from '../db/sql.js';
import { idOf, notFound, read } from '../http/problem.js';
import { actorOf } from '../http/sign-in.js';
import { hint } from '../live/hints.js';
import { getPattern, listPatterns, savePattern } from '../patterns/patterns.js';
import { getSession, listSessions, saveSession } from '../sessions/sessions.js';
import { getTeaching, saveTeaching } from '../teaching/teaching.js';

type Row = Omit<Otherwise, 'name' | 'part' | 'of' | 'for'> & { readonly place: string } & Record<string, unknown>;

/** Lines that were saved with an earlier language and read otherwise today: which, and what a coach makes of them. */
export function otherwiseRoutes(pool: Pool): Router {
  const router = Router();

  router.get('/read-otherwise', async (request, response) => {
    const { clubId } = actorOf(request);
    const rows = await run<Row>(pool, 'otherwise-open', clubId);
    // Two lists ask each time they are opened.
    if (rows.length === 0) return void response.json([]);
    const idsOf = (record: Otherwise['record']): string[] => [
      ...new Set(rows.filter((row) => row.record === record).map(({ recordId }) => recordId)),
    ];
    const lines = new Map<string, { readonly name: string; readonly lines: ReadonlyMap<string, PlacedLine> }>();
    const has = (id: string, name: string, all: (reword: Reword) => unknown): unknown => lines.set(id, { name, lines: linesOf(all) });
    for (const one of await listPatterns(pool, clubId, idsOf('pattern'))) has(one.id, one.name, (reword) => rewordPattern(one, reword));
    for (const one of await listSessions(pool, clubId, idsOf('session'))) has(one.id, one.name, (reword) => rewordSession(one, reword));
    const teaching = idsOf('teaching').length > 0 ? await getTeaching(pool, clubId) : null;
    if (teaching) has(clubId, '', (reword) => rewordTeaching(teaching, reword));
    const told = rows.flatMap(({ place, nameThen: _, ...row }): Otherwise[] => {
      const record = lines.get(row.recordId);
      const line = record?.lines.get(place);
      // What was changed since says what its coach made of it.
      return record && line?.text === row.stands ? [{ ...row, name: record.name, part: line.part, of: line.of, for: written(line) }] : [];
    });
    response.json(told);
  });

  router.post('/read-otherwise/:id', async (request, response) => {
    const { clubId, id: coachId } = actorOf(request);
    const { take } = read(OtherwiseSettled, request.body);
    const id = idOf(request, 'address');
    const settled = await transaction(pool, async (db) => {
      const row = await one<Row>(db, 'otherwise-get', clubId, id);
      if (!row) throw notFound('address');
      const saved = take ? await taken(db, clubId, row) : null;
      const now: OtherwiseNow['now'] = !take ? 'stands' : saved ? 'taken' : 'changed';
      await run(db, 'otherwise-settle', clubId, id, now, coachId);
      return { now, row, saved };
    });
    const { now, row, saved } = settled;
    if (saved && row.record !== 'teaching')
      await hint(pool, clubId, { record: row.record, id: row.recordId, version: saved.version }).catch(() => undefined);
    response.json({ now } satisfies OtherwiseNow);
  });

  return router;
}

const written = ({ for: { school, hand, lead } }: PlacedLine): Otherwise['for'] => ({ school, hand, lead });

/** Puts what was typed in the place of what stands; null where something else stands there by now. */
async function taken(db: Db, clubId: string, row: Row): Promise<Pattern | Session | Teaching | null> {
  let there = false;
  const reword: Reword = ({ place, text }) => {
    if (place !== row.place || text !== row.stands) return text;
    there = true;
    return row.typed;
  };
  const { recordId } = row;
  if (row.record === 'pattern') {
    const pattern = await getPattern(db, clubId, recordId);
    const now = pattern && rewordPattern(pattern, reword);
    return now && there ? savePattern(db, clubId, now) : null;
  }
  if (row.record === 'session') {
    const session = await getSession(db, clubId, recordId);
    const now = session && rewordSession(session, reword);
    if (!now || !there) return null;
    const { archivedAt: _, savedAt: _at, ...sent } = now;
    return saveSession(db, clubId, sent);
  }
  const teaching = await getTeaching(db, clubId);
  const now = teaching && rewordTeaching(teaching, reword);
  return now && there ? saveTeaching(db, clubId, now) : null;
}
