import type { Side } from '../body/foot.js';
import type { Posture } from '../body/stance.js';
import { hopOf, type FootAction, type MoveResult } from './action.js';

/** Share of weight on the foot that it is shifted to (common practice, no source). */
const SHIFTED = 0.75;

/** On the spot without a foot leaving the floor: bounces and heel raises. */
export function onTheSpot(before: Posture, seconds: number): MoveResult {
  return { seconds, actions: [], after: before, landing: seconds, units: ['step'], means: [], moving: true };
}

/** Weight onto one foot. */
export function weightShift(before: Posture, foot: Side, seconds: number): MoveResult {
  const leftShare = foot === 'left' ? SHIFTED : 1 - SHIFTED;
  return { ...onTheSpot(before, seconds), after: { ...before, leftShare } };
}

/** A foot lifted and put down hard where it stood. */
export function stamp(before: Posture, foot: Side, seconds: number): MoveResult {
  const at = before.feet[foot];
  const actions: FootAction[] = [{ foot, kind: 'step', start: 0, end: seconds, from: at, to: at, contact: true }];
  return { ...onTheSpot(before, seconds), actions };
}

/** A low hop on the spot of `flight` seconds, landing on both feet. */
export function hop(before: Posture, seconds: number, flight: number): MoveResult {
  const { feet } = before;
  const actions = [hopOf('left', feet, feet, 0, flight), hopOf('right', feet, feet, 0, flight)];
  return { seconds, actions, after: before, landing: flight, units: ['step'], means: [], moving: true, tally: { landing: 'hop' } };
}
