import type { BookEntry } from '../evidence/book.js';
import type { Decided, Kept } from '../evidence/decisions.js';
import { wilson, type Interval } from '../evidence/proportion.js';
import { BOOK_ORDER, stateIn, type BookState } from '../evidence/states.js';
import { grouped } from '../grouped.js';

/** Days between two evenings from which the time between them is drawn. */
const GAP_DAYS = 14;
const DAY_MS = 86_400_000;

/** A day on which something of an athlete was seen or looked for. */
export interface Column {
  /** YYYY-MM-DD. */
  readonly day: string;
  /** Weeks since the day before it, where they are drawn as a gap; else 0. */
  readonly gap: number;
  /** Whether that time counts as a break. */
  readonly broke: boolean;
}

/** What a fault did on a day; null where nothing of it is known. */
export interface Mark {
  readonly faulty: number;
  readonly attempts: number;
  readonly noted: number;
  readonly interval: Interval | null;
}

export interface Row {
  readonly fault: string;
  readonly state: BookState;
  readonly marks: readonly (Mark | null)[];
  /** What was decided after each day, if anything, the last of it. */
  readonly flags: readonly (Decided | null)[];
}

/**
 * The days of a season in order, the last `most` of them, and how many were before.
 * @param breakDays days without any evening that make a break
 */
export function daysOf(
  entries: readonly BookEntry[],
  most: number,
  breakDays: number,
): { readonly columns: Column[]; readonly earlier: number } {
  const days = [...new Set(entries.flatMap(({ sessions }) => sessions.map(({ day }) => day)))].sort();
  const earlier = Math.max(0, days.length - most);
  const columns = days.slice(earlier).map((day, i, shown): Column => {
    const before = shown[i - 1];
    const between = before === undefined ? 0 : Math.round((Date.parse(day) - Date.parse(before)) / DAY_MS);
    return { day, gap: between >= GAP_DAYS ? Math.round(between / 7) : 0, broke: between >= breakDays };
  });
  return { columns, earlier };
}

/** A row a fault, in the order of the book; what was never seen is left out. */
export function seasonOf(entries: readonly BookEntry[], columns: readonly Column[], decisions: readonly Kept[]): Row[] {
  const shown = entries.filter((entry) => entry.faulty + entry.noted > 0 || decisions.some(({ fault }) => fault === entry.fault));
  const place = (entry: BookEntry): number => BOOK_ORDER.indexOf(stateIn(entry));
  return [...shown]
    .sort((a, b) => place(a) - place(b))
    .map((entry): Row => {
      const on = grouped(entry.sessions, ({ day }) => day);
      const stands = decisions.filter(({ fault, takenBack }) => fault === entry.fault && !takenBack);
      return {
        fault: entry.fault,
        state: stateIn(entry),
        marks: columns.map(({ day }) => markOf(on.get(day) ?? [])),
        flags: columns.map(({ day }) => stands.find((one) => one.day === day)?.decided ?? null),
      };
    });
}

/** Evenings of one day are one mark. */
function markOf(sessions: BookEntry['sessions']): Mark | null {
  if (sessions.length === 0) return null;
  const sum = (of: 'faulty' | 'attempts' | 'noted'): number => sessions.reduce((all, one) => all + one[of], 0);
  const [faulty, attempts, noted] = [sum('faulty'), sum('attempts'), sum('noted')];
  return { faulty, attempts, noted, interval: attempts > 0 ? wilson(faulty, attempts) : null };
}

/** Faults in focus that were on no day watched. */
export const neverWatched = (entries: readonly BookEntry[], columns: readonly Column[], focus: readonly string[]): string[] =>
  focus.filter((fault) => {
    const sessions = entries.find((entry) => entry.fault === fault)?.sessions ?? [];
    return !sessions.some(({ day, attempts }) => attempts > 0 && columns.some((column) => column.day === day));
  });
