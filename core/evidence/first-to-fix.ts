import type { FaultEntry } from '../catalogue/fault.js';
import type { BookEntry } from './book.js';
import { costingOf, costOf, type Costing } from './cost.js';
import { stateIn } from './states.js';
import { beside, type Together } from './together.js';

/** A fault that goes on for so many evenings counts twice as much as a new one (common practice, no source). */
const LONG = 12;
/** So many are worked on at a time (common practice, no source). */
const AT_ONCE = 3;

/** What is to be fixed first, and the numbers by which. */
export interface FirstToFix extends Costing {
  readonly fault: string;
  /** Of the last evenings that could show it, as many as a review has. */
  readonly rate: number;
  /** Evenings that could show it since it was seen first. */
  readonly evenings: number;
  /** Faults that the catalogue says it causes, and that come together with it more than by chance: what share of their occasions had it. */
  readonly drags: readonly { readonly fault: string; readonly share: number }[];
}

type Known = Pick<FaultEntry, 'causes' | 'safety' | 'cost'>;

/**
 * Two or three faults to work on: what can hurt first; then by (rate × cost + what it drags along) × how long it has gone on. What is
 * dragged along is not named beside what drags it.
 * @param together pairs of this athlete, those that were found
 * @param focus what the coach has in focus for them
 */
export function firstToFix(
  book: readonly BookEntry[],
  together: readonly Together[],
  catalogue: ReadonlyMap<string, Known>,
  focus: readonly string[],
): FirstToFix[] {
  const open = book.flatMap((entry) => candidate(entry, catalogue, focus));
  const weighed = open.map((one) => {
    const drags = open.flatMap((other) => draggedBy(one.fault, other, together, catalogue));
    const burden = burdenOf(one) + drags.reduce((sum, { share, of }) => sum + share * burdenOf(of), 0);
    return {
      score: burden * (1 + Math.min(LONG, one.evenings) / LONG),
      first: { ...one, drags: drags.map(({ share, of }) => ({ fault: of.fault, share })) },
    };
  });
  weighed.sort((a, b) => Number(b.first.safety) - Number(a.first.safety) || b.score - a.score || (a.first.fault < b.first.fault ? -1 : 1));
  const named: FirstToFix[] = [];
  for (const { first } of weighed)
    if (named.length < AT_ONCE && (first.safety || !named.some(({ drags }) => drags.some(({ fault }) => fault === first.fault))))
      named.push(first);
  return named;
}

type Candidate = Omit<FirstToFix, 'drags'>;

const burdenOf = (one: Candidate): number => one.rate * costOf(one);

function candidate(entry: BookEntry, catalogue: ReadonlyMap<string, Known>, focus: readonly string[]): Candidate[] {
  if (!['returned', 'recurring', 'new'].includes(stateIn(entry))) return [];
  const { fault, recent, since } = entry;
  if (recent.hits === 0) return [];
  return [{ fault, rate: recent.hits / recent.n, ...costingOf(catalogue.get(fault), focus.includes(fault)), evenings: since }];
}

function draggedBy(
  fault: string,
  of: Candidate,
  together: readonly Together[],
  catalogue: ReadonlyMap<string, Known>,
): { readonly of: Candidate; readonly share: number }[] {
  if (catalogue.get(of.fault)?.causes.includes(fault) !== true) return [];
  const pair = together.find(({ found, ...one }) => found && [one.fault, one.other].sort().join() === [fault, of.fault].sort().join());
  if (!pair) return [];
  const showed = beside(pair, of.fault);
  return [{ of, share: showed.with / showed.ofWith }];
}
