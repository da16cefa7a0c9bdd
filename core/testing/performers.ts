import fc from 'fast-check';
import { bodyOf } from '../body/body.js';
import { otherSide, type Side } from '../body/foot.js';
import { schoolOf, SCHOOLS, type School } from '../body/school.js';
import type { Performer } from '../motion/simulation.js';

/** A performer for specs: height in metres, a school by code. */
export function performer(height = 1.7, school = 'square-ready', lead: Side | null = null, playing: Side = 'right'): Performer {
  return { body: bodyOf({ height }), school: schoolOf(school) as School, lead, playing };
}

const side = fc.constantFrom<Side>('left', 'right');

/** Anybody of a size that is taught, in any school, with any hand and lead. */
export const anyPerformer: fc.Arbitrary<Performer> = fc
  .record({ height: fc.double({ min: 1.1, max: 2.1, noNaN: true }), school: fc.constantFrom(...SCHOOLS), lead: side, playing: side })
  .map(({ height, school, lead, playing }) => ({ body: bodyOf({ height }), school, lead, playing }));

/** The same body the other way round. */
export const mirroredPerformer = (one: Performer): Performer => ({
  ...one,
  lead: one.lead === null ? null : otherSide(one.lead),
  playing: otherSide(one.playing),
});
