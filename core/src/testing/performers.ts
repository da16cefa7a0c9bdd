import { bodyOf } from '../body/body.js';
import type { Side } from '../body/foot.js';
import type { Performer } from '../simulate/simulation.js';
import { schoolOf, type School } from '../stance/school.js';

/** A performer for specs: height in metres, a school by code. */
export function performer(height = 1.7, school = 'square-ready', lead: Side | null = null, playing: Side = 'right'): Performer {
  return { body: bodyOf({ height }), school: schoolOf(school) as School, lead, playing };
}
