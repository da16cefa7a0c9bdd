import { otherSide } from '../../body/foot.js';
import { stanceTarget, type Posture } from '../../body/stance.js';
import type { Act, Tempo } from '../../language/ast.js';
import { gather } from '../gather.js';
import { halfStep, meeting, pendulum, ROUNDING, separation } from '../meeting.js';
import { sideways, singleStep } from '../single-step.js';
import { FLIGHT, metresOf, secondsOf, USUAL_TIME } from '../sizes.js';
import {
  type Recipe,
  type FamilyOf,
  bearingOf,
  grown,
  leading,
  near,
  footOr,
  partOf,
  sized,
  usually,
  usualFrom,
  refused,
} from './doing.js';

const gathering: Recipe = (doing) => {
  const first = sized(doing, 'even', 'gather');
  const second = doing.act.second === null ? first : metresOf(doing.act.second, doing.body, 'even');
  const { tempo, then, act } = doing;
  const each = (metres: number, size: Act['size'], at: Tempo | null): number =>
    secondsOf(USUAL_TIME.gatherFoot * doing.pace * grown(doing, metres, 'even', size), at);
  const one = each(first, act.size, partOf(tempo, 1 / 2));
  const two = each(second, act.second ?? act.size, then ?? partOf(tempo, 1 / 2));
  return gather(doing.before, footOr(doing, near(doing)), bearingOf(doing), first, second, one, two);
};

const meetingAt =
  (usual: number, flight: number): Recipe =>
  (doing) => {
    const metres = sized(doing, 'even', 'gather');
    const seconds = usually(doing, usual, flight, grown(doing, metres, 'even'));
    return meeting(doing.before, near(doing), bearingOf(doing), metres, seconds, flight, doing.body, doing.engine < 2 ? 0 : ROUNDING);
  };

/** Both feet go the same way, one after the other, and never pass. */
export const GATHER: FamilyOf<'gather'> = {
  advance: gathering,
  retreat: gathering,
  shuffle: gathering,
  'half step': (doing) => {
    const metres = sized(doing, 'even', 'gather');
    const seconds = usually(doing, USUAL_TIME.halfStep, 0, grown(doing, metres, 'even'));
    return halfStep(doing.before, footOr(doing, near(doing)), bearingOf(doing), metres, seconds);
  },
  'single step': (doing) => {
    const metres = sized(doing, 'even', 'lunge');
    const seconds = usually(doing, USUAL_TIME.singleStep, 0, grown(doing, metres, 'even'));
    return singleStep(doing.before, footOr(doing, near(doing)), bearingOf(doing), metres, seconds);
  },
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
    // Usually out by as much as the other foot comes in.
    const apart = (posture: Posture): number => Math.max(0, separation(posture, near(doing), bearingOf(doing)));
    const usual = doing.engine < 2 ? 'even' : usualFrom(doing, apart);
    const metres = doing.act.size === null ? null : metresOf(doing.act.size, doing.body, usual);
    const seconds = usually(doing, USUAL_TIME.pendulum, 0, grown(doing, metres ?? 0, usual));
    const least = doing.body.breadth.metres / 2;
    return (
      pendulum(doing.before, near(doing), bearingOf(doing), metres, seconds, doing.body) ?? refused(doing, 'level-swing', seconds, 0, least)
    );
  },
};
