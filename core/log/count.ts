import type { FaultEntry, View } from '../catalogue/fault.js';
import { attemptsOf, isTapped, stretchesOfPlan, type Attempt, type RunPlan } from '../plan/run-plan.js';
import { spansRun } from './clock.js';
import { ordered, undoneIds, type FaultEvent, type Result, type RunEvent } from './event.js';
import { watchedThroughout, watchings, type Watching } from './watching.js';

/** Seconds between what a coach sees and the tap (common practice, no source); each coach sets their own. */
export const TAP_DELAY = 1;

/** What a run says of one fault of one athlete. */
export interface Tally {
  readonly athlete: string;
  readonly fault: string;
  /** Watched attempts, and how many of them showed the fault. */
  readonly attempts: number;
  readonly faulty: number;
  /** Second taps in the same attempt: kept, not counted. */
  readonly again: number;
  /** Taps without a denominator. */
  readonly noted: number;
  /** Taps by side, where one was given. */
  readonly left: number;
  readonly right: number;
}

/** Where a tap belongs: an attempt counted, the same attempt again, or noted without a rate. */
interface Placed {
  readonly event: FaultEvent;
  readonly as: 'counted' | 'again' | 'noted';
  readonly attempt: Attempt | null;
}

export interface RunCount {
  readonly tallies: readonly Tally[];
  readonly placed: readonly Placed[];
  /** Praise by athlete. */
  readonly praise: Readonly<Record<string, number>>;
  /** Where the ball or blade went, by athlete: kept apart from the feet. */
  readonly results: Readonly<Record<string, Readonly<Partial<Record<Result, number>>>>>;
}

interface Draft {
  attempts: number;
  faulty: number;
  again: number;
  noted: number;
  left: number;
  right: number;
}

/**
 * Counts a run's log by the rules of the trade: an attempt has a fault or not; it has a denominator only while the
 * athlete was watched for all of it, the fault was on the board and the viewpoint shows it.
 * @param catalogue the fault's unit and viewpoint by code; a tap with an unknown code is noted.
 * @param tapDelay seconds by which a tap comes after what it means.
 * @param exercise of a session: only attempts of this one have a denominator, only its praise and results are counted.
 */
export function countRun(
  plan: RunPlan,
  log: readonly RunEvent[],
  catalogue: ReadonlyMap<string, FaultEntry>,
  tapDelay: number,
  exercise: number | null = null,
): RunCount {
  const events = ordered(log);
  const undone = undoneIds(events);
  const kept = events.filter((event) => !undone.has(event.id));
  const spans = watchings(kept);
  const drafts = new Map<string, Draft>();
  const draft = (athlete: string, fault: string): Draft => {
    const key = `${athlete} ${fault}`;
    const known = drafts.get(key) ?? { attempts: 0, faulty: 0, again: 0, noted: 0, left: 0, right: 0 };
    drafts.set(key, known);
    return known;
  };
  const taps = kept.filter((event): event is FaultEvent => event.kind === 'fault').map((tap) => assigned(tap, kept));
  const codes = new Set([...spans.flatMap((span) => span.board), ...taps.map((tap) => tap.fault)]);
  const placed: Placed[] = [];

  for (const code of codes) {
    const fault = catalogue.get(code);
    const mine = taps.filter((tap) => tap.fault === code);
    const chances = fault === undefined ? [] : isTapped(plan) ? tapped(kept, fault) : planned(plan, kept, fault, spans, exercise);
    for (const chance of chances) if (chance.athlete !== null) draft(chance.athlete, code).attempts++;
    const marked = new Set<Chance>();
    for (const tap of mine) {
      const found = isTapped(plan) ? openAt(chances, tap) : runningAt(chances, tap, tapDelay);
      const chance = chances[moved(found, tap, kept)] ?? null;
      const counts = chance !== null && chance.athlete !== null && chance.athlete === tap.athlete;
      const as = !counts ? 'noted' : marked.has(chance) ? 'again' : 'counted';
      if (counts) marked.add(chance);
      placed.push({ event: tap, as, attempt: chance?.attempt ?? null });
      if (tap.athlete === null) continue;
      const row = draft(tap.athlete, code);
      if (as === 'counted') row.faulty++;
      else if (as === 'again') row.again++;
      else row.noted++;
      if (tap.side !== null && as !== 'again') row[tap.side]++;
    }
  }

  const praise: Record<string, number> = {};
  const results: Record<string, Partial<Record<Result, number>>> = {};
  for (const event of kept) {
    if (exercise !== null && exerciseAt(plan, event.t) !== exercise) continue;
    if (event.kind === 'right' && event.athlete !== null) praise[event.athlete] = (praise[event.athlete] ?? 0) + 1;
    if (event.kind === 'result' && event.athlete !== null) {
      const mine = (results[event.athlete] ??= {});
      mine[event.result] = (mine[event.result] ?? 0) + 1;
    }
  }
  const tallies = [...drafts].map(([key, row]): Tally => {
    const [athlete, fault] = key.split(' ') as [string, string];
    return { athlete, fault, ...row };
  });
  return { tallies, placed: placed.sort((a, b) => a.event.n - b.event.n), praise, results };
}

/** One attempt, and who was watched throughout so that it counts (null: it does not). */
interface Chance {
  readonly attempt: Attempt;
  readonly athlete: string | null;
  /** In tapped counting: log numbers between which taps belong to it. */
  readonly after: number;
  readonly upTo: number;
}

/** Which exercise is on at this second. */
function exerciseAt(plan: RunPlan, t: number): number {
  const stretches = stretchesOfPlan(plan);
  return (stretches.find(({ end }) => t < end) ?? stretches.at(-1))?.exercise ?? 0;
}

function planned(
  plan: RunPlan,
  events: readonly RunEvent[],
  fault: FaultEntry,
  spans: readonly Watching[],
  exercise: number | null,
): Chance[] {
  const total = stretchesOfPlan(plan).at(-1)?.end ?? 0;
  const run = spansRun(events, total);
  const done = (attempt: Attempt): boolean =>
    run.some((stretch) => stretch.from <= attempt.start + 1e-9 && attempt.end <= stretch.to + 1e-9);
  return attemptsOf(plan, fault.per).map((attempt) => ({
    attempt,
    athlete:
      (exercise === null || attempt.exercise === exercise) && done(attempt)
        ? watchedThroughout(spans, attempt.start, attempt.end, fault.code, fault.view)
        : null,
    after: 0,
    upTo: 0,
  }));
}

/**
 * Attempts closed by the coach's tap; each lasts from the closing before it, for the athlete it was closed for. It has a
 * denominator when the fault was on the board and could be seen from the viewpoint all through it.
 */
function tapped(events: readonly RunEvent[], fault: FaultEntry): Chance[] {
  const chances: Chance[] = [];
  let onBoard = false;
  let view: View = 'side';
  let throughout = false;
  let after = -1;
  let start = 0;
  for (const event of events) {
    if (event.kind === 'board') onBoard = event.faults.includes(fault.code);
    else if (event.kind === 'view') view = event.view;
    const shown = onBoard && view === fault.view;
    // Turning to another athlete begins a new attempt; what was open is left without a denominator.
    if (event.kind === 'watch') {
      after = event.n;
      throughout = shown;
    } else if (event.kind === 'board' || event.kind === 'view') throughout = throughout && shown;
    if (event.kind !== 'attempt') continue;
    chances.push({
      attempt: { start, end: event.t, set: 1, round: 1, repetition: chances.length + 1, exercise: 0 },
      athlete: throughout ? event.athlete : null,
      after,
      upTo: event.n,
    });
    after = event.n;
    start = event.t;
    throughout = shown;
  }
  return chances;
}

const openAt = (chances: readonly Chance[], tap: FaultEvent): number =>
  chances.findIndex((chance) => chance.after < tap.n && tap.n < chance.upTo);

/** The attempt running the tap delay before the tap; in a rest the last one before. */
function runningAt(chances: readonly Chance[], tap: FaultEvent, delay: number): number {
  const meant = tap.source === 'floor' ? tap.t - delay : tap.t;
  return chances.findLastIndex((chance) => chance.attempt.start <= meant + 1e-9);
}

/** An attempt moved as the coach said afterwards; −1 stays nowhere. */
function moved(index: number, tap: FaultEvent, events: readonly RunEvent[]): number {
  if (index < 0) return index;
  return events.reduce((at, event) => (event.kind === 'move' && event.target === tap.id ? at + event.by : at), index);
}

function assigned(tap: FaultEvent, events: readonly RunEvent[]): FaultEvent {
  const last = events.findLast((event) => event.kind === 'assign' && event.target === tap.id);
  return last?.kind === 'assign' ? { ...tap, athlete: last.athlete } : tap;
}
