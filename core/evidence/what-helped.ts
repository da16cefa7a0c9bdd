import { DECIDED, type CameOf, type Decided } from './decisions.js';
import { wilson, type Interval } from './proportion.js';

/** Decisions that were watched afterwards, below which nothing is said of how often they were followed by less (common practice, no source). */
export const FEWEST = 5;

/** What came after decisions of one kind. */
export interface WhatHelped {
  readonly decided: Decided;
  readonly times: number;
  /** Of them, those after which the fault could be told from before: it was surely rarer, surely more often, or no difference can be told. */
  readonly rarer: number;
  readonly oftener: number;
  readonly same: number;
  /** Share of decisions that were told from before after which it was surely rarer; null where they are too few to say. */
  readonly share: Interval | null;
}

/**
 * How often a fault was surely rarer after each kind of decision, and how often not. It came after, and need not have come of it: who is
 * taken a step back was at their worst, and part of what follows comes by itself.
 * @example whatHelped([])[0] // { decided: 'next', times: 0, rarer: 0, oftener: 0, same: 0, share: null }
 */
export function whatHelped(decisions: readonly { readonly decided: Decided; readonly came: CameOf }[]): WhatHelped[] {
  return DECIDED.map((decided) => {
    const of = decisions.filter((one) => one.decided === decided);
    const told = of.flatMap(({ came: { difference } }) => (difference ? [difference] : []));
    const rarer = told.filter(({ high }) => high < 0).length;
    const oftener = told.filter(({ low }) => low > 0).length;
    const share = told.length < FEWEST ? null : wilson(rarer, told.length);
    return { decided, times: of.length, rarer, oftener, same: told.length - rarer - oftener, share };
  });
}
