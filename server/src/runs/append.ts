import { isDeepStrictEqual } from 'node:util';
import { keepable } from '@hopsk/contract/common';
import { EVENTS_LIMITS, EventStamp, RunEvent, type EventsStored } from '@hopsk/contract/run';
import type { Made } from '@hopsk/core/catalogue/made';
import { RULES } from '@hopsk/core/log/count';
import { addEvents, rowOf, type EventRow } from '../db/events.js';
import { one, run, type Db } from '../db/sql.js';
import { HttpProblem, notFound, read } from '../http/problem.js';
import { goneAmong } from '../people/erasing.js';
import type { Changes, Counts } from '../counting/counts.js';
import { stepOf, unlessFailed, wholeRun, writeChanges, type Counted } from './written.js';

/** Who sends, and who counts. */
export interface Sender {
  readonly clubId: string;
  readonly coachId: string | null;
  readonly counts: Counts;
}

export interface Appended {
  readonly answer: EventsStored;
  /** Faults that were made in what is new. */
  readonly made: readonly Made[];
  /** To be called when the transaction is done. */
  readonly done: () => void;
}

interface Known {
  readonly device: string;
  readonly seq: number;
  readonly id: string | null;
  readonly body: unknown;
  readonly erased: boolean;
}

/**
 * Adds what is new among these events to a run's log and counts it. Sending again, in any parts and order, adds nothing twice. What
 * cannot be counted is kept as it came, so that nothing behind it waits. To be called in a transaction: it holds the run meanwhile.
 * Throws 404 without the run, 400 for what does not say its device and number, and 409 with the event that is stored where the same
 * device and number said something else.
 */
export async function appendEvents(
  db: Db,
  { clubId, coachId, counts }: Sender,
  runId: string,
  sent: readonly unknown[],
): Promise<Appended> {
  const stamps = sent.map((event) => read(EventStamp, event));
  const held = await one<{ arrival: number; merged: string }>(db, 'run-lock', clubId, runId);
  if (!held) throw notFound('run');
  const parsed = sent.map((event) => RunEvent.safeParse(event).data ?? null);
  const known = await knownOf(db, clubId, runId, stamps, parsed);
  const bodies = new Map(known.map(({ device, seq, body }) => [`${device} ${seq}`, body]));
  const ids = new Set(known.map(({ id }) => id));
  const erased = new Set(known.filter((one) => one.erased).map(({ device, seq }) => `${device} ${seq}`));
  const { athletes, gone } = await athletesOf(db, clubId, runId, parsed);
  const unagreed = await unagreedAmong(db, clubId, parsed);
  const rows: EventRow[] = [];
  const events: RunEvent[] = [];
  stamps.forEach((stamp, i) => {
    const event = parsed[i] ?? null;
    const place = `${stamp.device} ${stamp.seq}`;
    const there = bodies.get(place);
    const ofNobody = event !== null && 'athlete' in event && event.athlete !== null && gone.has(event.athlete);
    const health = isHealth(event) && unagreed.has(event.athlete);
    // What was erased, or may not be kept, is not asked what it said.
    if (there !== undefined && (ofNobody || health || erased.has(place))) return;
    if (there !== undefined) {
      if (!isDeepStrictEqual(there, event) && !isDeepStrictEqual(there, bodyOf(sent[i], stamp))) throw taken(there);
      return;
    }
    const said = ofNobody ? withoutThem(event) : event;
    const refused = ofNobody && said === null ? 'erased' : health ? 'not-agreed' : whyNot(said, ids, athletes);
    const row =
      said !== null && refused === null
        ? rowOf(said)
        : { ...stamp, id: null, athlete: null, m: 0, refused, body: ofNobody || health ? stamp : bodyOf(sent[i], stamp) };
    rows.push(row);
    bodies.set(place, row.body);
    ids.add(row.id);
    if (said !== null && refused === null) events.push(said);
  });
  const joined = events.flatMap((event) => (event.kind === 'join' ? [event.athlete] : []));
  if (joined.length > 0) await run(db, 'run-athletes-join', clubId, runId, joined);
  const arrival = await addEvents(db, { clubId, runId, coachId, arrival: held.arrival, rules: RULES }, rows);
  const done =
    rows.length > 0
      ? await counted(db, { clubId, counts }, { id: runId, merged: held.merged }, { before: held.arrival, arrival }, events)
      : () => undefined;
  const devices = [...new Set(stamps.map(({ device }) => device))];
  const stored = await run<{ device: string; stored: number }>(db, 'devices-of', clubId, runId, devices);
  return {
    answer: {
      stored: Object.fromEntries(stored.map((row) => [row.device, row.stored])),
      before: held.arrival,
      arrival,
      refused: rows.flatMap(({ device, seq, refused }) => (refused === null ? [] : [{ device, seq, code: refused }])),
    },
    made: events.filter((event) => event.kind === 'named'),
    done,
  };
}

/**
 * What stays of an event about somebody who was erased, so that nothing of theirs becomes somebody else's: nobody was watched, and a tap
 * that was given to them is taken back.
 */
function withoutThem(event: RunEvent): RunEvent | null {
  if (event.kind === 'watch') return { ...event, athlete: null };
  if (event.kind !== 'assign') return null;
  const { athlete: _, ...said } = event;
  return { ...said, kind: 'undo' };
}

const taken = (current: unknown): HttpProblem =>
  new HttpProblem(409, { code: 'stale', values: { what: 'run' } }, { current, changed: ['seq'] });

/** What is kept of an event that cannot be counted: all of it, unless it is too large or no database keeps such characters. */
const bodyOf = (event: unknown, stamp: EventStamp): unknown =>
  keepable(event) && JSON.stringify(event).length <= EVENTS_LIMITS.refusedBytes ? event : stamp;

function whyNot(event: RunEvent | null, ids: ReadonlySet<string | null>, athletes: ReadonlySet<string>): string | null {
  if (event === null) return 'not-understood';
  if (ids.has(event.id)) return 'known-id';
  if ('athlete' in event && event.athlete !== null && !athletes.has(event.athlete)) return 'unknown-athlete';
  return null;
}

async function knownOf(
  db: Db,
  clubId: string,
  runId: string,
  stamps: readonly EventStamp[],
  events: readonly (RunEvent | null)[],
): Promise<Known[]> {
  const ids = events.flatMap((event) => (event === null ? [] : [event.id]));
  return run<Known & Record<string, unknown>>(
    db,
    'events-known',
    clubId,
    runId,
    stamps.map(({ device }) => device),
    stamps.map(({ seq }) => seq),
    ids,
  );
}

/** Of those whom events name: who is of the club, and who was erased. */
async function athletesOf(
  db: Db,
  clubId: string,
  runId: string,
  events: readonly (RunEvent | null)[],
): Promise<{ readonly athletes: ReadonlySet<string>; readonly gone: ReadonlySet<string> }> {
  const named = new Set(events.flatMap((event) => (event !== null && 'athlete' in event && event.athlete !== null ? [event.athlete] : [])));
  if (named.size === 0) return { athletes: named, gone: named };
  const athletes = new Set((await run<{ id: string }>(db, 'athletes-known', clubId, [...named])).map(({ id }) => id));
  const others = [...named].filter((id) => !athletes.has(id));
  return { athletes, gone: await goneAmong(db, clubId, runId, others) };
}

/** What says something of somebody's health. */
const isHealth = (event: RunEvent | null): event is Extract<RunEvent, { kind: 'pain' | 'pulse' }> =>
  event?.kind === 'pain' || event?.kind === 'pulse';

/** Under 16s of whom no guardian agreed that anything of their health is kept, where something of it is sent: nothing of that is kept. */
async function unagreedAmong(db: Db, clubId: string, events: readonly (RunEvent | null)[]): Promise<ReadonlySet<string>> {
  const of = [...new Set(events.flatMap((event) => (isHealth(event) ? [event.athlete] : [])))];
  if (of.length === 0) return new Set();
  return new Set((await run<{ id: string }>(db, 'unagreed', clubId, of)).map(({ id }) => id));
}

/**
 * What changes with all that arrived after what is remembered of a run: another server added to it. Null where what is remembered does
 * not hold any more, which is seen by an arrival without a line: somebody in it was erased.
 */
async function addedSince(
  db: Db,
  { clubId, counts }: Pick<Sender, 'clubId' | 'counts'>,
  of: Counted,
  { before, arrival }: Reach,
): Promise<Changes | null> {
  const since = await one<{ lines: number; log: string }>(db, 'run-log-after', clubId, of.id, before);
  if (since?.lines !== arrival - before) return null;
  const changes = await counts.add(stepOf(clubId, of, before, arrival), since.log);
  return typeof changes === 'number' ? null : changes;
}

/** From which arrival to which. */
interface Reach {
  readonly before: number;
  readonly arrival: number;
}

/** Counts what is new, and writes it; gives what is to be called when the transaction is done. */
async function counted(
  db: Db,
  { clubId, counts }: Pick<Sender, 'clubId' | 'counts'>,
  of: Counted,
  { before, arrival }: Reach,
  events: readonly RunEvent[],
): Promise<() => void> {
  const step = stepOf(clubId, of, before, arrival);
  const asked = async (): Promise<Changes> => {
    const known = await counts.add(step, JSON.stringify(events));
    if (typeof known !== 'number') return known;
    const since = known > 0 ? await addedSince(db, { clubId, counts }, of, { before: known, arrival }) : null;
    if (since) return since;
    const whole = await wholeRun(db, clubId, of.id);
    if (!whole) throw notFound('run');
    return counts.whole(whole, step);
  };
  const changes = await unlessFailed(asked());
  if (!changes) return () => undefined;
  await writeChanges(db, clubId, of.id, changes);
  return () => counts.keep(step);
}
