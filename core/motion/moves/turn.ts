import type { Side } from '../../body/foot.js';
import type { Posture } from '../../body/stance.js';
import { scale, wayOf } from '../../body/vec.js';
import { bearingTo } from '../bearing-to.js';
import { footOf, nearFoot } from '../foot-choice.js';
import { switchFeet } from '../passing.js';
import { pivot } from '../pivot.js';
import { metresOf, USUAL_TIME } from '../sizes.js';
import { orbit, orbitDegrees, stepAndTurn } from '../turning.js';
import {
  type Doing,
  type Done,
  type Recipe,
  type FamilyOf,
  bearingOf,
  turnOf,
  leading,
  sized,
  asideOf,
  usually,
  refused,
} from './doing.js';

/** A turn on a foot; its usual time grows with the angle. */
function turning(doing: Doing, on: Side, degrees: number): Done {
  const usual = Math.max(USUAL_TIME.pivotLeast, (USUAL_TIME.pivotQuarter * Math.abs(degrees)) / 90);
  return pivot(doing.before, on, degrees, usually(doing, usual), doing.swing);
}

/** Out with the foot of a side, then round to the opponent, or by the angle the move names the other way. */
const outAndRound =
  (bearing: number, choose: (doing: Doing, side: Side, bearing: number) => Side): Recipe =>
  (doing) => {
    const turn = turnOf(doing);
    const side: Side = turn < 0 ? 'left' : 'right';
    const out = side === 'left' ? -bearing : bearing;
    const metres = sized(doing, 'even', 'gather');
    const foot = choose(doing, side, out);
    const moved = scale(wayOf(doing.before.heading + out), metres);
    const there: Posture = {
      ...doing.before,
      feet: {
        left: { ...doing.before.feet.left, x: doing.before.feet.left.x + moved.x, y: doing.before.feet.left.y + moved.y },
        right: { ...doing.before.feet.right, x: doing.before.feet.right.x + moved.x, y: doing.before.feet.right.y + moved.y },
      },
    };
    const round = doing.opposed ? bearingTo(there, doing.opponent) : -turn;
    return stepAndTurn(doing.before, foot, out, metres, round, usually(doing, USUAL_TIME.turnOut));
  };

/** The facing line turns. */
export const TURN: FamilyOf<'turn'> = {
  pivot: (doing) => turning(doing, footOf(doing.act.foot ?? 'lead', doing.before, turnOf(doing), doing.playing), turnOf(doing)),
  quarter: (doing) => turning(doing, leading(doing), turnOf(doing)),
  'slip-side quarter': (doing) => turning(doing, leading(doing), turnOf(doing)),
  'step-out quarter': outAndRound(90, (_doing, side) => side),
  cut: outAndRound(45, ({ act, before, playing }, _side, bearing) => footOf(act.foot ?? 'near', before, bearing, playing)),
  'side step and turn': outAndRound(90, ({ before, playing }, _side, bearing) => nearFoot(before, bearing, playing)),
  orbit: (doing) => {
    const { act, before, opponent, playing } = doing;
    const asked = act.size === null ? turnOf(doing) : orbitDegrees(before, opponent, metresOf(act.size, doing.body, 'even'));
    const degrees = act.size === null ? asked : asked * Math.sign(turnOf(doing));
    return orbit(before, nearFoot(before, degrees < 0 ? -90 : 90, playing), opponent, degrees, usually(doing, USUAL_TIME.orbitFoot));
  },
  face: (doing) => turning(doing, footOf(doing.act.foot ?? 'lead', doing.before, turnOf(doing), doing.playing), turnOf(doing)),
  switch: (doing) =>
    // All of a switch is flight, which keeps its time.
    switchFeet(doing.before, bearingOf(doing), asideOf(doing), USUAL_TIME.switch, doing.school) ??
    refused(doing, 'square-switch', USUAL_TIME.switch),
};
