import { transaction, type Pool } from '../db/pool.js';
import { one, run } from '../db/sql.js';
import { eraseAgain, eraseAthlete } from './erasing.js';
import { noteLook } from './looks.js';
import { getRules } from './rules.js';

/** What went because a club keeps it no longer, or because it had been erased and came back. */
export interface Went {
  readonly runs: number;
  readonly left: number;
  readonly again: number;
}

/** Takes away what a club keeps no longer, and whoever was erased and came back by a backup. Servers that do so together wait for one another. */
export async function keepAsLong(pool: Pool): Promise<Went> {
  const went = { runs: 0, left: 0, again: 0 };
  for (const { id: clubId } of await run<{ id: string }>(pool, 'clubs')) {
    const rules = await getRules(pool, clubId);
    await transaction(pool, async (db) => {
      await one(db, 'club-lock');
      went.again += await eraseAgain(db, clubId);
      if (rules.left !== null)
        for (const { id } of await run<{ id: string }>(db, 'kept-left-over', clubId, rules.left)) {
          await eraseAthlete(db, clubId, id);
          await noteLook(db, clubId, null, 'erased', { athlete: id });
          went.left++;
        }
      await run(db, 'looks-over', clubId, rules.looks);
      await run(db, 'clips-over', clubId, rules.clips ?? 0);
    });
    if (rules.runs === null) continue;
    await run(pool, 'films-over', clubId, rules.runs);
    // Some at a time: whoever taps meanwhile does not wait for years of runs.
    for (let over = true; over;)
      over = await transaction(pool, async (db) => {
        const runs = await run<{ id: string }>(db, 'kept-runs-over', clubId, rules.runs);
        for (const { id } of runs) await run(db, 'run-erase', clubId, id);
        went.runs += runs.length;
        return runs.length > 0;
      });
  }
  return went;
}
