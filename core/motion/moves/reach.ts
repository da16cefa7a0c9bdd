import { otherSide } from '../../body/foot.js';
import type { Posture } from '../../body/stance.js';
import { dot, sub, wayOf } from '../../body/vec.js';
import type { MoveResult } from '../action.js';
import { beyond } from '../crossing.js';
import { nearFoot } from '../foot-choice.js';
import { gather } from '../gather.js';
import { jump } from '../jump.js';
import { pass } from '../passing.js';
import { lunge, recover, type Reach } from '../reach.js';
import { inSequence } from '../sequence.js';
import { type OWN_STEP, FLIGHT, metresOf, secondsOf, USUAL_TIME } from '../sizes.js';
import { stay } from '../stay.js';
import { type Doing, type Recipe, type FamilyOf, bearingOf, footOr, leading, sized, inRange, usually } from './doing.js';

/** A foot that reaches and stays out until somebody recovers. */
const reaching =
  (reach: Reach, usual: keyof typeof OWN_STEP, seconds: number): Recipe =>
  (doing) => {
    const foot = footOr(doing, leading(doing));
    const metres = sized(doing, usual, 'lunge');
    const result = lunge(doing.before, foot, bearingOf(doing), metres, usually(doing, seconds), reach);
    return { ...result, open: { foot, from: doing.before } };
  };

/** Something before a lunge that makes one move with it. */
const intoLunge =
  (before: (doing: Doing, from: Posture) => MoveResult): Recipe =>
  (doing) => {
    const foot = footOr(doing, leading(doing));
    const metres = sized(doing, 'lunge', 'lunge');
    let stood = doing.before;
    const result = inSequence(
      doing.before,
      (from) => before(doing, from),
      (from) => {
        stood = from;
        return lunge(from, foot, bearingOf(doing), metres, secondsOf(USUAL_TIME.lunge, doing.then ?? doing.tempo));
      },
    );
    return { ...result, open: { foot, from: stood } };
  };

const recovering =
  (way: (doing: Doing) => 'back' | 'ahead', seconds: number): Recipe =>
  (doing) => {
    const { open, before, note } = doing;
    const takes = usually(doing, seconds);
    if (open) return recover(before, open.from, open.foot, way(doing), takes);
    note({ code: 'nothing-to-recover', values: {} }, 0, 0);
    return stay(before, takes);
  };

/** One foot reaches, stays out, and comes back. */
export const REACH: FamilyOf<'reach'> = {
  lunge: reaching('lunge', 'lunge', USUAL_TIME.lunge),
  recover: recovering(({ act }) => (act.bearing === 0 ? 'ahead' : 'back'), USUAL_TIME.recover),
  'step-lunge': intoLunge((doing, from) => {
    const metres = metresOf(null, doing.body, 'small');
    const first = nearFoot(from, bearingOf(doing), doing.playing);
    const foot = secondsOf(USUAL_TIME.gatherFoot, doing.tempo && 'seconds' in doing.tempo ? null : doing.tempo);
    return gather(from, first, bearingOf(doing), metres, metres, foot, foot);
  }),
  'jump-lunge': intoLunge((doing, from) =>
    jump(from, bearingOf(doing), metresOf(null, doing.body, 'small'), USUAL_TIME.guardJump, FLIGHT.guard),
  ),
  'running attack': (doing) => {
    const { before, body, school } = doing;
    const bearing = bearingOf(doing);
    const rear = otherSide(leading(doing));
    const seconds = usually(doing, USUAL_TIME.pass);
    const out = inRange(doing, Math.max(metresOf(doing.act.size, body, 'lunge'), beyond(before, rear, bearing, body.foot.metres)), 'lunge');
    return inSequence(
      before,
      (from) => pass(from, rear, bearing, out, seconds, school, body),
      (from) => {
        // The other foot comes past so far that the stance is the one from before.
        const back = -dot(sub(from.feet[otherSide(rear)], from.feet[rear]), wayOf(from.heading + bearing));
        const length = dot(sub(before.feet[otherSide(rear)], before.feet[rear]), wayOf(before.heading + bearing));
        return pass(from, otherSide(rear), bearing, back + length, seconds, school, body);
      },
    );
  },
  'reaching step': reaching('reaching step', 'big', USUAL_TIME.lunge),
  'step in': reaching('step in', 'even', USUAL_TIME.stepIn),
  'pull back': recovering(() => 'back', USUAL_TIME.pullBack),
};
