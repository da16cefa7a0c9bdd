import type { HeldChoices, SchoolChoices } from '../judge/schools.js';
import { presetOf } from '../judge/presets.js';
import type { SportSet } from './sport-set.js';

/**
 * By what times of a film are judged: what pattern, athlete and club chose, else what is usual in the sport or the stance. Windows of a
 * strike against its landing speak of lunges: in a sport without them a strike is judged only where somebody chose a window.
 * @param stance its code; '' where it is not known.
 * @example heldIn({ sport: 'boxing', lunges: false }, '').preset?.['strike-window'] // 'off'
 */
export function heldIn(set: Pick<SportSet, 'sport' | 'lunges'>, stance: string, chosen: HeldChoices = {}): HeldChoices {
  const unsaid: SchoolChoices = set.lunges ? {} : { 'strike-window': 'off' };
  return { preset: { ...unsaid, ...presetOf({ code: stance }, set.sport) }, ...chosen };
}
