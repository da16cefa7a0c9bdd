import { normalised } from '../../body/vec.js';
import { jump, scissorJump, sideJump } from '../jump.js';
import { FLIGHT, type OWN_STEP, USUAL_TIME } from '../sizes.js';
import { type Doing, type FamilyOf, bearingOf, grown, leading, footOr, sized, asideOf, usually, refused } from './doing.js';

/** Seconds of a jump of so many metres: its flight keeps its time. */
const takes = (
  doing: Doing,
  time: 'jump' | 'oneFootHop' | 'sideJump',
  flight: keyof typeof FLIGHT,
  metres: number,
  usual: keyof typeof OWN_STEP,
): number => usually(doing, USUAL_TIME[time], FLIGHT[flight], grown(doing, metres, usual));

/** Both feet leave the floor. */
export const AIR: FamilyOf<'air'> = {
  jump: (doing) => {
    const metres = asideOf(doing);
    return jump(doing.before, bearingOf(doing), metres, takes(doing, 'jump', 'jump', metres, 'small'), FLIGHT.jump);
  },
  'one-foot hop': (doing) => {
    const foot = footOr(doing, leading(doing));
    const metres = asideOf(doing);
    const seconds = takes(doing, 'oneFootHop', 'guard', metres, 'small');
    // Off one foot and back onto it; the other one is put down after it.
    return { ...sideJump(doing.before, foot, bearingOf(doing), metres, seconds, FLIGHT.guard), means: ['wide', 'touch'] };
  },
  'scissor jump': (doing) => {
    const seconds = usually(doing, USUAL_TIME.jump, FLIGHT.jump);
    return scissorJump(doing.before, doing.act.turn ?? 0, seconds, FLIGHT.jump, doing.body) ?? refused(doing, 'level-exchange', seconds);
  },
  'block jump': (doing) => {
    const metres = sized(doing, 'even', 'lunge');
    return jump(doing.before, bearingOf(doing), metres, takes(doing, 'jump', 'jump', metres, 'even'), FLIGHT.jump);
  },
  'side jump': (doing) => {
    const bearing = bearingOf(doing);
    const b = normalised(bearing);
    const foot = footOr(doing, Math.abs(b) < 1e-9 || Math.abs(b) > 180 - 1e-9 ? doing.playing : b > 0 ? 'right' : 'left');
    const metres = sized(doing, 'big', 'lunge');
    return sideJump(doing.before, foot, bearing, metres, takes(doing, 'sideJump', 'jump', metres, 'big'), FLIGHT.jump);
  },
};
