import type { Side } from '../body/foot.js';
import type { Nothing, Said } from '../said.js';

/** What a pattern may hold so much of and no more. */
export type Counted = 'moves' | 'brackets' | 'things' | 'partners' | 'hits' | 'events' | 'findings';

/** Everything that a move cannot do as written. Metres. */
export interface ProblemMessages {
  readonly 'nothing-to-recover': Nothing;
  /** More than is followed of one kind; it was followed, or counted, up to there. */
  readonly 'too-many': { readonly counted: Counted; readonly most: number };
  /** One step too long, or feet that would stand too far apart. */
  readonly stride: { readonly of: 'step' | 'stand'; readonly metres: number; readonly most: number };
  readonly refused: { readonly why: 'square-lead' | 'square-switch' | 'level-swing' | 'level-exchange' };
  readonly 'short-pass': { readonly foot: Side };
  /** The thing as it was named. */
  readonly 'no-such-thing': { readonly thing: string };
  /** A distance kept to nobody. */
  readonly 'nobody-there': Nothing;
  /** Two that keep their distance to each other. */
  readonly 'both-follow': Nothing;
  readonly 'names-a-foot': Nothing;
  /** Both sides of what has none. */
  readonly 'no-side': Nothing;
}

export type ProblemMessage = Said<ProblemMessages>;
