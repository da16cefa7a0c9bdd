import type { Posture } from '../body/stance.js';
import type { MoveResult } from './action.js';

/** Standing still for so many seconds, or hitting on the spot: no foot action. */
export function stay(before: Posture, seconds: number, units: MoveResult['units'] = []): MoveResult {
  return { seconds, actions: [], after: before, landing: 0, units, means: [], moving: units.length > 0 };
}
