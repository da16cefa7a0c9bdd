import type { EventsPage, RunHead, RunOpen, RunRow, RunsAsked, RunWhole } from '@hopsk/contract/run';
import type { Merges } from '@hopsk/core/catalogue/merges';
import type { RunEvent } from '@hopsk/core/log/event';
import { one, run, type Db } from '../db/sql.js';
import { HttpProblem } from '../http/problem.js';
import { eraseAthlete, goneAmong } from '../people/erasing.js';
import { clubMerges } from '../teaching/teaching.js';

export const listRuns = (db: Db, clubId: string, { before, behind, most, find, from, to }: RunsAsked): Promise<RunRow[]> =>
  run<RunRow>(db, 'run-list', clubId, before, behind, most, find, from, to);

/** Runs under way of which something was heard lately. */
export const listOpen = (db: Db, clubId: string): Promise<RunOpen[]> => run<RunOpen>(db, 'runs-open', clubId);

type Unsaid = Pick<RunWhole['run'], 'views' | 'faults' | 'merged'>;
type Row = Omit<RunWhole['run'], keyof Unsaid> & { readonly [K in keyof Unsaid]-?: NonNullable<Unsaid[K]> | null };

/** The head of a run, with how often its name was changed; what was not said when it began is not in it. */
export async function headOf(db: Db, clubId: string, id: string): Promise<RunWhole['run'] | null> {
  const row = await one<Row>(db, 'run-get', clubId, id);
  if (!row) return null;
  const { views, faults, merged, ...head } = row;
  return { ...head, ...(views && { views }), ...(faults && { faults }), ...(merged && { merged }) };
}

export async function getRun(db: Db, clubId: string, id: string): Promise<Omit<RunWhole, 'unread'> | null> {
  const head = await headOf(db, clubId, id);
  if (!head) return null;
  // The number first: what arrives meanwhile is then asked for once more, and not left out.
  const standing = await one<{ arrival: number; now: number | null }>(db, 'run-now', clubId, id);
  const before = await run<RunWhole['before'][number] & Record<string, unknown>>(db, 'tallies-before', clubId, id);
  const wrote = await run<{ device: string; who: string }>(db, 'run-who', clubId, id);
  const who = Object.fromEntries(wrote.map((one) => [one.device, one.who]));
  return { run: head, events: await eventsOf(db, clubId, id), arrival: standing?.arrival ?? 0, now: standing?.now ?? null, before, who };
}

/** All events of a run that can be counted, by arrival. */
export async function eventsOf(db: Db, clubId: string, id: string): Promise<RunEvent[]> {
  return (await run<{ body: RunEvent }>(db, 'events-after', clubId, id, 0, null)).map(({ body }) => body);
}

/** Events that arrived after so many, at most so many of them. */
export async function eventsAfter(db: Db, clubId: string, id: string, after: number, most: number): Promise<Omit<EventsPage, 'now'>> {
  const rows = await run<{ arrival: number; body: RunEvent }>(db, 'events-after', clubId, id, after, most + 1);
  const page = rows.slice(0, most);
  return { events: page.map(({ body }) => body), arrival: page.at(-1)?.arrival ?? after, more: rows.length > most };
}

/**
 * Adds a run; gives whether it was new. The same again changes nothing. To be called in a transaction. Throws 422 when somebody in it
 * is not of this club, and 409 with the run as it stands when it is there with another head.
 * @param told faults that a table told of in it, which no plan names
 */
export async function putHead(db: Db, clubId: string, head: RunHead, told: readonly string[] = []): Promise<boolean> {
  const known = new Set((await run<{ id: string }>(db, 'athletes-known', clubId, head.athletes)).map((row) => row.id));
  const gone = await goneAmong(
    db,
    clubId,
    head.id,
    [...new Set(head.athletes)].filter((id) => !known.has(id)),
  );
  const strangers = [...new Set(head.athletes)].filter((id) => !known.has(id) && !gone.has(id));
  if (strangers.length > 0) {
    throw new HttpProblem(
      422,
      { code: 'unknown-athlete', values: { count: strangers.length } },
      { fields: strangers.slice(0, 20).map((id) => ({ path: 'run.athletes', code: 'unknown-athlete', values: { id } })) },
    );
  }
  const plan = JSON.stringify(head.plan);
  const { id, name, day, startedAt, patternId, steps, tapDelay, sessionId, athletes } = head;
  const [views, faults] = [head.views, head.faults].map((part) => (part ? JSON.stringify(part) : null));
  const merged = mergedIn([plan, JSON.stringify(told)], await clubMerges(db, clubId));
  const said = [name, day, startedAt, patternId, steps, plan, tapDelay, sessionId, views, faults, merged];
  const added = await one(db, 'run-add', clubId, id, ...said);
  if (added) {
    // Whoever was erased since is in it as somebody.
    for (const who of gone) await run(db, 'somebody-add', clubId, who, null);
    await run(db, 'run-athletes-add', clubId, id, athletes);
    for (const who of gone) await eraseAthlete(db, clubId, who, true);
    return true;
  }
  const named = athletes.map((who) => (gone.has(who) ? null : who));
  const there = await one<{ same: boolean }>(db, 'run-same', clubId, id, day, startedAt, steps, plan, tapDelay, named, views, faults);
  if (there?.same !== true)
    throw new HttpProblem(409, { code: 'stale', values: { what: 'run' } }, { current: await headOf(db, clubId, id) });
  return false;
}

/** What of a club's merges a run could count by, as JSON; null where these texts name none of them. What else is tapped in it is counted anew when the club says so. */
function mergedIn(texts: readonly string[], merges: Merges): string | null {
  const named = Object.entries(merges).filter(([code]) => texts.some((text) => text.includes(JSON.stringify(code))));
  return named.length === 0 ? null : JSON.stringify(Object.fromEntries(named));
}
