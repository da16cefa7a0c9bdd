import type { ChanceUnit } from '../motion/action.js';

/** From where a fault can be seen. */
export type View = 'front' | 'side';

/** The unit of an attempt: what gives one chance for the fault to show. */
export type FaultUnit = ChanceUnit | 'repetition' | 'call';

/** One fault of the catalogue; what it is called, its cue and its remedy are words. `causes` are codes of other faults: shown beside it, never counted twice. */
export interface FaultEntry {
  readonly code: string;
  readonly phase: 'stance' | 'ready' | 'first' | 'travel' | 'arrival' | 'strike' | 'back';
  readonly view: View;
  readonly per: FaultUnit;
  readonly shownBy: string;
  readonly causes: readonly string[];
}
