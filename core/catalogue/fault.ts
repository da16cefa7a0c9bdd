import type { ChanceUnit } from '../motion/action.js';

/** From where a fault can be seen. */
export const VIEWS = ['front', 'side'] as const;
export type View = (typeof VIEWS)[number];

/** The unit of an attempt: what gives one chance for the fault to show. */
export const FAULT_UNITS = ['step', 'split', 'turn', 'arrival', 'strike', 'back', 'repetition', 'call'] as const satisfies readonly (
  ChanceUnit | 'repetition' | 'call'
)[];
export type FaultUnit = (typeof FAULT_UNITS)[number];

/** One fault of the catalogue; what it is called, its cue and its remedy are words. `causes` are codes of other faults: shown beside it, never counted twice. */
export interface FaultEntry {
  readonly code: string;
  readonly phase: 'stance' | 'ready' | 'first' | 'travel' | 'arrival' | 'strike' | 'back';
  /** From where it shows; the first is where one stands for it. */
  readonly views: readonly View[];
  readonly per: FaultUnit;
  readonly shownBy: string;
  readonly causes: readonly string[];
  /** Whether it can hurt: it is fixed first (common practice, no source). */
  readonly safety?: true;
}

/** From where faults show, by code, where somebody says otherwise than the catalogue. */
export type OwnViews = Readonly<Record<string, readonly View[]>>;
