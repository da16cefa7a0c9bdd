import type { StageKind } from '../plan/exercise.js';
import type { BookEntry } from './book.js';
import { saidBy, type Decided, type Kept } from './decisions.js';
import type { FirstToFix } from './first-to-fix.js';
import { BOOK_RULES, type BookRules } from './book-rules.js';

/** Why a fault is worked on next time, by its numbers. */
export type NextReason =
  /** It was cleared, and is due for a look since that day (YYYY-MM-DD). */
  | { readonly code: 'due'; readonly due: string }
  /** It is one of those to fix first; what comes of it was decided by the coach on a day, or is what the chosen rule says. */
  | { readonly code: 'first'; readonly to: Decided; readonly decidedOn: string | null; readonly rate: number; readonly evenings: number }
  /** It is in focus, and was not watched in the last so many evenings. */
  | { readonly code: 'unwatched'; readonly evenings: number };

/** What the next session does about a fault. */
export interface NextWant {
  readonly fault: string;
  readonly part: 'warm-up' | 'main';
  readonly kinds: readonly StageKind[];
  readonly reason: NextReason;
}

/** Looks at what was cleared, and at what nobody watched, a session at most (common practice, no source). */
const LOOKS = 2;

/** What is done about a fault: back to its remedy and slow beats, the same on both sides, or on to calls and a feed (common practice, no source). */
const KINDS: Readonly<Record<Decided, readonly StageKind[]>> = {
  back: ['isolate', 'beats'],
  stay: ['isolate', 'whole', 'other side'],
  next: ['whole', 'called', 'fed'],
};

/**
 * What a session of an athlete is to hold next: first a look at what was cleared and is due, in the warm-up; then what is to be fixed
 * first, each as the coach decided last, or else as the chosen rule says; then a look at what is in focus and was not watched. A fault
 * stands in it once. It is offered: the coach takes it, changes it, or leaves it.
 * @param today YYYY-MM-DD
 */
export function nextSession(
  book: readonly BookEntry[],
  first: readonly FirstToFix[],
  decisions: readonly Kept[],
  focus: readonly string[],
  today: string,
  rules: BookRules = BOOK_RULES,
): NextWant[] {
  const due = book
    .flatMap(({ fault, lookAgain }) => (lookAgain && lookAgain.due <= today ? [{ fault, due: lookAgain.due }] : []))
    .sort((a, b) => (a.due < b.due ? -1 : a.due > b.due ? 1 : 0))
    .slice(0, LOOKS)
    .map(({ fault, due }): NextWant => ({ fault, part: 'warm-up', kinds: ['whole'], reason: { code: 'due', due } }));
  const fixes = first.map(({ fault, rate, evenings }): NextWant => {
    const decided = lastOf(decisions, fault);
    const entry = book.find((one) => one.fault === fault);
    const rule = entry ? saidBy(rules.by, entry.decision, entry.running) : 'not enough';
    const to = decided?.decided ?? (rule === 'not enough' ? 'stay' : rule);
    return { fault, part: 'main', kinds: KINDS[to], reason: { code: 'first', to, decidedOn: decided?.day ?? null, rate, evenings } };
  });
  const days = [...new Set(book.flatMap(({ sessions }) => sessions.map(({ day }) => day)))].sort().slice(-rules.recurrence.every);
  const named = new Set([...due, ...fixes].map(({ fault }) => fault));
  const unwatched = [...new Set(focus)]
    .filter((fault) => !named.has(fault) && !watchedOn(book, fault, days))
    .slice(0, LOOKS)
    .map((fault): NextWant => ({ fault, part: 'main', kinds: ['whole'], reason: { code: 'unwatched', evenings: days.length } }));
  return [...due, ...fixes, ...unwatched];
}

/** The last decision of a fault that stands. */
const lastOf = (decisions: readonly Kept[], of: string): Kept | undefined =>
  decisions
    .filter(({ fault, takenBack }) => fault === of && !takenBack)
    .reduce<Kept | undefined>((last, one) => (last === undefined || one.day > last.day ? one : last), undefined);

const watchedOn = (book: readonly BookEntry[], of: string, days: readonly string[]): boolean =>
  book.some(({ fault, sessions }) => fault === of && sessions.some(({ day, attempts }) => attempts > 0 && days.includes(day)));
