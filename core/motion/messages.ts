import type { Side } from '../body/foot.js';
import type { Nothing, Said } from '../said.js';

/** Everything that a move cannot do as written. Metres. */
export interface ProblemMessages {
  readonly 'nothing-to-recover': Nothing;
  readonly 'too-many-moves': { readonly most: number };
  /** One step too long, or feet that would stand too far apart. */
  readonly stride: { readonly of: 'step' | 'stand'; readonly metres: number; readonly most: number };
  readonly refused: { readonly why: 'square-lead' | 'square-switch' | 'level-swing' | 'level-exchange' };
  readonly 'short-pass': { readonly foot: Side };
  /** The thing as it was named. */
  readonly 'no-such-thing': { readonly thing: string };
  readonly 'names-a-foot': Nothing;
}

export type ProblemMessage = Said<ProblemMessages>;
