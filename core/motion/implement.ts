import type { Performer } from './simulation.js';

/**
 * How far what is held in a sport reaches beyond the hand, metres (common practice, no source): the longest that the rules allow, less the
 * part in the hand; longest blades and rackets are values from memory.
 */
const BEYOND_HAND: Readonly<Record<string, number>> = {
  // A blade of 0.90 m.
  fencing: 0.9,
  // Of 1.20 m, held in two hands.
  kendo: 0.9,
  // 0.737, 0.680, 0.686, 0.455 and 0.430 m in all.
  tennis: 0.6,
  badminton: 0.55,
  squash: 0.55,
  padel: 0.33,
  pickleball: 0.3,
  'table tennis': 0.15,
};

/**
 * Who holds what is held in a sport, unless it is known how far theirs reaches.
 * @example equipped({ body: bodyOf({}), school: schoolOf('bladed-guard'), lead: 'right', playing: 'right' }, 'Fencing').holds // 0.9
 */
export function equipped(performer: Performer, sport = ''): Performer {
  const named = sport.trim().toLowerCase();
  const holds = performer.holds ?? (Object.hasOwn(BEYOND_HAND, named) ? BEYOND_HAND[named] : undefined);
  return holds === undefined ? performer : { ...performer, holds };
}
