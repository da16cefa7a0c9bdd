import type { ChanceUnit } from '../motion/action.js';

/** From where a fault can be seen. */
export const VIEWS = ['front', 'side'] as const;
export type View = (typeof VIEWS)[number];

/** The unit of an attempt: what gives one chance for the fault to show. */
export const FAULT_UNITS = ['step', 'split', 'turn', 'arrival', 'strike', 'back', 'repetition', 'call'] as const satisfies readonly (
  ChanceUnit | 'repetition' | 'call'
)[];
export type FaultUnit = (typeof FAULT_UNITS)[number];

/** The part of a repetition to which a fault belongs. */
export const PHASES = ['stance', 'ready', 'first', 'travel', 'arrival', 'strike', 'back'] as const;

/** What shows a fault: words that a pattern is asked by. */
export const SHOWN_BY = [
  'any',
  'gathers',
  'turns',
  'split',
  'stance',
  'landings',
  'half steps',
  'lunge',
  'step-lunge',
  'step-in',
  'retreat',
  'retreat counters',
  'back step',
  'crossover',
  'drop step',
  'first step',
  'orbit',
  'slip-side quarter',
  'approach',
  'open-stance',
  'jumps',
  'reaching step',
  'hand words',
  'strokes',
  'combinations',
  'way back',
  'exits',
  'pressing',
  'partner',
  'called drills',
  'called',
  'call',
  'scenario calls',
] as const;
export type ShownBy = (typeof SHOWN_BY)[number];

/** One fault of the catalogue; what it is called, its cue and its remedy are words. `causes` are codes of other faults: shown beside it, never counted twice. */
export interface FaultEntry {
  readonly code: string;
  readonly phase: (typeof PHASES)[number];
  /** From where it shows; the first is where one stands for it. */
  readonly views: readonly View[];
  readonly per: FaultUnit;
  /** What shows it: words of `SHOWN_BY`, one behind the other with commas. */
  readonly shownBy: string;
  readonly causes: readonly string[];
  /** Whether it can hurt: it is fixed first (common practice, no source). */
  readonly safety?: true | undefined;
  /** How much more than another it counts in what is fixed first, where a club says so; 1 where nothing is said. */
  readonly cost?: number | undefined;
}

/** What a fault is called and said to be. */
export interface FaultSaid {
  readonly label: string;
  readonly says: string;
  /** What it is usually caused by, where that is no fault. */
  readonly usually?: string;
  readonly cue: string;
}

/** The same with what helps against it first. */
export interface FaultWords extends FaultSaid {
  readonly remedy: string;
}

/** A fault as a club has it: one of its own, or one of the catalogue otherwise than there. What was seen of it stays whatever becomes of it. */
export interface ClubFault extends FaultEntry, FaultWords {
  readonly usually: string;
  readonly cost: number;
  /** Not offered any more. */
  readonly hidden: boolean;
  /** Counted as another one; null: as itself. */
  readonly into: string | null;
}

/** From where faults show, by code, where somebody says otherwise than the catalogue. */
export type OwnViews = Readonly<Record<string, readonly View[]>>;
