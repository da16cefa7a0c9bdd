import { originOf, standIn, stanceTarget, type Posture } from '../body/stance.js';
import { add, distance, scale, wayOf, type Vec } from '../body/vec.js';
import type { Act, Happening, Parsed, Step } from '../language/ast.js';
import type { EventWord } from '../language/floor-words.js';
import type { Span } from '../language/places.js';
import { aimed, targetOf, type Target } from './aim.js';
import type { Done, OpenReach } from './moves/doing.js';
import { KEEPS_REACH, RECIPES } from './moves/recipes.js';
import { seeded } from './seeded.js';
import { later } from './sequence.js';
import type { EventMoment, HandMoment, Performer, PlacedThing, Problem, Simulation, SimMove } from './simulation.js';
import { OPPONENT_AHEAD, partnerOf, placeThings, thingFor, whereIs } from './things.js';
import { unfold, type Choice, type Choose, type Unfolded } from './unfold.js';
import type { ProblemMessage } from './messages.js';

/** Most moves that are simulated; a longer pattern is cut there and says so. */
export const MOST_MOVES = 2_000;

/** Most events of one pattern. */
const MOST_EVENTS = 1_000;

/** A pattern as far as it is done: errors and intentions apart. */
export type Script = Pick<Parsed, 'items' | 'things' | 'definitions'>;

export interface SimulateOptions {
  /** Which branch of each alternative, in order, from 0; where they end, the seed decides. */
  readonly choices?: readonly number[];
  readonly seed?: number;
  /** A change to each move as it is done, for errors that an athlete makes. */
  readonly slip?: Slip;
}

/** How a step comes out other than it was meant; `swing` is how far the free foot of a pivot goes beyond its circle's end, degrees. */
export type Slip = (step: Step, performer: Performer) => { readonly step: Step; readonly swing: number };

/**
 * Turns a pattern into timed foot actions on the floor for one performer, starting in their school's stance. Never throws.
 * @example simulate(parse('hold 1 s, split'), { body: bodyOf({}), school: schoolOf('square-ready'), lead: null, playing: 'right' }).moves.map(({ start }) => start) // [0, 1]
 */
export function simulate(script: Script, performer: Performer, options: SimulateOptions = {}): Simulation {
  const chance = seeded(options.seed ?? 1);
  let asked = 0;
  const choose: Choose = (branches) => {
    const said = options.choices?.[asked++];
    return said !== undefined && said >= 0 && said < branches ? Math.floor(said) : Math.floor(chance() * branches);
  };
  const things = placeThings(script, performer, (items) =>
    simulate({ items, things: [], definitions: script.definitions }, performer, { seed: options.seed ?? 1 }),
  );
  const start = standIn(performer.school, performer.body, performer.lead);
  const run = new Run(performer, start, things, options.slip ?? ((step) => ({ step, swing: 0 })));
  const choices: Choice[] = [];
  for (const one of unfold(script.items, script.definitions, choose, choices)) if (!run.take(one)) break;
  return {
    performer,
    target: stanceTarget(performer.school, performer.body),
    start,
    end: run.posture,
    moves: run.moves,
    actions: run.moves.flatMap((move) => move.actions.map((action) => ({ ...action, move: move.index }))),
    hands: run.hands.sort((a, b) => a.at - b.at),
    events: run.allEvents(),
    things,
    choices,
    problems: run.problems,
    seconds: run.now,
  };
}

class Run {
  now = 0;
  posture: Posture;
  readonly moves: SimMove[] = [];
  readonly hands: HandMoment[] = [];
  readonly problems: Problem[] = [];
  private readonly events: EventMoment[] = [];
  private readonly recurring: { event: Happening; from: number }[] = [];
  private open: OpenReach | null = null;

  constructor(
    private readonly performer: Performer,
    private readonly start: Posture,
    private readonly things: readonly PlacedThing[],
    private readonly slip: Slip,
  ) {
    this.posture = start;
  }

  /** Does one thing; false when nothing more is followed. */
  take(one: Unfolded): boolean {
    if (one.kind === 'asks') this.problem(one.asks, one.span);
    else if (one.kind === 'event') this.happen(one.event);
    else if (this.moves.length >= MOST_MOVES) {
      this.problem({ code: 'too-many-moves', values: { most: MOST_MOVES } }, one.span, MOST_MOVES + 1, MOST_MOVES);
      return false;
    } else this.one(one.step, one.left, one.span);
    return true;
  }

  /** All events in time order, those that come again and again up to the end. */
  allEvents(): EventMoment[] {
    const all = [...this.events];
    for (const { event, from } of this.recurring) {
      const every = Math.max(0.05, event.every ?? 0);
      for (let at = from; at <= this.now + 1e-9 && all.length < MOST_EVENTS; at += every) all.push(moment(event, at));
    }
    return all.sort((a, b) => a.at - b.at);
  }

  private happen(event: Happening): void {
    const from = event.at ?? this.now;
    if (event.every !== null) this.recurring.push({ event, from });
    else if (this.events.length < MOST_EVENTS) this.events.push(moment(event, from));
  }

  private one(written: Step, left: number, span: Span): void {
    const before = this.posture;
    const { step, swing } = this.slip({ ...written, act: this.aim(written.act, left, span) }, this.performer);
    const result = this.done(step, span, swing);
    this.base(span, before, result.after);
    const start = this.now;
    const move: SimMove = {
      index: this.moves.length,
      step,
      span,
      start,
      end: start + result.seconds,
      landing: start + result.landing,
      before,
      after: result.after,
      actions: result.actions.map((action) => later(action, start)),
      units: step.hands.some((hand) => hand.kind === 'hand') ? [...result.units, 'strike'] : result.units,
      means: result.means,
      moving: result.moving,
      tally: result.tally ?? {},
    };
    this.moves.push(move);
    this.tied(step, move);
    this.posture = result.after;
    this.now = move.end;
  }

  private done(step: Step, span: Span, swing: number): Done {
    const partner = this.target(step.act) ?? partnerOf(this.things);
    const { body, school, playing } = this.performer;
    const result = RECIPES[step.act.word]({
      act: step.act,
      before: this.posture,
      body,
      school,
      playing,
      tempo: step.tempo,
      then: step.then,
      swing,
      open: this.open,
      opponent: partner === null ? this.ahead() : whereIs(partner, this.now),
      opposed: partner !== null,
      note: (problem, value, limit) => this.problem(problem, span, value, limit),
    });
    if (result.open) this.open = result.open;
    else if (!KEEPS_REACH.includes(step.act.word)) this.open = null;
    return result;
  }

  private ahead(): Vec {
    return add(originOf(this.posture.feet), scale(wayOf(this.posture.heading), OPPONENT_AHEAD));
  }

  /** The thing an act names, if it stands on the floor. */
  private target(act: Act): PlacedThing | null {
    return act.aim === null || act.aim.thing === 'home' ? null : thingFor(act.aim, this.things);
  }

  private aim(act: Act, left: number, span: Span): Act {
    if (act.aim === null) return act;
    const { body, playing } = this.performer;
    const thing = this.target(act);
    if (act.aim.thing === 'home') {
      if (act.word === 'face') return { ...act, turn: this.start.heading - this.posture.heading };
      const home: Target = { point: originOf(this.start.feet), stop: 0 };
      return aimed(act, home, this.posture, playing, left);
    }
    if (thing) return aimed(act, targetOf(thing, this.now, act, body), this.posture, playing, left);
    const named = [act.aim.thing, act.aim.name === null ? null : `“${act.aim.name}”`].filter((word) => word !== null).join(' ');
    this.problem({ code: 'no-such-thing', values: { thing: named } }, span);
    return act;
  }

  private tied(step: Step, move: SimMove): void {
    const { act } = step;
    if (act.word === 'hit' || act.word === 'guard check') {
      this.hands.push({ word: act.name ?? act.word, at: move.start, tiedTo: null, move: move.index });
    }
    for (const one of step.hands) {
      const tiedTo = one.tie === 'start' ? move.start : move.landing;
      const at = Math.max(0, tiedTo + one.offsetMs / 1000);
      if (one.kind === 'hand') this.hands.push({ word: one.word, at, tiedTo, move: move.index });
      else if (this.events.length < MOST_EVENTS) {
        this.events.push({ event: one.word as EventWord, name: null, at, move: move.index, span: one.span });
      }
    }
  }

  /** Feet further apart than two legs reach are nobody's; named at the move that makes it so. */
  private base(span: Span, before: Posture, after: Posture): void {
    const limit = 2 * this.performer.body.leg.metres;
    const apart = distance(after.feet.left, after.feet.right);
    if (apart <= limit + 1e-9 || apart <= distance(before.feet.left, before.feet.right) + 1e-9) return;
    this.problem({ code: 'stride', values: { of: 'stand', metres: apart, most: limit } }, span, apart, limit);
  }

  private problem(problem: ProblemMessage, span: Span, value = 0, limit = 0): void {
    const known = this.problems.some((p) => p.code === problem.code && p.span.from === span.from);
    if (!known) this.problems.push({ ...problem, move: this.moves.length, span, value, limit });
  }
}

const moment = ({ event, name, span }: Happening, at: number): EventMoment => ({ event, name, at, move: null, span });
