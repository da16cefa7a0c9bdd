import { normalised } from '../../body/vec.js';
import { jump, scissorJump, sideJump } from '../jump.js';
import { FLIGHT, USUAL_TIME } from '../sizes.js';
import { type FamilyOf, bearingOf, leading, footOr, sized, asideOf, usually, refused } from './doing.js';

/** Both feet leave the floor. */
export const AIR: FamilyOf<'air'> = {
  jump: (doing) => jump(doing.before, bearingOf(doing), asideOf(doing), usually(doing, USUAL_TIME.jump, FLIGHT.jump), FLIGHT.jump),
  'one-foot hop': (doing) => {
    const foot = footOr(doing, leading(doing));
    const seconds = usually(doing, USUAL_TIME.oneFootHop, FLIGHT.guard);
    // Off one foot and back onto it; the other one is put down after it.
    return { ...sideJump(doing.before, foot, bearingOf(doing), asideOf(doing), seconds, FLIGHT.guard), means: ['wide', 'touch'] };
  },
  'scissor jump': (doing) => {
    const seconds = usually(doing, USUAL_TIME.jump, FLIGHT.jump);
    return scissorJump(doing.before, doing.act.turn ?? 0, seconds, FLIGHT.jump, doing.body) ?? refused(doing, 'level-exchange', seconds);
  },
  'block jump': (doing) =>
    jump(doing.before, bearingOf(doing), sized(doing, 'even', 'lunge'), usually(doing, USUAL_TIME.jump, FLIGHT.jump), FLIGHT.jump),
  'side jump': (doing) => {
    const bearing = bearingOf(doing);
    const b = normalised(bearing);
    const foot = footOr(doing, Math.abs(b) < 1e-9 || Math.abs(b) > 180 - 1e-9 ? doing.playing : b > 0 ? 'right' : 'left');
    const metres = sized(doing, 'big', 'lunge');
    return sideJump(doing.before, foot, bearing, metres, usually(doing, USUAL_TIME.sideJump, FLIGHT.jump), FLIGHT.jump);
  },
};
