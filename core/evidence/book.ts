import { grouped } from '../grouped.js';
import { BOOK_RULES, type BookRules } from './book-rules.js';
import { lastBreak, type Break } from './breaks.js';
import { decide, type Decision } from './decide.js';
import { around, runningTest, type Evening, type Kept, type RunningTest } from './decisions.js';
import { differenceOf, type Difference } from './difference.js';
import { clusteredWilson, type Cluster, type ClusteredInterval, type Likeness } from './likeness.js';
import { limitsOf, type Limits } from './limits.js';
import { lookAgain, type LookAgain } from './look-again.js';
import { wilson, type Interval } from './proportion.js';
import { likenessBetweenReviews, recurrenceOf, type Recurrence } from './recurrence.js';
import { BOOK_ORDER, stateIn } from './states.js';

/** What a run, or some of one evening, says of one fault of an athlete. `day` is YYYY-MM-DD, of the evening. */
export interface SessionTally {
  readonly day: string;
  /** When the evening started, ms; without it all of a day is one. */
  readonly evening?: number;
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
  readonly sessions: readonly BookSession[];
}

/**
 * The fault book of one athlete: what came back and what recurs first, then what is new, what fades, what was only noted, what is gone
 * and what was looked for in vain; within, what was seen in several sessions first, then by the lower end of the interval.
 * @param decisions that the coach kept: each for going on or back begins the running test of its fault anew
 * @param rules the numbers by which it is read
 */
export function faultBook(tallies: readonly SessionTally[], decisions: readonly Kept[] = [], rules: BookRules = BOOK_RULES): BookEntry[] {
  const byFault = grouped(tallies, (tally) => tally.fault);
  const away = lastBreak(
    tallies.map(({ day }) => day),
    rules.breakDays,
  );
  return [...byFault].map(([fault, rows]) => entry(fault, rows, away, decisions, rules)).sort(byRecurrence);
}

function entry(fault: string, rows: readonly SessionTally[], away: Break | null, decisions: readonly Kept[], rules: BookRules): BookEntry {
  const merged = byEvening(rows);
  const all = sums(merged);
  const clusters = merged.map(asEvening);
  const told = clusters.filter(({ n }) => n > 0);
  const likeness = likenessBetweenReviews(told, rules.recurrence);
  const usual = usualRanges(told, likeness, rules.recurrence.every);
  let after = 0;
  const sessions = merged.map((session): BookSession => {
    const { attempts, faulty } = session;
    const watched = attempts > 0;
    return {
      ...session,
      fault,
      rate: watched ? faulty / attempts : null,
      interval: watched ? wilson(faulty, attempts) : null,
      limits: watched ? (usual[after++] ?? null) : null,
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
    seenSessions: sessions.filter((session) => session.faulty > 0).length,
    couldShow: told.length,
    lastSeen: sessions.findLast((session) => session.faulty + session.noted > 0)?.day ?? null,
    recurrence,
    lately: told.length >= 2 * last ? differenceOf(told.slice(0, -last), told.slice(-last), likeness.at(-1)) : null,
    sinceBreak: changed && away && { ...away, ...changed },
    decision: decide(clusters, rules.thumb),
    running: runningTest(clusters, decisions, fault, rules),
    lookAgain: lookAgain(clusters, recurrence, rules.lookAgain),
    sessions,
  };
}

/** What the runs of each evening say of a fault together, in the order of time. */
function byEvening(rows: readonly SessionTally[]): (Counts & { readonly day: string })[] {
  const inOrder = [...rows].sort((a, b) => (a.day === b.day ? (a.evening ?? 0) - (b.evening ?? 0) : a.day < b.day ? -1 : 1));
  const evenings = [...grouped(inOrder, ({ day, evening }) => `${day} ${evening ?? ''}`).values()];
  return evenings.map((parts) => ({ day: parts[0]?.day ?? '', ...sums(parts) }));
}

const asEvening = ({ day, faulty, attempts }: Pick<SessionTally, 'day' | 'faulty' | 'attempts'>): Evening => ({
  day,
  hits: faulty,
  n: attempts,
});

/** The evenings of one fault of an athlete, in the order of time. */
export const eveningsOfFault = (rows: readonly SessionTally[]): Evening[] => byEvening(rows).map(asEvening);

/** Where each evening would lie if it went on as before; null while too few are before it. */
function usualRanges(told: readonly Cluster[], likeness: readonly Likeness[], least: number): (Limits | null)[] {
  let [hits, n] = [0, 0];
  return told.map((one, i) => {
    const range = i < least ? null : limitsOf(one.n, hits / n, likeness[i]?.rho);
    hits += one.hits;
    n += one.n;
    return range;
  });
}

type Counts = Omit<SessionTally, 'day' | 'fault' | 'evening'>;

function sums(rows: readonly Counts[]): Counts {
  const sum = { attempts: 0, faulty: 0, noted: 0, left: 0, right: 0 };
  for (const row of rows) for (const key of ['attempts', 'faulty', 'noted', 'left', 'right'] as const) sum[key] += row[key];
  return sum;
}

function byRecurrence(a: BookEntry, b: BookEntry): number {
  const place = (e: BookEntry): number => BOOK_ORDER.indexOf(stateIn(e)) + (e.seenSessions > 1 ? 0 : 0.5);
  return place(a) - place(b) || (b.interval?.low ?? 0) - (a.interval?.low ?? 0) || b.noted - a.noted || (a.fault < b.fault ? -1 : 1);
}
