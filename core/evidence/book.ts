import { grouped } from '../grouped.js';
import { decide, type Decision } from './decide.js';
import { clusteredWilson, wilson, type ClusteredInterval, type Interval } from './proportion.js';

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
  readonly decision: Decision;
  readonly sessions: readonly BookSession[];
}

/** A fault recurs when it was seen in at least this many sessions. */
export const RECURS_FROM = 2;

/**
 * The fault book of one athlete, what recurs first: faults seen in several sessions, by the lower end of their interval,
 * then those seen once, those only noted, and those watched but never seen.
 */
export function faultBook(tallies: readonly SessionTally[]): BookEntry[] {
  const byFault = grouped(tallies, (tally) => tally.fault);
  return [...byFault].map(([fault, rows]) => entry(fault, rows)).sort(byRecurrence);
}

function entry(fault: string, rows: readonly SessionTally[]): BookEntry {
  const inOrder = [...rows].sort((a, b) => (a.day === b.day ? (a.evening ?? 0) - (b.evening ?? 0) : a.day < b.day ? -1 : 1));
  const evenings = [...grouped(inOrder, ({ day, evening }) => `${day} ${evening ?? ''}`).values()];
  const sessions = evenings.map((parts): BookSession => {
    const merged = { day: parts[0]?.day ?? '', fault, ...sums(parts) };
    const watched = merged.attempts > 0;
    return {
      ...merged,
      rate: watched ? merged.faulty / merged.attempts : null,
      interval: watched ? wilson(merged.faulty, merged.attempts) : null,
    };
  });
  const all = sums(sessions);
  const clusters = sessions.map((session) => ({ hits: session.faulty, n: session.attempts }));
  return {
    fault,
    ...all,
    rate: all.attempts > 0 ? all.faulty / all.attempts : null,
    interval: clusteredWilson(clusters),
    seenSessions: sessions.filter((session) => session.faulty > 0).length,
    couldShow: sessions.filter((session) => session.attempts > 0).length,
    lastSeen: sessions.findLast((session) => session.faulty + session.noted > 0)?.day ?? null,
    decision: decide(clusters),
    sessions,
  };
}

type Counts = Omit<SessionTally, 'day' | 'fault' | 'evening'>;

function sums(rows: readonly Counts[]): Counts {
  const sum = { attempts: 0, faulty: 0, noted: 0, left: 0, right: 0 };
  for (const row of rows) for (const key of ['attempts', 'faulty', 'noted', 'left', 'right'] as const) sum[key] += row[key];
  return sum;
}

function byRecurrence(a: BookEntry, b: BookEntry): number {
  const group = (e: BookEntry): number => (e.seenSessions >= RECURS_FROM ? 0 : e.faulty > 0 ? 1 : e.noted > 0 ? 2 : 3);
  return group(a) - group(b) || (b.interval?.low ?? 0) - (a.interval?.low ?? 0) || b.noted - a.noted || (a.fault < b.fault ? -1 : 1);
}
