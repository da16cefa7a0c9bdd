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
import type { Tempo } from '../../language/ast.js';
import { type Doing, type Recipe, type FamilyOf, bearingOf, footOr, grown, leading, partOf, sized, inRange, usually } from './doing.js';

/** A foot that reaches and stays out until somebody recovers. */
const reaching =
  (reach: Reach, usual: keyof typeof OWN_STEP, seconds: number): Recipe =>
  (doing) => {
    const foot = footOr(doing, leading(doing));
    const metres = sized(doing, usual, 'lunge');
    const takes = usually(doing, seconds, 0, grown(doing, metres, usual));
    const result = lunge(doing.before, foot, bearingOf(doing), metres, takes, reach);
    return { ...result, open: { foot, from: doing.before } };
  };

/** Something before a lunge that makes one move with it: it takes so many seconds at even tempo, of which some are flight. */
const intoLunge =
  (usual: number, flight: number, before: (doing: Doing, from: Posture, tempo: Tempo | null) => MoveResult): Recipe =>
  (doing) => {
    const { engine, tempo, then } = doing;
    const foot = footOr(doing, leading(doing));
    const metres = sized(doing, 'lunge', 'lunge');
    const takes = USUAL_TIME.lunge * doing.pace * grown(doing, metres, 'lunge');
    const [first, second] =
      engine < 2 || then !== null ? [tempo, then ?? tempo] : shared(tempo, flight + (usual - flight) * doing.pace, flight, takes);
    let stood = doing.before;
    const result = inSequence(
      doing.before,
      (from) => before(doing, from, first),
      (from) => {
        stood = from;
        return lunge(from, foot, bearingOf(doing), metres, secondsOf(takes, second));
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

/** The tempos of two parts: a time is that of both, each its share of what is not flight. */
function shared(tempo: Tempo | null, one: number, flight: number, two: number): [Tempo | null, Tempo | null] {
  if (tempo === null || !('seconds' in tempo)) return [tempo, tempo];
  const factor = Math.max(0, tempo.seconds - flight) / (one - flight + two);
  return [{ seconds: flight + (one - flight) * factor }, { seconds: two * factor }];
}

/** One foot reaches, stays out, and comes back. */
export const REACH: FamilyOf<'reach'> = {
  lunge: reaching('lunge', 'lunge', USUAL_TIME.lunge),
  recover: recovering(({ act }) => (act.bearing === 0 ? 'ahead' : 'back'), USUAL_TIME.recover),
  'step-lunge': intoLunge(2 * USUAL_TIME.gatherFoot, 0, (doing, from, tempo) => {
    const metres = metresOf(null, doing.body, 'small');
    const first = nearFoot(from, bearingOf(doing), doing.playing);
    const one = doing.engine < 2 && tempo !== null && 'seconds' in tempo ? null : partOf(tempo, 1 / 2);
    const foot = secondsOf(USUAL_TIME.gatherFoot * doing.pace, one);
    return gather(from, first, bearingOf(doing), metres, metres, foot, foot);
  }),
  'jump-lunge': intoLunge(USUAL_TIME.guardJump, FLIGHT.guard, (doing, from, tempo) => {
    const usual = FLIGHT.guard + (USUAL_TIME.guardJump - FLIGHT.guard) * doing.pace;
    const seconds = secondsOf(usual, doing.engine < 2 ? null : tempo, FLIGHT.guard);
    return jump(from, bearingOf(doing), metresOf(null, doing.body, 'small'), seconds, FLIGHT.guard);
  }),
  'running attack': (doing) => {
    const { before, body, school } = doing;
    const bearing = bearingOf(doing);
    const rear = otherSide(leading(doing));
    const past = beyond(before, rear, bearing, body.foot.metres);
    const usual = doing.engine < 2 ? metresOf(null, body, 'lunge') : Math.max(metresOf(null, body, 'lunge'), past);
    const out = inRange(doing, Math.max(metresOf(doing.act.size, body, usual), past), 'lunge');
    const growth = grown(doing, out, usual);
    const seconds = secondsOf(USUAL_TIME.pass * doing.pace * growth, doing.engine < 2 ? doing.tempo : partOf(doing.tempo, 1 / 2));
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
