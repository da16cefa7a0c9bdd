import { otherSide, type Side } from '../../body/foot.js';
import { secondsOf, USUAL_TIME } from '../sizes.js';
import { squareUp } from '../square-up.js';
import { stay } from '../stay.js';
import { type Doing, type Done, type FamilyOf, partOf, usually, refused } from './doing.js';

/** Back into the stance, with this foot leading. */
function standing(doing: Doing, lead: Side | null): Done {
  const { before, body, school, playing, tempo, engine } = doing;
  const one = usually(doing, USUAL_TIME.squareFoot);
  // A time is that of all feet that go.
  const seconds = (feet: number): number => (engine < 2 ? one : secondsOf(USUAL_TIME.squareFoot * doing.pace, partOf(tempo, 1 / feet)));
  return squareUp(before, seconds, school, body, lead, engine < 2 ? null : playing);
}

/** How long a distance is kept that says no time, seconds (common practice, no source). */
export const USUAL_KEEPING = 10;

/** Standing as it should be: nobody goes anywhere. */
export const SET: FamilyOf<'set'> = {
  'square up': (doing) => standing(doing, doing.before.lead),
  'other lead': (doing) =>
    doing.before.lead === null
      ? refused(doing, 'square-lead', usually(doing, USUAL_TIME.squareFoot))
      : standing(doing, otherSide(doing.before.lead)),
  hold: (doing) => stay(doing.before, doing.act.seconds ?? 1),
  // The steps that keep it are made where whom it is kept to is known; without anybody one stands.
  keep: (doing) => stay(doing.before, doing.act.seconds ?? USUAL_KEEPING),
};
