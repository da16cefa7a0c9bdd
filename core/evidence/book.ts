import { grouped } from '../grouped.js';
import { BOOK_RULES, type BookRules } from './book-rules.js';
import { lastBreak, type Break } from './breaks.js';
import { decide, type Decision } from './decide.js';
import { around, runningTest, type Evening, type Kept, type RunningTest } from './decisions.js';
import { differenceOf, type Difference } from './difference.js';
import { clusteredWilson, sumsUpTo, totalOf, type Cluster, type ClusteredInterval, type Likeness } from './likeness.js';
import { limitsOf, type Limits } from './limits.js';
import { lookAgain, type LookAgain } from './look-again.js';
import { wilson, type Interval } from './proportion.js';
import { likenessBetweenReviews, recurrenceOf, type Recurrence } from './recurrence.js';
import { BOOK_ORDER, stateIn } from './states.js';

/** What a run, or some of one evening, says of one fault of an athlete. `day` is YYYY-MM-DD, of the evening. */
export interface SessionTally {
  readonly day: string;
  /** When the evening started, ms; without it all of a day is one. */
  readonly evening?: number | undefined;
  readonly fault: string;
  readonly attempts: number;
  readonly faulty: number;
  readonly noted: number;
  readonly left: number;
  readonly right: number;
}

/** One session of a fault: its rate with the plain interval, which speaks of that session alone; null when nothing was watched. */
export interface BookSession extends Omit<SessionTally, 'evening'> {
  readonly rate: number | null;
  readonly interval: Interval | null;
  /** Between which shares it would lie if it went on as in the sessions before it; null while there are not as many as a review has. */
  readonly limits: Limits | null;
}

/** A fault of an athlete across sessions. Rates are shares of watched attempts, 0…1; null means not seen, never 0. */
export interface BookEntry {
  readonly fault: string;
  readonly attempts: number;
  readonly faulty: number;
  readonly noted: number;
  readonly left: number;
  readonly right: number;
  readonly rate: number | null;
  readonly interval: ClusteredInterval | null;
  /** Sessions in which it was seen, and those with watched attempts that could show it. */
  readonly seenSessions: number;
  readonly couldShow: number;
  readonly lastSeen: string | null;
  readonly recurrence: Recurrence;
  /** The last evenings that could show it, as many as a review has, against those before; null while there are not as many before. */
  readonly lately: Difference | null;
  /** What the latest break did to it; null where there was none, or nothing was watched before it or since. */
  readonly sinceBreak: (Break & Difference) | null;
  /** What the rule of thumb says, and the running test since the last decision that ended one. */
  readonly decision: Decision;
  readonly running: RunningTest;
  /** When it is to be looked at again; null for what is not cleared. */
  readonly lookAgain: LookAgain | null;
  /** Of the last evenings that could show it, as many as a review has. */
  readonly recent: Cluster;
  /** Evenings that could show it since it was first seen; 0 where it never was. */
  readonly since: number;
  /** Evenings of it that are not among the sessions: those before the first day that was asked for. */
  readonly earlier: number;
  readonly sessions: readonly BookSession[];
}

/**
 * The fault book of one athlete: what came back and what recurs first, then what is new, what fades, what was only noted, what is gone
 * and what was looked for in vain; within, what was seen in several sessions first, then by the lower end of the interval.
 * @param decisions that the coach kept: each for going on or back begins the running test of its fault anew
 * @param rules the numbers by which it is read
 * @param from the first day (YYYY-MM-DD) whose sessions are told one by one; what was before counts in all the rest
 */
export function faultBook(
  tallies: readonly SessionTally[],
  decisions: readonly Kept[] = [],
  rules: BookRules = BOOK_RULES,
  from = '',
): BookEntry[] {
  const byFault = grouped(tallies, (tally) => tally.fault);
  const away = lastBreak(
    tallies.map(({ day }) => day),
    rules.breakDays,
  );
  return [...byFault].map(([fault, rows]) => entry(fault, rows, { away, decisions, rules, from })).sort(byRecurrence);
}

interface Reading {
  readonly away: Break | null;
  readonly decisions: readonly Kept[];
  readonly rules: BookRules;
  readonly from: string;
}

function entry(fault: string, rows: readonly SessionTally[], { away, decisions, rules, from }: Reading): BookEntry {
  const merged = byEvening(rows);
  const all = sums(merged);
  const clusters = merged.map(asEvening);
  const told = clusters.filter(({ n }) => n > 0);
  const likeness = likenessBetweenReviews(told, rules.recurrence);
  const upTo = sumsUpTo(told);
  const first = merged.findIndex(({ day }) => day >= from);
  const shown = first < 0 ? [] : merged.slice(first);
  let after = told.length - shown.filter(({ attempts }) => attempts > 0).length;
  const sessions = shown.map((session): BookSession => {
    const { attempts, faulty } = session;
    const watched = attempts > 0;
    const limits = watched ? usualRange(told, upTo, likeness, after, rules.recurrence.every) : null;
    if (watched) after++;
    return {
      ...session,
      fault,
      rate: watched ? faulty / attempts : null,
      interval: watched ? wilson(faulty, attempts) : null,
      limits,
    };
  });
  const last = rules.recurrence.every;
  const changed = away && around(told, away.from, away.to, rules);
  const recurrence = recurrenceOf(clusters, rules.recurrence);
  return {
    fault,
    ...all,
    rate: all.attempts > 0 ? all.faulty / all.attempts : null,
    interval: clusteredWilson(clusters),
    seenSessions: merged.filter((session) => session.faulty > 0).length,
    couldShow: told.length,
    lastSeen: merged.findLast((session) => session.faulty + session.noted > 0)?.day ?? null,
    recurrence,
    lately: told.length >= 2 * last ? differenceOf(told.slice(0, -last), told.slice(-last), likeness.at(-1)) : null,
    sinceBreak: changed && away && { ...away, ...changed },
    decision: decide(clusters, rules.thumb),
    running: runningTest(clusters, decisions, fault, rules),
    lookAgain: lookAgain(clusters, recurrence, rules.lookAgain),
    recent: recentOf(told, last),
    since: sinceSeen(told),
    earlier: merged.length - shown.length,
    sessions,
  };
}

const recentOf = (told: readonly Cluster[], every: number): Cluster => {
  const { hits, n } = totalOf(told.slice(-every));
  return { hits, n };
};

function sinceSeen(told: readonly Cluster[]): number {
  const first = told.findIndex(({ hits }) => hits > 0);
  return first < 0 ? 0 : told.length - first;
}

type Counts = Omit<SessionTally, 'day' | 'fault' | 'evening'>;

const inOrder = (a: SessionTally, b: SessionTally): number =>
  a.day === b.day ? (a.evening ?? 0) - (b.evening ?? 0) : a.day < b.day ? -1 : 1;

/** What the runs of each evening say of a fault together, in the order of time. */
function byEvening(rows: readonly SessionTally[]): (Counts & { readonly day: string })[] {
  // As a rule they come in order.
  const sorted = rows.every((row, i) => i === 0 || inOrder(rows[i - 1] as SessionTally, row) <= 0) ? rows : [...rows].sort(inOrder);
  const evenings: (Mutable & { readonly day: string })[] = [];
  sorted.forEach((row, i) => {
    const before = sorted[i - 1];
    if (before === undefined || inOrder(before, row) !== 0) evenings.push({ day: row.day, ...NOTHING });
    addUp(evenings.at(-1) as Mutable, row);
  });
  return evenings;
}

type Mutable = { -readonly [K in keyof Counts]: Counts[K] };
const NOTHING: Counts = { attempts: 0, faulty: 0, noted: 0, left: 0, right: 0 };

/** Written out: a book of many years has some ten thousands of them. */
function addUp(sum: Mutable, row: Counts): void {
  sum.attempts += row.attempts;
  sum.faulty += row.faulty;
  sum.noted += row.noted;
  sum.left += row.left;
  sum.right += row.right;
}

const asEvening = ({ day, faulty, attempts }: Pick<SessionTally, 'day' | 'faulty' | 'attempts'>): Evening => ({
  day,
  hits: faulty,
  n: attempts,
});

/** The evenings of one fault of an athlete, in the order of time. */
export const eveningsOfFault = (rows: readonly SessionTally[]): Evening[] => byEvening(rows).map(asEvening);

/** Where one of these evenings would lie if it went on as in those before it; null while too few are before it. */
function usualRange(
  told: readonly Cluster[],
  upTo: readonly Cluster[],
  likeness: readonly Likeness[],
  at: number,
  least: number,
): Limits | null {
  const [one, before] = [told[at], upTo[at]];
  return at < least || !one || !before ? null : limitsOf(one.n, before.hits / before.n, likeness[at]?.rho);
}

function sums(rows: readonly Counts[]): Counts {
  const sum = { ...NOTHING };
  for (const row of rows) addUp(sum, row);
  return sum;
}

function byRecurrence(a: BookEntry, b: BookEntry): number {
  const place = (e: BookEntry): number => BOOK_ORDER.indexOf(stateIn(e)) + (e.seenSessions > 1 ? 0 : 0.5);
  return place(a) - place(b) || (b.interval?.low ?? 0) - (a.interval?.low ?? 0) || b.noted - a.noted || (a.fault < b.fault ? -1 : 1);
}
