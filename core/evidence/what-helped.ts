import { BOOK_RULES, type BookRules } from './book-rules.js';
import { DECIDED, type CameOf, type Decided, type Evening } from './decisions.js';
import { differenceOf, type Difference } from './difference.js';
import { wilson, type Interval } from './proportion.js';

/** Changes that were watched afterwards, below which nothing is said of how often they were followed by less (common practice, no source). */
export const FEWEST = 5;

/** What came after changes of one kind. */
export interface Helped {
  readonly times: number;
  /** Of them, those after which the fault could be told from before: it was surely rarer, surely more often, or no difference can be told. */
  readonly rarer: number;
  readonly oftener: number;
  readonly same: number;
  /** Share of those watched on both sides after which it was surely rarer; null where they are too few to say. */
  readonly share: Interval | null;
}

/** What came after decisions of one kind. */
export interface WhatHelped extends Helped {
  readonly decided: Decided;
}

/**
 * How often a fault was surely rarer after a change, and how often not. It came after, and need not have come of it: who is
 * taken a step back was at their worst, and part of what follows comes by itself.
 * @param differences null: not watched on both sides of it
 * @example helpedBy([null]) // { times: 1, rarer: 0, oftener: 0, same: 0, share: null }
 */
export function helpedBy(differences: readonly (Pick<Difference, 'low' | 'high'> | null)[]): Helped {
  const told = differences.flatMap((one) => (one ? [one] : []));
  const rarer = told.filter(({ high }) => high < 0).length;
  const oftener = told.filter(({ low }) => low > 0).length;
  const share = told.length < FEWEST ? null : wilson(rarer, told.length);
  return { times: differences.length, rarer, oftener, same: told.length - rarer - oftener, share };
}

/**
 * The same of each kind of decision.
 * @example whatHelped([])[0] // { decided: 'next', times: 0, rarer: 0, oftener: 0, same: 0, share: null }
 */
export const whatHelped = (decisions: readonly { readonly decided: Decided; readonly came: CameOf }[]): WhatHelped[] =>
  DECIDED.map((decided) => ({
    decided,
    ...helpedBy(decisions.filter((one) => one.decided === decided).map(({ came }) => came.difference)),
  }));

/**
 * A fault before a day on which something new was begun, and after it: the last evenings that could show it against as many after, as
 * many as a review has. What was done on the day itself is on neither side: it is where the new thing was learned. Null unless something
 * was watched on both sides.
 * @param evenings of the fault, in the order of time
 */
export function sinceBegun(
  evenings: readonly Evening[],
  day: string,
  { recurrence }: Pick<BookRules, 'recurrence'> = BOOK_RULES,
): Difference | null {
  const could = evenings.filter(({ n }) => n > 0);
  return differenceOf(
    could.filter((one) => one.day < day).slice(-recurrence.every),
    could.filter((one) => one.day > day).slice(0, recurrence.every),
  );
}
