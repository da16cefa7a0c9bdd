import type { Side } from '../../body/foot.js';
import { movedFoot, type Posture } from '../../body/stance.js';
import { scale, wayOf } from '../../body/vec.js';
import { bearingTo } from '../bearing-to.js';
import { footOf, nearFoot } from '../foot-choice.js';
import { switchFeet } from '../passing.js';
import { pivot } from '../pivot.js';
import { metresOf, USUAL_TIME } from '../sizes.js';
import { ruleOf } from '../../language/moves.js';
import { orbit, orbitDegrees, orbitMetres, stepAndTurn, turnTo } from '../turning.js';
import {
  type Doing,
  type Done,
  type Recipe,
  type FamilyOf,
  bearingOf,
  grown,
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
    const by = scale(wayOf(doing.before.heading + out), metres);
    const { feet } = doing.before;
    const there: Posture = { ...doing.before, feet: { left: movedFoot(feet.left, by), right: movedFoot(feet.right, by) } };
    const round = doing.opposed && !(doing.act.exact && doing.engine >= 2) ? facing(doing, there, foot) : -turn;
    return stepAndTurn(doing.before, foot, out, metres, round, usually(doing, USUAL_TIME.turnOut, 0, grown(doing, metres, 'even')));
  };

/** Degrees that the body turns on a foot to look at the opponent: its middle goes round that foot as it turns. */
function facing({ engine, opponent }: Doing, there: Posture, on: Side): number {
  const first = bearingTo(there, opponent);
  return engine < 2 ? first : turnTo(there, on, opponent);
}

/** The facing line turns. */
export const TURN: FamilyOf<'turn'> = {
  pivot: (doing) => turning(doing, footOf(doing.act.foot ?? 'lead', doing.before, turnOf(doing), doing.playing), turnOf(doing)),
  quarter: (doing) => turning(doing, leading(doing), turnOf(doing)),
  'slip-side quarter': (doing) => turning(doing, leading(doing), turnOf(doing)),
  'step-out quarter': outAndRound(90, (_doing, side) => side),
  // The foot of that side goes; whatever the stance, the other one would cross it.
  cut: outAndRound(45, ({ act, before, playing, engine }, side, bearing) =>
    act.foot === null && engine >= 2 ? side : footOf(act.foot ?? 'near', before, bearing, playing),
  ),
  'side step and turn': outAndRound(90, ({ before, playing }, _side, bearing) => nearFoot(before, bearing, playing)),
  orbit: (doing) => {
    const { act, before, opponent, playing } = doing;
    const usual = doing.engine < 2 ? 'even' : orbitMetres(before, opponent, ruleOf('orbit').usual ?? 90);
    const metres = metresOf(act.size, doing.body, usual);
    const asked = act.size === null ? turnOf(doing) : orbitDegrees(before, opponent, metres);
    const degrees = act.size === null ? asked : asked * Math.sign(turnOf(doing));
    const seconds =
      doing.engine < 2
        ? usually(doing, USUAL_TIME.orbitFoot)
        : usually(doing, 2 * USUAL_TIME.orbitFoot, 0, grown(doing, metres, usual)) / 2;
    return orbit(before, nearFoot(before, degrees < 0 ? -90 : 90, playing), opponent, degrees, seconds);
  },
  face: (doing) => turning(doing, footOf(doing.act.foot ?? 'lead', doing.before, turnOf(doing), doing.playing), turnOf(doing)),
  switch: (doing) =>
    // All of a switch is flight, which keeps its time.
    switchFeet(doing.before, bearingOf(doing), asideOf(doing), USUAL_TIME.switch, doing.school) ??
    refused(doing, 'square-switch', USUAL_TIME.switch),
};
