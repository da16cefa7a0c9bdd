import type { NotationMessage } from '../../language/messages.js';
import type { Nothing, Said } from '../../said.js';

/** Why an alternative cannot be called again and again. */
export interface HindranceMessages {
  readonly 'no-steps': Nothing;
  readonly 'no-moves': Nothing;
  readonly unread: { readonly error: NotationMessage };
  readonly 'other-lead': Nothing;
  readonly 'not-ready': Nothing;
}

export type Hindrance = Said<HindranceMessages>;

/** Why a list of calls is other than asked, and the nearest thing that works. Seconds. */
export interface CallMessages {
  readonly 'no-alternatives': Nothing;
  readonly hindered: { readonly name: string; readonly why: Hindrance };
  readonly interval: { readonly asked: number; readonly slowest: string; readonly reaction: number; readonly needs: number };
  /** `after` so many calls none stays on the floor. */
  readonly floor: { readonly after: number; readonly area: string };
  readonly run: Nothing;
  readonly counts: Nothing;
  /** So many calls and no more are drawn. */
  readonly many: { readonly most: number };
  readonly short: { readonly within: number; readonly shortest: number };
}

export type CallMessage = Said<CallMessages>;
