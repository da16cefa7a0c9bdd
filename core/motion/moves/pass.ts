import { otherSide } from '../../body/foot.js';
import type { Posture } from '../../body/stance.js';
import { beyond, stepPast } from '../crossing.js';
import { fullPass, pass, passes } from '../passing.js';
import { metresOf, USUAL_TIME } from '../sizes.js';
import { dropStep } from '../turning.js';
import { type Recipe, type FamilyOf, bearingOf, grown, turnOf, near, footOr, sized, inRange, usually, usualFrom } from './doing.js';

const passing: Recipe = (doing) => {
  const { before, body, school, act } = doing;
  const bearing = bearingOf(doing);
  const first = before.lead === null ? doing.playing : Math.abs(bearing) <= 90 ? otherSide(before.lead) : before.lead;
  const foot = footOr(doing, first);
  // Feet that are level along the bearing have no length to pass by: the usual step then.
  const usualAt = (posture: Posture): number => {
    const full = fullPass(posture, foot, bearing);
    return full >= body.breadth.metres ? full : metresOf(null, body, 'even');
  };
  const usual = usualAt(before);
  const metres = act.size === null ? usual : metresOf(act.size, body, doing.engine < 2 ? 'even' : usualFrom(doing, usualAt));
  if (!passes(before, foot, bearing, metres, body))
    doing.note({ code: 'short-pass', values: { foot } }, metres, fullPass(before, foot, bearing) / 2 + body.breadth.metres / 2);
  const seconds = usually(doing, USUAL_TIME.pass, 0, grown(doing, metres, usual));
  return pass(before, foot, bearing, inRange(doing, metres, 'lunge'), seconds, school, body);
};

const crossing =
  (how: 'front' | 'behind' | 'past', seconds: number): Recipe =>
  (doing) => {
    const { before, body, act } = doing;
    const bearing = bearingOf(doing);
    const foot = footOr(doing, otherSide(near(doing)));
    const even = metresOf(null, body, 'even');
    const usualAt = (posture: Posture): number => beyond(posture, foot, bearing, even);
    const metres = act.size === null ? usualAt(before) : metresOf(act.size, body, doing.engine < 2 ? 'even' : usualFrom(doing, usualAt));
    // Who goes on and on comes from an even step behind the other foot to one ahead of it.
    const takes = usually(doing, seconds, 0, grown(doing, metres, 2 * even));
    return stepPast(before, foot, bearing, inRange(doing, metres, 'lunge'), how, takes, body);
  };

/** One foot passes the other, before it, behind it or past it. */
export const PASS: FamilyOf<'pass'> = {
  pass: passing,
  shift: passing,
  'back step': passing,
  run: crossing('past', USUAL_TIME.run),
  crossover: crossing('front', USUAL_TIME.cross),
  'cross behind': crossing('behind', USUAL_TIME.cross),
  'drop step': (doing) => {
    const metres = sized(doing, 'even', 'gather');
    return dropStep(doing.before, metres, turnOf(doing), usually(doing, USUAL_TIME.dropStep, 0, grown(doing, metres, 'even')));
  },
};
