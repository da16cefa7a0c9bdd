import type { Side } from './foot.js';

/** What a caution is about. */
export const CAUTION_PARTS = [
  'ankle',
  'achilles',
  'shin',
  'knee',
  'groin',
  'hip',
  'back',
  'shoulder',
  'head',
  'eyes',
  'growth',
  'heat',
  'other',
] as const;
export type CautionPart = (typeof CAUTION_PARTS)[number];

/** What a caution can forbid. */
export const FORBIDDEN = ['landings', 'lunges', 'turns', 'contact'] as const;
export type Forbidden = (typeof FORBIDDEN)[number];

/**
 * A standing caution of an athlete. The coach says what it forbids; nothing here is medical advice. The note is for people and
 * never interpreted.
 */
export interface Caution {
  readonly part: CautionPart;
  /** Null: both sides, or none in particular. */
  readonly side: Side | null;
  readonly forbids: readonly Forbidden[];
  /** Most landings a session; null where none is said. */
  readonly landings: number | null;
  readonly note: string;
}

export const CAUTION_LIMITS = { cautions: 10, note: 120, landings: 1000 } as const;

/** What a new caution of a part forbids until the coach says otherwise (common practice, no source). */
export const USUALLY_FORBIDS: Readonly<Record<CautionPart, readonly Forbidden[]>> = {
  ankle: ['landings'],
  achilles: ['landings'],
  shin: ['landings'],
  knee: ['landings', 'lunges'],
  groin: ['lunges'],
  hip: ['lunges'],
  back: ['landings'],
  shoulder: [],
  head: ['contact'],
  eyes: ['contact'],
  growth: ['landings'],
  heat: [],
  other: [],
};

/**
 * Words that were kept before cautions had parts: a note that forbids nothing.
 * @example noteOnly('left knee').forbids // []
 */
export const noteOnly = (note: string): Caution => ({ part: 'other', side: null, forbids: [], landings: null, note });
