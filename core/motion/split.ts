import { type Side, SIDES } from '../body/foot.js';
import { movedFoot, type Feet, type Posture } from '../body/stance.js';
import type { Vec } from '../body/vec.js';
import type { SplitStyle } from '../language/ast.js';
import { hopOf, type FootAction, type MoveResult } from './action.js';
import { FLIGHT, SMALL_SPLITS, SPLIT_FLIGHT, USUAL_TIME } from './sizes.js';

/**
 * A split: down and up from the floor, landing on both feet at the end of its drop or flight, then the push.
 * Feet that leave the floor make one contact each; a dropped split makes none. Several small hops may come before it, and
 * `ahead` is the way one foot lands away from where it stood (a directional split).
 */
export function split(
  before: Posture,
  style: SplitStyle,
  seconds: number,
  ahead: { readonly foot: Side; readonly by: Vec } | null = null,
): MoveResult {
  const flight = SPLIT_FLIGHT[style];
  const small = style === 'several' ? SMALL_SPLITS : 0;
  const lead = small * USUAL_TIME.smallSplit;
  const push = USUAL_TIME.splitPush * ((seconds - lead) / (USUAL_TIME.splitDrop + USUAL_TIME.splitPush));
  const landing = flight > 0 ? lead + flight : seconds - push;
  const feet: Feet = ahead ? { ...before.feet, [ahead.foot]: movedFoot(before.feet[ahead.foot], ahead.by) } : before.feet;
  const actions: FootAction[] = [];
  const hop = (from: Feet, to: Feet, start: number, end: number): void => {
    for (const foot of SIDES) actions.push(hopOf(foot, from, to, start, end));
  };
  for (let i = 0; i < small; i++) hop(before.feet, before.feet, i * USUAL_TIME.smallSplit, i * USUAL_TIME.smallSplit + FLIGHT.hop);
  if (flight > 0) hop(before.feet, feet, lead, landing);
  else if (ahead) {
    const { foot } = ahead;
    actions.push({ foot, kind: 'step', start: 0, end: landing, from: before.feet[foot], to: feet[foot], contact: true });
  }
  return {
    seconds,
    actions,
    after: { ...before, feet },
    landing,
    units: ['split'],
    means: ahead ? ['wide', 'pass'] : [],
    moving: true,
    tally: flight > 0 ? { landing: 'split', landings: 1 + small } : {},
  };
}

/** Usual seconds of a split: its drop or flight, what comes before, and the push. */
export function splitSeconds(style: SplitStyle): number {
  const small = style === 'several' ? SMALL_SPLITS * USUAL_TIME.smallSplit : 0;
  return small + Math.max(SPLIT_FLIGHT[style], USUAL_TIME.splitDrop) + USUAL_TIME.splitPush;
}
