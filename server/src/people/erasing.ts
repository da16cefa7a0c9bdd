import { randomUUID } from 'node:crypto';
import { LEAST_BEHIND, type Erasure } from '@hopsk/contract/people-data';
import { one, run, type Db } from '../db/sql.js';
import { HttpProblem, notFound } from '../http/problem.js';

interface RunOf extends Record<string, unknown> {
  readonly id: string;
  /** How many people are in it. */
  readonly people: number;
}

/** What would become of what is kept of an athlete. Throws 404 without them. */
export async function erasureOf(db: Db, clubId: string, id: string): Promise<Erasure> {
  const athlete = await one<{ name: string }>(db, 'athlete-lock', clubId, id);
  if (!athlete) throw notFound('athlete');
  const runs = await run<RunOf>(db, 'erase-runs', clubId, id);
  const underWay = await one<{ name: string }>(db, 'erase-under-way', clubId, id);
  const alone = runs.filter(({ people }) => people < 2).length;
  const many = runs.filter(({ people }) => people >= LEAST_BEHIND).length;
  return {
    ...{ alone, few: runs.length - alone - many, many, underWay: underWay?.name ?? null },
    mentions: await run<Erasure['mentions'][number]>(db, 'erase-mentions', clubId, athlete.name, id),
  };
}

/**
 * Erases an athlete: name, body, cautions, notes and focus go; in each run they are somebody from now on, under an id that no other run
 * has; where fewer than `LEAST_BEHIND` people stand behind a run's totals nothing is left of what was seen of them, and a run that was
 * theirs alone goes whole. That they were erased is kept, by their id alone. To be called in a transaction. Gives whether they were there.
 * @param keepsRuns runs that were theirs alone stay, empty: a device still has more of them to send
 */
export async function eraseAthlete(db: Db, clubId: string, id: string, keepsRuns = false): Promise<boolean> {
  for (const { id: runId, people } of await run<RunOf>(db, 'erase-runs', clubId, id)) {
    await one(db, 'run-lock', clubId, runId);
    if (people < 2 && !keepsRuns) {
      await run(db, 'run-erase', clubId, runId);
      continue;
    }
    const somebody = randomUUID();
    await run(db, 'somebody-add', clubId, somebody, runId);
    await run(db, 'somebody-in', clubId, runId, id, somebody);
    if (people < LEAST_BEHIND) await run(db, 'somebody-few', clubId, runId, somebody);
    // What is finer than tallies is made again from the log when somebody asks.
    await run(db, 'details-clear', clubId, runId);
  }
  await run(db, 'sessions-without', clubId, id);
  return (await one(db, 'athlete-erase', clubId, id)) !== null;
}

/** As `eraseAthlete`, by somebody who typed the name. Throws 404, 422 where it is another name, 409 while a run with them is under way. */
export async function eraseByName(db: Db, clubId: string, id: string, name: string): Promise<void> {
  const athlete = await one<{ name: string }>(db, 'athlete-lock', clubId, id);
  if (!athlete) throw notFound('athlete');
  if (athlete.name.trim() !== name.trim())
    throw new HttpProblem(422, { code: 'bad-input', values: {} }, { fields: [{ path: 'name', code: 'wrong', values: {} }] });
  const underWay = await one<{ name: string }>(db, 'erase-under-way', clubId, id);
  if (underWay) throw new HttpProblem(409, { code: 'under-way', values: { run: underWay.name } });
  await eraseAthlete(db, clubId, id);
}

/** Of these ids, those of people who were erased, or who stand in a run for somebody who was. */
export async function goneAmong(db: Db, clubId: string, runId: string, ids: readonly string[]): Promise<ReadonlySet<string>> {
  if (ids.length === 0) return new Set();
  return new Set((await run<{ id: string }>(db, 'gone-among', clubId, ids, runId)).map((row) => row.id));
}

/** Erases again whoever came back from elsewhere: a backup, say. To be called in a transaction. Gives how many. */
export async function eraseAgain(db: Db, clubId: string): Promise<number> {
  await run(db, 'erased-carried', clubId);
  const back = await run<{ id: string }>(db, 'erased-back', clubId);
  for (const { id } of back) await eraseAthlete(db, clubId, id);
  return back.length;
}
