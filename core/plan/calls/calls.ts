import type { Side } from '../../body/foot.js';

/** One thing that can be called. */
export interface Alternative {
  /** What is called aloud. */
  readonly name: string;
  /** A line of steps with its way back; empty for 'stay'. */
  readonly steps: string;
  readonly weight: number;
  /** Which side of the floor it goes to, if any: a weak side is called more often. */
  readonly side: Side | null;
  /** A feint is called and taken back; at 'stay' nothing is to be done. */
  readonly kind: 'move' | 'feint' | 'stay';
  /** What the coach expects as the answer, where that is not what is called; shown, never spoken. */
  readonly expects: string;
}

/** How calls are drawn. Seconds. */
export interface Calls {
  readonly alternatives: readonly Alternative[];
  /** 'known': in the order in which they are written, again and again. */
  readonly order: 'random' | 'known';
  /** As often as this one after the other at most. */
  readonly longestRun: number;
  /** From call to call; null: as soon as the one before can be done. */
  readonly interval: { readonly low: number; readonly high: number } | null;
  /** What an athlete is given to hear and see, after the way back is done. */
  readonly reaction: number;
  readonly weakSide: { readonly side: Side; readonly factor: number } | null;
  /** Share of the calls in which the athlete is frozen inside the movement. */
  readonly freezes: number;
}

/** An allowance for hearing and seeing a call, seconds (common practice, no source). */
const REACTION = 0.4;
/** How long a frozen athlete stands, seconds (common practice, no source). */
export const FREEZE_SECONDS = 2;

/** Nobody can take in calls that follow each other faster than this, seconds, whatever they answer with (common practice, no source). */
export const SHORTEST_GAP = 0.2;

export const CALL_LIMITS = { alternatives: 24, name: 60, number: 20_000, weight: 100, run: 20, interval: 120, factor: 5 } as const;

export const USUAL_CALLS: Omit<Calls, 'alternatives'> = {
  order: 'random',
  longestRun: 3,
  interval: null,
  reaction: REACTION,
  weakSide: null,
  freezes: 0,
};

export const alternative = (name: string, steps: string, more: Partial<Alternative> = {}): Alternative => ({
  name,
  steps,
  weight: 1,
  side: null,
  kind: 'move',
  expects: '',
  ...more,
});

/**
 * Weights as they count: with the weak side's factor, as shares of one.
 * @example sharesOfCalls({ alternatives: [alternative('left', 'shuffle left', { weight: 3 }), alternative('right', 'shuffle right')], weakSide: null }) // [0.75, 0.25]
 */
export function sharesOfCalls(calls: Pick<Calls, 'alternatives' | 'weakSide'>): number[] {
  const weights = calls.alternatives.map((one) => {
    const weak = calls.weakSide !== null && one.side === calls.weakSide.side ? calls.weakSide.factor : 1;
    return Math.max(0, one.weight) * weak;
  });
  const all = weights.reduce((a, b) => a + b, 0);
  return weights.map((weight) => (all > 0 ? weight / all : 1 / weights.length));
}
