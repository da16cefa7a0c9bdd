import { otherSide } from '../../body/foot.js';
import { USUAL_TIME } from '../sizes.js';
import { squareUp } from '../square-up.js';
import { stay } from '../stay.js';
import { type FamilyOf, usually, refused } from './doing.js';

/** Standing as it should be: nobody goes anywhere. */
export const SET: FamilyOf<'set'> = {
  'square up': (doing) => squareUp(doing.before, usually(doing, USUAL_TIME.squareFoot), doing.school, doing.body, doing.before.lead),
  'other lead': (doing) =>
    doing.before.lead === null
      ? refused(doing, 'square-lead', usually(doing, USUAL_TIME.squareFoot))
      : squareUp(doing.before, usually(doing, USUAL_TIME.squareFoot), doing.school, doing.body, otherSide(doing.before.lead)),
  hold: (doing) => stay(doing.before, doing.act.seconds ?? 1),
};
