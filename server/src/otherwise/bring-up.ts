import { TODAY, type ReadBy } from '@hopsk/contract/reworded';
import { one, run, type Db } from '../db/sql.js';
import { transaction, type Pool } from '../db/pool.js';
import { listPatterns, saveKeptPattern } from '../patterns/patterns.js';
import { listSessions, saveKeptSession } from '../sessions/sessions.js';
import { getTeaching, saveKeptTeaching } from '../teaching/teaching.js';
import { keptPattern, keptSession, keptTeaching, type Kept } from './kept-lines.js';
import { ownMoves } from './own-moves.js';

interface Behind extends Record<string, unknown> {
  readonly id: string;
  readonly language: number;
  readonly engine: number;
}

/** Records looked through together. */
const TOGETHER = 200;

/**
 * Brings what was saved with an earlier language or engine to today's: where a line reads otherwise, or is done otherwise, a new version of its record says what it said,
 * and it is listed; everything else stays the version it is. To be called before anybody is served; servers that start together wait for
 * one another. Gives how many records were reworded.
 */
export async function bringUp(pool: Pool): Promise<number> {
  return transaction(pool, async (db) => {
    await one(db, 'club-lock');
    let reworded = 0;
    for (const { id } of await run<{ id: string }>(db, 'clubs')) reworded += await bringUpClub(db, id);
    return reworded;
  });
}

const isReworded = ({ found }: Kept<unknown>): boolean => found.length > 0;

async function bringUpClub(db: Db, clubId: string): Promise<number> {
  const patterns = await bringUpSome(db, clubId, 'pattern', async (ids, by) => {
    const own = await ownMoves(db, clubId, by);
    const changed = (await listPatterns(db, clubId, ids)).map((one) => keptPattern(one, by, own)).filter(isReworded);
    for (const one of changed) await saveKeptPattern(db, clubId, one, by);
    return changed.map(({ record }) => record.id);
  });
  const sessions = await bringUpSome(db, clubId, 'session', async (ids, by) => {
    const own = await ownMoves(db, clubId, by);
    const all = (await listSessions(db, clubId, ids)).map(({ archivedAt: _, savedAt: _at, ...one }) => one);
    const changed = all.map((one) => keptSession(one, by, own)).filter(isReworded);
    for (const one of changed) await saveKeptSession(db, clubId, one, by);
    return changed.map(({ record }) => record.id);
  });
  // Last: until then lines are read with its moves as they were.
  return patterns + sessions + (await bringUpTeaching(db, clubId));
}

async function bringUpSome(
  db: Db,
  clubId: string,
  what: 'pattern' | 'session',
  reword: (ids: readonly string[], by: ReadBy) => Promise<readonly string[]>,
): Promise<number> {
  const behind = await run<Behind>(db, `${what}-behind`, clubId, TODAY.language, TODAY.engine);
  let reworded = 0;
  const each = new Map(behind.map(({ language, engine }) => [`${language} ${engine}`, { language, engine }]));
  for (const { language, engine } of each.values()) {
    const ids = behind.filter((row) => row.language === language && row.engine === engine).map(({ id }) => id);
    for (let at = 0; at < ids.length; at += TOGETHER) {
      const some = ids.slice(at, at + TOGETHER);
      const changed = new Set(await reword(some, { language, engine, known: true, most: Infinity }));
      const same = some.filter((id) => !changed.has(id));
      await run(db, `${what}-read-now`, clubId, same, TODAY.language, TODAY.engine);
      reworded += changed.size;
    }
  }
  return reworded;
}

async function bringUpTeaching(db: Db, clubId: string): Promise<number> {
  const behind = await one<Behind>(db, 'teaching-behind', clubId, TODAY.language, TODAY.engine);
  const teaching = behind && (await getTeaching(db, clubId));
  if (!teaching) return 0;
  const by = { language: behind.language, engine: behind.engine, known: true, most: Infinity };
  const kept = keptTeaching(teaching, by);
  if (isReworded(kept)) {
    await saveKeptTeaching(db, clubId, kept, by);
    return 1;
  }
  await run(db, 'teaching-read-now', clubId, TODAY.language, TODAY.engine);
  return 0;
}
