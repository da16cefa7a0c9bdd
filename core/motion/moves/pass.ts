import { otherSide } from '../../body/foot.js';
import { beyond, stepPast } from '../crossing.js';
import { fullPass, pass, passes } from '../passing.js';
import { metresOf, USUAL_TIME } from '../sizes.js';
import { dropStep } from '../turning.js';
import { type Recipe, type FamilyOf, bearingOf, turnOf, near, footOr, sized, inRange, usually } from './doing.js';

const passing: Recipe = (doing) => {
  const { before, body, school, act } = doing;
  const bearing = bearingOf(doing);
  const usual = before.lead === null ? doing.playing : Math.abs(bearing) <= 90 ? otherSide(before.lead) : before.lead;
  const foot = footOr(doing, usual);
  const full = fullPass(before, foot, bearing);
  // Feet that are level along the bearing have no length to pass by: the usual step then.
  const metres = act.size === null && full >= body.breadth.metres ? full : sized(doing, 'even', 'lunge');
  if (!passes(before, foot, bearing, metres, body))
    doing.note({ code: 'short-pass', values: { foot } }, metres, full / 2 + body.breadth.metres / 2);
  return pass(before, foot, bearing, inRange(doing, metres, 'lunge'), usually(doing, USUAL_TIME.pass), school, body);
};

const crossing =
  (how: 'front' | 'behind' | 'past', seconds: number): Recipe =>
  (doing) => {
    const { before, body, act } = doing;
    const bearing = bearingOf(doing);
    const foot = footOr(doing, otherSide(near(doing)));
    const metres = act.size === null ? beyond(before, foot, bearing, metresOf(null, body, 'even')) : metresOf(act.size, body, 'even');
    return stepPast(before, foot, bearing, inRange(doing, metres, 'lunge'), how, usually(doing, seconds), body);
  };

/** One foot passes the other, before it, behind it or past it. */
export const PASS: FamilyOf<'pass'> = {
  pass: passing,
  shift: passing,
  'back step': passing,
  run: crossing('past', USUAL_TIME.run),
  crossover: crossing('front', USUAL_TIME.cross),
  'cross behind': crossing('behind', USUAL_TIME.cross),
  'drop step': (doing) => dropStep(doing.before, sized(doing, 'even', 'gather'), turnOf(doing), usually(doing, USUAL_TIME.dropStep)),
};
