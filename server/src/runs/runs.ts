import type { RunHead, RunRow, RunUpload, RunUploaded, RunWhole } from '@hopsk/contract/run';
import { FAULTS } from '@hopsk/core/catalogue/faults';
import { countRun } from '@hopsk/core/log/count';
import type { RunEvent } from '@hopsk/core/log/event';
import type { RunPlan } from '@hopsk/core/plan/run-plan';
import { one, run, type Db } from '../db/sql.js';
import { HttpProblem, notFound } from '../http/problem.js';
import { toEvent, toRow, type EventRow } from './events.js';

const catalogue = new Map(FAULTS.map((fault) => [fault.code, fault]));

export const listRuns = (db: Db, clubId: string, before: string, most: number): Promise<RunRow[]> =>
  run<RunRow>(db, 'run-list', clubId, before, most);

export async function getRun(db: Db, clubId: string, id: string): Promise<RunWhole | null> {
  const head = await one<RunWhole['run']>(db, 'run-get', clubId, id);
  if (!head) return null;
  return { run: head, events: await eventsOf(db, clubId, id) };
}

async function eventsOf(db: Db, clubId: string, id: string): Promise<RunWhole['events']> {
  return (await run<EventRow>(db, 'events-of', clubId, id)).map(toEvent);
}

/** Adds a run that is not there yet; gives whether it was new. */
async function addRun(db: Db, clubId: string, head: RunHead): Promise<boolean> {
  const added = await one(
    db,
    'run-add',
    clubId,
    head.id,
    head.name,
    head.day,
    head.startedAt,
    head.patternId,
    head.steps,
    JSON.stringify(head.plan),
    head.tapDelay,
    head.sessionId,
  );
  if (added) await run(db, 'run-athletes-add', clubId, head.id, head.athletes);
  return added !== null;
}

/**
 * Takes what a device sends of a run and counts the run anew from its whole log. Sending again changes nothing.
 * To be called in a transaction: it holds the run while it counts. Throws 422 when somebody in it is not of this club.
 */
export async function takeUpload(db: Db, clubId: string, { run: head, events }: RunUpload): Promise<RunUploaded> {
  const named = new Set(head.athletes);
  for (const event of events) if ('athlete' in event && event.athlete !== null) named.add(event.athlete);
  const known = new Set((await run<{ id: string }>(db, 'athletes-known', clubId, [...named])).map((row) => row.id));
  const strangers = [...named].filter((id) => !known.has(id));
  if (strangers.length > 0) {
    throw new HttpProblem(
      422,
      { code: 'unknown-athlete', values: { count: strangers.length } },
      { fields: strangers.slice(0, 20).map((id) => ({ path: 'run.athletes', code: 'unknown-athlete', values: { id } })) },
    );
  }
  await addRun(db, clubId, head);
  const kept = await one<{ plan: RunPlan; tapDelay: number }>(db, 'run-lock', clubId, head.id);
  if (!kept) throw notFound('run');
  const before = events.length;
  if (before > 0) await run(db, 'events-add', clubId, head.id, JSON.stringify(events.map(toRow)));
  const all = await eventsOf(db, clubId, head.id);
  await recount(db, clubId, head.id, kept, all);
  return { stored: before, total: all.length };
}

async function recount(
  db: Db,
  clubId: string,
  id: string,
  kept: { plan: RunPlan; tapDelay: number },
  events: readonly RunEvent[],
): Promise<void> {
  const counted = countRun(kept.plan, events, catalogue, kept.tapDelay);
  await run(db, 'tallies-clear', clubId, id);
  if (counted.tallies.length > 0) await run(db, 'tallies-add', clubId, id, JSON.stringify(counted.tallies));
  if (Object.keys(counted.praise).length > 0) await run(db, 'praise-add', clubId, id, JSON.stringify(counted.praise));
}
