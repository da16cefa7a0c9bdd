import { otherSide, type Side } from '../body/foot.js';
import { distance } from '../geometry/vec.js';
import type { FootAction, MoveResult } from '../moves/action.js';
import { footOf, nearFoot } from '../moves/foot-choice.js';
import { gather } from '../moves/gather.js';
import { jump } from '../moves/jump.js';
import { halfStep, meeting, pendulum } from '../moves/meeting.js';
import { fullPass, pass, passes, switchFeet } from '../moves/passing.js';
import { pivot } from '../moves/pivot.js';
import { lunge, recover } from '../moves/reach.js';
import { FLIGHT, metresOf, secondsOf, SPLIT_FLIGHT, STRIDE_RANGE, USUAL_TIME } from '../moves/sizes.js';
import { squareUp } from '../moves/square-up.js';
import { split, splitSeconds } from '../moves/split.js';
import { stay } from '../moves/stay.js';
import type { Item, Step } from '../notation/ast.js';
import { standIn, stanceTarget, type Posture } from '../stance/stance.js';
import type { HandMoment, Performer, Problem, Simulation, SimMove } from './simulation.js';

/** Most moves that are simulated; a longer pattern is cut there and says so. */
export const MOST_MOVES = 2_000;

/** Turns steps into timed foot actions on the floor for one performer, starting in their school's stance. Never throws. */
export function simulate(items: readonly Item[], performer: Performer): Simulation {
  const start = standIn(performer.school, performer.body, performer.lead);
  const run = new Run(performer, start);
  run.all(items);
  return {
    performer,
    target: stanceTarget(performer.school, performer.body),
    start,
    end: run.posture,
    moves: run.moves,
    actions: run.moves.flatMap((move) => move.actions.map((action) => ({ ...action, move: move.index }))),
    hands: run.hands.sort((a, b) => a.at - b.at),
    problems: run.problems,
    seconds: run.now,
  };
}

/** The lunge that a later 'recover' comes back from. */
interface OpenLunge {
  readonly foot: Side;
  readonly from: Posture;
}

class Run {
  now = 0;
  posture: Posture;
  readonly moves: SimMove[] = [];
  readonly hands: HandMoment[] = [];
  readonly problems: Problem[] = [];
  private open: OpenLunge | null = null;
  private full = false;

  constructor(
    private readonly performer: Performer,
    start: Posture,
  ) {
    this.posture = start;
  }

  all(items: readonly Item[]): void {
    for (const item of items) {
      for (let i = 0; i < item.times && !this.full; i++) {
        if (item.kind === 'group') this.all(item.items);
        else this.one(item);
      }
    }
  }

  private one(step: Step): void {
    if (this.moves.length >= MOST_MOVES) {
      this.full = true;
      this.problem(
        'too-many-moves',
        step,
        `The pattern has more than ${MOST_MOVES} moves; it was followed up to there.`,
        MOST_MOVES + 1,
        MOST_MOVES,
      );
      return;
    }
    const before = this.posture;
    const result = this.result(step, before);
    this.base(step, before, result.after);
    const start = this.now;
    const shift = (action: FootAction): FootAction => ({
      ...action,
      start: action.start + start,
      end: action.end + start,
      ...(action.airborneUntil === undefined ? {} : { airborneUntil: action.airborneUntil + start }),
    });
    const move: SimMove = {
      index: this.moves.length,
      step,
      span: step.span,
      start,
      end: start + result.seconds,
      landing: start + result.landing,
      before,
      after: result.after,
      actions: result.actions.map(shift),
      units: step.hands.length > 0 ? [...result.units, 'strike'] : result.units,
      means: result.means,
      moving: result.moving,
    };
    this.moves.push(move);
    this.handsOf(step, move);
    this.posture = result.after;
    this.now = move.end;
  }

  private result(step: Step, before: Posture): MoveResult {
    const { body, playing } = this.performer;
    const { act, tempo } = step;
    const leg = body.leg.metres;
    if (act.move !== 'recover' && act.move !== 'hold' && act.move !== 'hand') this.open = null;
    switch (act.move) {
      case 'gather': {
        const metres = metresOf(act.size, body, 'even');
        this.stride(step, metres, STRIDE_RANGE.gather * leg);
        const first = act.first === null ? nearFoot(before, act.bearing, playing) : footOf(act.first, before, act.bearing, playing);
        return gather(before, first, act.bearing, metres, metres, secondsOf(2 * USUAL_TIME.gatherFoot, tempo));
      }
      case 'meet': {
        const metres = metresOf(act.size, body, 'even');
        this.stride(step, metres, STRIDE_RANGE.gather * leg);
        const near = nearFoot(before, act.bearing, playing);
        const flight = act.word === 'gallop' ? FLIGHT.gallop : 0;
        return meeting(before, near, act.bearing, metres, secondsOf(USUAL_TIME[act.word], tempo, flight), flight, body);
      }
      case 'half step': {
        const metres = metresOf(act.size, body, 'even');
        this.stride(step, metres, STRIDE_RANGE.gather * leg);
        const foot = act.foot === null ? nearFoot(before, act.bearing, playing) : footOf(act.foot, before, act.bearing, playing);
        return halfStep(before, foot, act.bearing, metres, secondsOf(USUAL_TIME.halfStep, tempo));
      }
      case 'pendulum': {
        const metres = act.size === null ? null : metresOf(act.size, body, 'even');
        const near = nearFoot(before, act.bearing, playing);
        const seconds = secondsOf(USUAL_TIME.pendulum, tempo);
        const swung = pendulum(before, near, act.bearing, metres, seconds, body);
        if (swung) return swung;
        this.problem(
          'refused',
          step,
          'The feet are level in that direction: there is nothing for a pendulum to swing into. The athlete stands.',
          0,
          body.breadth.metres / 2,
        );
        return stay(before, seconds);
      }
      case 'pass': {
        const usual = before.lead === null ? playing : Math.abs(act.bearing) <= 90 ? otherSide(before.lead) : before.lead;
        const foot = act.foot === null ? usual : footOf(act.foot, before, act.bearing, playing);
        const full = fullPass(before, foot, act.bearing);
        // Feet that are level along the bearing have no length to pass by: the usual step then.
        const metres = act.size === null && full >= body.breadth.metres ? full : metresOf(act.size, body, 'even');
        this.stride(step, metres, STRIDE_RANGE.lunge * leg);
        if (!passes(before, foot, act.bearing, metres, body)) {
          this.problem(
            'short-pass',
            step,
            `The ${foot} foot does not get past the other: the lead stays as it was.`,
            metres,
            full / 2 + body.breadth.metres / 2,
          );
        }
        return pass(before, foot, act.bearing, metres, secondsOf(USUAL_TIME.pass, tempo), this.performer.school, body);
      }
      case 'switch': {
        const metres = act.size === null ? 0 : metresOf(act.size, body, 'even');
        // All of a switch is flight, which keeps its time.
        const switched = switchFeet(before, act.bearing, metres, USUAL_TIME.switch, this.performer.school);
        if (switched) return switched;
        this.problem('refused', step, 'In a square stance there are no feet to switch. The athlete stands.', 0, 0);
        return stay(before, USUAL_TIME.switch);
      }
      case 'jump': {
        const metres = act.size === null ? 0 : metresOf(act.size, body, 'even');
        this.stride(step, metres, STRIDE_RANGE.lunge * leg);
        return jump(before, act.bearing, metres, secondsOf(USUAL_TIME.jump, tempo, FLIGHT.jump), FLIGHT.jump);
      }
      case 'square up':
        return squareUp(before, secondsOf(USUAL_TIME.squareFoot, tempo), this.performer.school, body);
      case 'split':
        return split(before, act.style, secondsOf(splitSeconds(act.style), tempo, SPLIT_FLIGHT[act.style]));
      case 'pivot': {
        const usual = Math.max(USUAL_TIME.pivotLeast, (USUAL_TIME.pivotQuarter * Math.abs(act.turn)) / 90);
        return pivot(before, footOf(act.foot, before, act.turn, playing), act.turn, secondsOf(usual, tempo));
      }
      case 'lunge': {
        const metres = metresOf(act.size, body, 'lunge');
        this.stride(step, metres, STRIDE_RANGE.lunge * leg);
        const foot = act.foot === null ? (before.lead ?? playing) : footOf(act.foot, before, act.bearing, playing);
        this.open = { foot, from: before };
        return lunge(before, foot, act.bearing, metres, secondsOf(USUAL_TIME.lunge, tempo));
      }
      case 'recover': {
        const seconds = secondsOf(USUAL_TIME.recover, tempo);
        const open = this.open;
        this.open = null;
        if (open) return recover(before, open.from, open.foot, act.way, seconds);
        this.problem('nothing-to-recover', step, 'There is no lunge to recover from here; the athlete stands.', 0, 0);
        return stay(before, seconds);
      }
      case 'hold':
        return stay(before, act.seconds);
      case 'hand':
        return stay(before, secondsOf(USUAL_TIME.hand, tempo), ['strike']);
    }
  }

  private handsOf(step: Step, move: SimMove): void {
    if (step.act.move === 'hand') this.hands.push({ word: step.act.word, at: move.start, tiedTo: null, move: move.index });
    for (const hand of step.hands) {
      const tiedTo = hand.tie === 'start' ? move.start : move.landing;
      this.hands.push({ word: hand.word, at: Math.max(0, tiedTo + hand.offsetMs / 1000), tiedTo, move: move.index });
    }
  }

  /** Feet further apart than two legs reach are nobody's; named at the move that makes it so. */
  private base(step: Step, before: Posture, after: Posture): void {
    const limit = 2 * this.performer.body.leg.metres;
    const apart = distance(after.feet.left, after.feet.right);
    if (apart <= limit + 1e-9 || apart <= distance(before.feet.left, before.feet.right) + 1e-9) return;
    const message = `The feet would stand ${Math.round(apart * 100)} cm apart; this athlete's legs reach ${Math.round(limit * 100)} cm at most.`;
    this.problem('stride', step, message, apart, limit);
  }

  private stride(step: Step, metres: number, limit: number): void {
    if (metres > limit + 1e-9) {
      const message = `A step of ${Math.round(metres * 100)} cm is longer than this athlete's ${Math.round(limit * 100)} cm.`;
      this.problem('stride', step, message, metres, limit);
    }
  }

  private problem(code: Problem['code'], step: Step, message: string, value: number, limit: number): void {
    const known = this.problems.some((p) => p.code === code && p.span.from === step.span.from);
    if (!known) this.problems.push({ code, move: this.moves.length, span: step.span, message, value, limit });
  }
}
