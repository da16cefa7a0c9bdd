/** What sounds at a moment; of two beats that take turns the second is the low one. */
export const SOUNDS = ['work', 'rest', 'end', 'chime', 'beat', 'low'] as const;
export type Sound = (typeof SOUNDS)[number];

export const CUE_KINDS = [
  'explain',
  'go',
  'rest',
  'change',
  'water',
  'count',
  'beat',
  'chime',
  'call',
  'freeze',
  'partner',
  'end',
] as const;
export type CueKind = (typeof CUE_KINDS)[number];

/** A moment at which something is said, shown or sounded; seconds of the plan. */
export interface Cue {
  readonly at: number;
  readonly kind: CueKind;
  readonly say: string;
  readonly show: string;
  readonly sound: Sound | null;
  /** At a freeze: whether the athlete could go on, as simulated. */
  readonly couldGoOn: boolean | null;
}

/** A cue with its place in the session. */
export interface PlannedCue extends Cue {
  readonly exercise: number;
  readonly set: number;
  readonly round: number;
  /** From 1; 0 where none is under way. */
  readonly repetition: number;
  readonly way: 0 | 1;
}
