import type { SplitStyle } from '../notation/ast.js';
import type { Posture } from '../stance/stance.js';
import type { FootAction, MoveResult } from './action.js';
import { SPLIT_FLIGHT, USUAL_TIME } from './sizes.js';

/**
 * A split in place: down and up from the floor, landing on both feet at the end of its drop or flight, then the push.
 * Feet that leave the floor make one contact each; a dropped split makes none.
 */
export function split(before: Posture, style: SplitStyle, seconds: number): MoveResult {
  const flight = SPLIT_FLIGHT[style];
  const landing = flight > 0 ? flight : seconds - USUAL_TIME.splitPush * (seconds / (USUAL_TIME.splitDrop + USUAL_TIME.splitPush));
  const hop = (foot: 'left' | 'right'): FootAction => ({
    foot,
    kind: 'hop',
    start: 0,
    end: landing,
    from: before.feet[foot],
    to: before.feet[foot],
    airborneUntil: landing,
    contact: true,
  });
  const actions = flight > 0 ? [hop('left'), hop('right')] : [];
  return { seconds, actions, after: before, landing, units: ['split'], means: [], moving: true };
}

/** Usual seconds of a split: its drop or flight, and the push. */
export function splitSeconds(style: SplitStyle): number {
  return Math.max(SPLIT_FLIGHT[style], USUAL_TIME.splitDrop) + USUAL_TIME.splitPush;
}
