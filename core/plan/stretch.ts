export const STRETCH_KINDS = ['explain', 'work', 'rest', 'set-rest', 'change', 'water'] as const;
export type StretchKind = (typeof STRETCH_KINDS)[number];

/** One stretch of a clock: seconds from the start of the plan. Exercises count from 0, sets and rounds from 1. */
export interface Stretch {
  readonly kind: StretchKind;
  readonly start: number;
  readonly end: number;
  /** Place of its exercise, which is the stage it was planned as; 0 in rounds of one pattern. */
  readonly exercise: number;
  /** 0, as the round, where it belongs to none: explaining, change-over, water. */
  readonly set: number;
  readonly round: number;
  /** Goes on until the coach says so. */
  readonly open: boolean;
}

/** A stretch with what its plan knows of it. */
export interface PlannedStretch extends Stretch {
  /** Which of the groups that take turns is at it, from 1. */
  readonly wave: number;
  /** 0: as written; 1: the other side or lead. */
  readonly way: 0 | 1;
  /** Whole repetitions it holds; in a called round the calls. */
  readonly reps: number;
}
