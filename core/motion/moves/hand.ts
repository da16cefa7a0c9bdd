import { USUAL_TIME } from '../sizes.js';
import { stay } from '../stay.js';
import { type FamilyOf, usually } from './doing.js';

/** What the hands do while the feet stand. */
export const HAND: FamilyOf<'hand'> = {
  hit: (doing) => stay(doing.before, usually(doing, USUAL_TIME.hand), ['strike']),
  'guard check': (doing) => stay(doing.before, usually(doing, USUAL_TIME.hand), ['strike']),
};
