import type { Body } from '../body/body.js';
import { otherSide, type Side } from '../body/foot.js';
import type { School } from '../body/school.js';
import { originOf, type Posture } from '../body/stance.js';
import { dot, normalised, scale, sub, wayOf, type Vec } from '../body/vec.js';
import type { Act, Tempo } from '../language/ast.js';
import { ruleOf, type MoveWord } from '../language/moves.js';
import type { MoveResult } from './action.js';
import { beyond, stepPast } from './crossing.js';
import { footOf, nearFoot } from './foot-choice.js';
import { gather } from './gather.js';
import { jump, scissorJump, sideJump } from './jump.js';
import { hop, onTheSpot, weightShift } from './loading.js';
import { halfStep, meeting, pendulum } from './meeting.js';
import { fullPass, pass, passes, switchFeet } from './passing.js';
import { pivot } from './pivot.js';
import { lunge, recover, type Reach } from './reach.js';
import { inSequence } from './sequence.js';
import { type OWN_STEP, FLIGHT, metresOf, secondsOf, SPLIT_FLIGHT, STRIDE_RANGE, USUAL_TIME } from './sizes.js';
import { split, splitSeconds } from './split.js';
import { squareUp } from './square-up.js';
import { stay } from './stay.js';
import { dropStep, orbit, orbitDegrees, stepAndTurn } from './turning.js';
import type { ProblemMessage, ProblemMessages } from './messages.js';

/** The reach that a later 'recover' comes back from. */
export interface OpenReach {
  readonly foot: Side;
  readonly from: Posture;
}

/** What a recipe reads: the athlete, how they stand, what was asked, and whom they face. */
interface Doing {
  readonly act: Act;
  readonly before: Posture;
  readonly body: Body;
  readonly school: School;
  readonly playing: Side;
  readonly tempo: Tempo | null;
  /** Tempo of the second part, where it differs. */
  readonly then: Tempo | null;
  /** How far the free foot of a pivot goes beyond its place, degrees: an error. */
  readonly swing: number;
  readonly open: OpenReach | null;
  /** Where the opponent stands; without one on the floor, ahead at a usual distance. */
  readonly opponent: Vec;
  /** Whether there is one on the floor. */
  readonly opposed: boolean;
  /** Names something that could not be done as written, or only beyond the body's range. */
  readonly note: (problem: ProblemMessage, value: number, limit: number) => void;
}

/** What a move yields, and the reach it leaves open. */
export interface Done extends MoveResult {
  readonly open?: OpenReach | null;
}

type Recipe = (doing: Doing) => Done;

const bearingOf = ({ act }: Doing): number => act.bearing ?? ruleOf(act.word).usual ?? 0;
const turnOf = ({ act }: Doing): number => act.turn ?? ruleOf(act.word).usual ?? 90;
const near = (doing: Doing): Side => nearFoot(doing.before, bearingOf(doing), doing.playing);
const footOr = (doing: Doing, usual: Side): Side =>
  doing.act.foot === null ? usual : footOf(doing.act.foot, doing.before, bearingOf(doing), doing.playing);
const leading = ({ before, playing }: Doing): Side => before.lead ?? playing;

/** The size in metres, named when it is longer than this body steps. */
function sized(doing: Doing, usual: keyof typeof OWN_STEP, range: keyof typeof STRIDE_RANGE): number {
  return inRange(doing, metresOf(doing.act.size, doing.body, usual), range);
}

function inRange({ body, note }: Doing, metres: number, range: keyof typeof STRIDE_RANGE): number {
  const limit = STRIDE_RANGE[range] * body.leg.metres;
  if (metres > limit + 1e-9) {
    note({ code: 'stride', values: { of: 'step', metres, most: limit } }, metres, limit);
  }
  return metres;
}

/** Metres of a move that stays in place unless it is sent somewhere. */
const asideOf = (doing: Doing): number => (doing.act.size === null && doing.act.bearing === null ? 0 : sized(doing, 'small', 'lunge'));

const usually = (doing: Doing, seconds: number, flight = 0): number => secondsOf(seconds, doing.tempo, flight);

function refused(doing: Doing, why: ProblemMessages['refused']['why'], seconds: number, value = 0, limit = 0): Done {
  doing.note({ code: 'refused', values: { why } }, value, limit);
  return stay(doing.before, seconds);
}

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

/** A turn on a foot; its usual time grows with the angle. */
function turning(doing: Doing, on: Side, degrees: number): Done {
  const usual = Math.max(USUAL_TIME.pivotLeast, (USUAL_TIME.pivotQuarter * Math.abs(degrees)) / 90);
  return pivot(doing.before, on, degrees, usually(doing, usual), doing.swing);
}

/** Degrees from the facing line to a point, (−180, 180]. */
export function bearingTo(posture: Posture, point: Vec): number {
  const way = sub(point, originOf(posture.feet));
  return normalised((Math.atan2(way.x, way.y) * 180) / Math.PI - posture.heading);
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

/** How every move of the vocabulary is done. */
export const RECIPES: Readonly<Record<MoveWord, Recipe>> = {
  'square up': (doing) => squareUp(doing.before, usually(doing, USUAL_TIME.squareFoot), doing.school, doing.body, doing.before.lead),
  'other lead': (doing) =>
    doing.before.lead === null
      ? refused(doing, 'square-lead', usually(doing, USUAL_TIME.squareFoot))
      : squareUp(doing.before, usually(doing, USUAL_TIME.squareFoot), doing.school, doing.body, otherSide(doing.before.lead)),
  hold: (doing) => stay(doing.before, doing.act.seconds ?? 1),

  split: (doing) => {
    const style = doing.act.style ?? 'low hop';
    const seconds = usually(doing, splitSeconds(style), SPLIT_FLIGHT[style]);
    const { act, before } = doing;
    if (act.foot === null && act.bearing === null && act.size === null) return split(before, style, seconds);
    const by = scale(wayOf(before.heading + bearingOf(doing)), sized(doing, 'small', 'gather'));
    return split(before, style, seconds, { foot: footOr(doing, near(doing)), by });
  },
  bounce: (doing) => onTheSpot(doing.before, usually(doing, USUAL_TIME.bounce)),
  'heel raise': (doing) => onTheSpot(doing.before, usually(doing, USUAL_TIME.heelRaise)),
  'weight shift': (doing) =>
    weightShift(doing.before, footOr(doing, doing.before.leftShare > 0.5 ? 'right' : 'left'), usually(doing, USUAL_TIME.weightShift)),
  'preload hop': (doing) => hop(doing.before, usually(doing, USUAL_TIME.preloadHop, FLIGHT.hop), FLIGHT.hop),

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

  pass: passing,
  shift: passing,
  'back step': passing,
  run: crossing('past', USUAL_TIME.run),
  crossover: crossing('front', USUAL_TIME.cross),
  'cross behind': crossing('behind', USUAL_TIME.cross),
  'drop step': (doing) => dropStep(doing.before, sized(doing, 'even', 'gather'), turnOf(doing), usually(doing, USUAL_TIME.dropStep)),

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

  jump: (doing) => jump(doing.before, bearingOf(doing), asideOf(doing), usually(doing, USUAL_TIME.jump, FLIGHT.jump), FLIGHT.jump),
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

  hit: (doing) => stay(doing.before, usually(doing, USUAL_TIME.hand), ['strike']),
  'guard check': (doing) => stay(doing.before, usually(doing, USUAL_TIME.hand), ['strike']),
};

/** Moves that leave an open reach as it is. */
export const KEEPS_REACH: readonly MoveWord[] = ['hold', 'hit', 'guard check', 'weight shift'];
