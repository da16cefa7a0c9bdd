import { otherSide } from '../../body/foot.js';
import { stanceTarget } from '../../body/stance.js';
import { gather } from '../gather.js';
import { halfStep, meeting, pendulum } from '../meeting.js';
import { sideways, singleStep } from '../single-step.js';
import { FLIGHT, metresOf, secondsOf, USUAL_TIME } from '../sizes.js';
import { type Recipe, type FamilyOf, bearingOf, leading, near, footOr, sized, usually, refused } from './doing.js';

const gathering: Recipe = (doing) => {
  const first = sized(doing, 'even', 'gather');
  const second = doing.act.second === null ? first : metresOf(doing.act.second, doing.body, 'even');
  const { tempo, then } = doing;
  const one = secondsOf(USUAL_TIME.gatherFoot, tempo && 'seconds' in tempo ? { seconds: tempo.seconds / 2 } : tempo);
  const two = then === null ? one : secondsOf(USUAL_TIME.gatherFoot, then);
  return gather(doing.before, footOr(doing, near(doing)), bearingOf(doing), first, second, one, two);
};

const meetingAt =
  (usual: number, flight: number): Recipe =>
  (doing) =>
    meeting(doing.before, near(doing), bearingOf(doing), sized(doing, 'even', 'gather'), usually(doing, usual, flight), flight, doing.body);

/** Both feet go the same way, one after the other, and never pass. */
export const GATHER: FamilyOf<'gather'> = {
  advance: gathering,
  retreat: gathering,
  shuffle: gathering,
  'half step': (doing) =>
    halfStep(
      doing.before,
      footOr(doing, near(doing)),
      bearingOf(doing),
      sized(doing, 'even', 'gather'),
      usually(doing, USUAL_TIME.halfStep),
    ),
  'single step': (doing) =>
    singleStep(
      doing.before,
      footOr(doing, near(doing)),
      bearingOf(doing),
      sized(doing, 'even', 'lunge'),
      usually(doing, USUAL_TIME.singleStep),
    ),
  'feet together': (doing) =>
    sideways(
      doing.before,
      footOr(doing, otherSide(leading(doing))),
      doing.body.breadth.metres,
      'level',
      usually(doing, USUAL_TIME.feetMeet),
    ),
  'feet apart': (doing) => {
    const { width } = stanceTarget(doing.school, doing.body);
    return sideways(doing.before, footOr(doing, otherSide(leading(doing))), width, 'as it is', usually(doing, USUAL_TIME.feetMeet));
  },
  chassé: meetingAt(USUAL_TIME.chassé, 0),
  gallop: meetingAt(USUAL_TIME.gallop, FLIGHT.gallop),
  pendulum: (doing) => {
    const metres = doing.act.size === null ? null : metresOf(doing.act.size, doing.body, 'even');
    const seconds = usually(doing, USUAL_TIME.pendulum);
    const least = doing.body.breadth.metres / 2;
    return (
      pendulum(doing.before, near(doing), bearingOf(doing), metres, seconds, doing.body) ?? refused(doing, 'level-swing', seconds, 0, least)
    );
  },
};
