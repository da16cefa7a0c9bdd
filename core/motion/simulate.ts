import { originOf, standIn, stanceTarget, type Posture } from '../body/stance.js';
import { add, distance, dot, normalised, scale, sub, turned, wayOf, type Vec } from '../body/vec.js';
import type { Side } from '../body/foot.js';
import { bodyOf } from '../body/body.js';
import { schoolOf } from '../body/school.js';
import { bare } from '../language/act.js';
import type { Act, Aim, FootRef, Happening, Item, Other, Parsed, Step } from '../language/ast.js';
import { SPOT_WORDS, type EventWord } from '../language/floor-words.js';
import { ENGINE } from '../language/engine.js';
import { ruleOf } from '../language/moves.js';
import type { Span } from '../language/places.js';
import { aimed, targetOf, type Target } from './aim.js';
import { Follower } from './follower.js';
import { footOf } from './foot-choice.js';
import { landedAs } from './landed.js';
import type { Doing, Done, OpenReach } from './moves/doing.js';
import { KEEPS_REACH, RECIPES } from './moves/recipes.js';
import { Gait } from './gait.js';
import { feetAt } from './motion.js';
import { USUAL_KEEPING } from './moves/set.js';
import { seeded } from './seeded.js';
import { paceOf } from './own-times.js';
import { metresOf, USUAL_TIME } from './sizes.js';
import { fromWhere, later } from './sequence.js';
import type { EventMoment, HandMoment, Performer, PlacedThing, Problem, Simulation, SimMove } from './simulation.js';
import { OPPONENT_AHEAD, partnerOf, placeThings, thingFor, whereIs } from './things.js';
import { unfold, type Choice, type Choose, type Unfolded } from './unfold.js';
import { struckSince, withWaysBack } from './way-back.js';
import type { Counted, ProblemMessage } from './messages.js';

/** Most moves that are simulated, of the athlete and of all partners together; a longer pattern is cut there and says so. */
export const MOST_MOVES = 600;

/** Most of what else a pattern may hold, as a text of the longest that is read could: more is left out, and said. */
export const MOST = { things: 40, partners: 4, hits: 2_000, events: 1_000 } as const;

/** A pattern as far as it is done: errors and intentions apart. */
export type Script = Pick<Parsed, 'items' | 'things' | 'definitions' | 'engine' | 'flat'>;

export interface SimulateOptions {
  /** Which branch of each alternative, in order, from 0; where they end, the seed decides. */
  readonly choices?: readonly number[];
  readonly seed?: number;
  /** Where a place of the floor is in the start frame, as seen from where one stands; null: the floor has none. Without it no floor is known. */
  readonly places?: (aim: Aim, from: Vec, sideOf: (ref: FootRef) => Side) => Vec | null;
  /** A change to each move as it is done, for errors that an athlete makes. */
  readonly slip?: Slip;
}

/** How a step comes out other than it was meant. */
interface Slipped {
  readonly step: Step;
  /** How far the free foot of a pivot goes beyond its circle's end, degrees. */
  readonly swing: number;
  /** How long one stands before it, seconds. */
  readonly wait?: number;
  /** Whether the last of its row is done once more. */
  readonly again?: boolean;
}

/** What an athlete makes of a step; `homeward` says that it goes back to where they began, after a stroke or an arrival. */
export type Slip = (step: Step, performer: Performer, homeward: boolean) => Slipped;

/**
 * Turns a pattern into timed foot actions on the floor for one performer, starting in their school's stance. Never throws.
 * @example simulate(parse('hold 1 s, split'), { body: bodyOf({}), school: schoolOf('square-ready'), lead: null, playing: 'right' }).moves.map(({ start }) => start) // [0, 1]
 */
export function simulate(script: Script, performer: Performer, options: SimulateOptions = {}): Simulation {
  return simulated(script, performer, options, MOST_MOVES, () => null);
}

/** The branch that goes with what somebody else does, by their names; null: none does. */
type GoesWith = (names: readonly (string | null)[]) => number | null;

function simulated(script: Script, performer: Performer, options: SimulateOptions, most: number, goesWith: GoesWith): Simulation {
  const chance = seeded(options.seed ?? 1);
  let asked = 0;
  const drawn: Choose = (branches, names) => {
    const said = options.choices?.[asked++];
    if (said !== undefined && said >= 0 && said < branches) return Math.floor(said);
    return goesWith(names) ?? Math.floor(chance() * branches);
  };
  const partners = { steps: MOST_MOVES, left: MOST.partners };
  const following: ((whom: Run) => Follower)[] = [];
  const engine = script.engine ?? ENGINE;
  // A partner whose branches are called as the athlete's does what goes with the one that is taken: it is drawn before they begin.
  const told = engine >= 2 && script.things.some(({ doing }) => namesBranches(doing ?? []));
  const taken = told ? takenIn(script, drawn, engine, most) : [];
  let again = 0;
  const choose: Choose = (branches, names) => taken[again++]?.taken ?? drawn(branches, names);
  const things = placeThings(script.things.slice(0, MOST.things), performer, ({ doing, other, span }, placed) => {
    if (partners.left-- <= 0) return null;
    const who = partnerLike(performer, other);
    if (!other?.follows) {
      const own = simulated(
        { ...script, items: doing ?? [], things: [] },
        who,
        { seed: options.seed ?? 1 },
        partners.steps,
        asTaken(taken),
      );
      partners.steps -= own.moves.length;
      return own;
    }
    // As many as are left, shared with those who may still come.
    const most = Math.floor(partners.steps / (partners.left + 1));
    partners.steps -= most;
    const own = new Run(who, standIn(who.school, who.body, who.lead), [], exactly, most, undefined, engine, script.flat);
    const { follows } = other;
    const { at, facing } = placed;
    const from = (whom: Run, t: number): Vec => turned(sub(originOf(feetAt(whom as unknown as Simulation, t)), at), -facing);
    following.push((whom) => new Follower(own, who, follows, span, (t) => from(whom, t)));
    return own.growing({ ...script, things: [] });
  });
  const start = standIn(performer.school, performer.body, performer.lead);
  const run = new Run(performer, start, things, options.slip ?? exactly, most, options.places, engine, script.flat);
  run.followers = following.map((follow) => follow(run));
  const still = script.things.filter(({ doing, other }) => doing !== null || other !== null)[MOST.partners];
  const unplaced = script.things[MOST.things];
  if (unplaced) run.tooMany('things', MOST.things, unplaced.span);
  if (still) run.tooMany('partners', MOST.partners, still.span);
  for (const { doing, span } of things)
    for (const one of doing?.problems ?? []) if (one.code === 'too-many') run.tooMany(one.values.counted, one.values.most, span);
  const choices: Choice[] = [];
  for (const one of unfold(script.items, script.definitions, choose, choices, engine)) if (!run.take(one)) break;
  for (const follower of run.followers) follower.until(run.now);
  return run.simulation(script, choices);
}

const exactly: Slip = (step) => ({ step, swing: 0 });

const namesBranches = (items: readonly Item[]): boolean =>
  items.some((item) => item.kind === 'group' && (item.names.some((name) => name !== null) || item.branches.some(namesBranches)));

/** The branches that a line takes, without doing it. */
function takenIn({ items, definitions }: Script, choose: Choose, engine: number, most: number): readonly Choice[] {
  const taken: Choice[] = [];
  let steps = 0;
  for (const { kind } of unfold(items, definitions, choose, taken, engine)) if (kind === 'step' && ++steps > most) break;
  return taken;
}

/** Of the branches that somebody took, one after the other, the next that is called as one of these. */
function asTaken(taken: readonly Choice[]): GoesWith {
  let at = 0;
  return (names) => {
    for (let i = at; i < taken.length; i++) {
      const name = taken[i]?.name ?? null;
      const same = name === null ? -1 : names.indexOf(name);
      if (same < 0) continue;
      at = i + 1;
      return same;
    }
    return null;
  };
}

/** A partner: what is not said of them is as the athlete's, but for what was measured of the athlete's tempo. */
function partnerLike({ times: _, ...athlete }: Performer, other: Other | null): Performer {
  if (!other) return athlete;
  const { tall, stance, lead, hand } = other;
  const body = tall ? bodyOf({ height: metresOf(tall, athlete.body, 'even') }) : athlete.body;
  const school = (stance === null ? null : schoolOf(stance)) ?? athlete.school;
  return { body, school, lead: school.staggered ? (lead ?? athlete.lead) : null, playing: hand ?? athlete.playing };
}

class Run {
  now = 0;
  /** Partners who keep their distance to whom this is. */
  followers: readonly Follower[] = [];
  posture: Posture;
  readonly moves: SimMove[] = [];
  readonly hands: HandMoment[] = [];
  readonly problems: Problem[] = [];
  private readonly said = new Set<string>();
  private readonly events: EventMoment[] = [];
  private readonly gait: Gait;
  /** Until when hands are busy with what was tied to the move before. */
  private handsFree = 0;
  /** How long a hand is busy. */
  private readonly handSeconds: number;
  private readonly recurring: { event: Happening; from: number }[] = [];
  private open: OpenReach | null = null;

  constructor(
    private readonly performer: Performer,
    readonly start: Posture,
    private readonly things: readonly PlacedThing[],
    private readonly slip: Slip,
    private readonly most: number,
    private readonly places: SimulateOptions['places'],
    private readonly engine: number,
    private readonly flat: boolean,
  ) {
    this.posture = start;
    this.handSeconds = USUAL_TIME.hand * paceOf('hit', performer.times);
    this.gait = new Gait(performer, engine);
  }

  /** What has been done. */
  simulation({ engine, flat }: Script, choices: readonly Choice[]): Simulation {
    const { performer, start, moves, hands, problems, things } = this;
    return {
      ...{ performer, start, things, choices, problems },
      moves: withWaysBack(moves, start),
      manner: { engine, flat },
      target: stanceTarget(performer.school, performer.body),
      end: this.posture,
      actions: this.allActions(),
      hands: hands.sort((a, b) => a.at - b.at),
      events: this.allEvents(),
      seconds: this.now,
    };
  }

  /** The same of somebody who goes on doing: it grows with what they do. */
  growing(script: Script): Simulation {
    const so = this as Run;
    return {
      ...this.simulation(script, []),
      get end() {
        return so.posture;
      },
      get actions() {
        return so.allActions();
      },
      get seconds() {
        return so.now;
      },
    };
  }

  private allActions(): Simulation['actions'] {
    return this.moves.flatMap((move) => move.actions.map((action) => ({ ...action, move: move.index })));
  }

  do(step: Step): boolean {
    return this.take({ kind: 'step', step, left: 1, span: step.span });
  }

  /** Does one thing; false when nothing more is followed. */
  take(one: Unfolded): boolean {
    if (one.kind === 'asks') this.problem(one.asks, one.span);
    else if (one.kind === 'event') this.happen(one.event);
    else if (this.moves.length >= this.most) {
      this.tooMany('moves', MOST_MOVES, one.span);
      return false;
    } else this.one(one.step, one.left, one.span);
    return true;
  }

  /** All events in time order, those that come again and again up to the end. */
  allEvents(): EventMoment[] {
    const all = [...this.events];
    for (const { event, from } of this.recurring) {
      const every = Math.max(0.05, event.every ?? 0);
      for (let at = from; at <= this.now + 1e-9; at += every) {
        if (all.length >= MOST.events) {
          this.tooMany('events', MOST.events, event.span);
          break;
        }
        all.push(moment(event, at));
      }
    }
    return all.sort((a, b) => a.at - b.at);
  }

  private happen(event: Happening): void {
    const from = event.at ?? this.now;
    if (event.every === null) this.event(moment(event, from));
    else if (this.recurring.length < MOST.events) this.recurring.push({ event, from });
    else this.tooMany('events', MOST.events, event.span);
  }

  private one(written: Step, left: number, span: Span): void {
    for (const follower of this.followers) follower.until(this.now);
    if (ruleOf(written.act.word).size === 'apart') return this.keep(written, span);
    const sided = byFloor(bySide(this.gait.inTurn(written.act), this.posture, this.performer.playing), this.start, this.posture);
    const meant = { ...written, act: this.aim(sided, left, span) };
    const { step, swing, wait = 0, again = false } = this.slip(meant, this.performer, this.homeward(meant));
    if (wait > 0) this.put({ ...step, act: { ...bare('hold'), seconds: wait }, tempo: null, then: null, hands: [] }, 0, span);
    this.put(step, swing, span);
    if (again && left === 1) this.put({ ...step, hands: [], then: null }, swing, span);
  }

  /** Keeps a distance to the partner who is faced, as long as is said; who cannot stands. */
  private keep(step: Step, span: Span): void {
    const { size, within, reaction, seconds } = step.act;
    const partner = partnerOf(this.things);
    if (partner === null) this.problem({ code: 'nobody-there', values: {} }, span);
    else if (partner.follows) this.problem({ code: 'both-follow', values: {} }, span);
    if (partner === null || partner.follows) return this.put(step, 0, span);
    const follows = { keep: size, within, reaction };
    new Follower(this, this.performer, follows, span, (t) => whereIs(partner, t)).until(this.now + (seconds ?? USUAL_KEEPING));
    if (step.hands.length > 0) this.put({ ...step, act: { ...bare('hold'), seconds: 0 } }, 0, span);
  }

  /** Whether a step goes nearer to where one began, and something was done out there since the last split. */
  private homeward({ act }: Step): boolean {
    const { way: by, usual } = ruleOf(act.word);
    const way = by === 'bearing' ? (act.bearing ?? usual) : null;
    const home = sub(originOf(this.start.feet), originOf(this.posture.feet));
    return way !== null && dot(home, wayOf(this.posture.heading + way)) > 0 && struckSince(this.moves);
  }

  private put(step: Step, swing: number, span: Span): void {
    const before = this.posture;
    const result = this.done(step, span, swing);
    this.base(span, before, result.after);
    const start = this.now;
    const wait = this.untilFree(step.act);
    const move: SimMove = {
      index: this.moves.length,
      step,
      span,
      start,
      end: start + wait + result.seconds,
      landing: start + wait + result.landing,
      before,
      after: result.after,
      actions: result.actions.map((action) => later(action, start + wait)),
      units: step.hands.some((hand) => hand.kind === 'hand') ? [...result.units, 'strike'] : result.units,
      means: result.means,
      moving: result.moving,
      tally: result.tally ?? {},
    };
    this.moves.push(move);
    this.tied(step, move, wait);
    this.posture = result.after;
    this.now = move.end;
  }

  /** Hands that are busy with what was tied to the steps before come to the next strike when they are done. */
  private untilFree({ word }: Act): number {
    return this.engine >= 2 && isHand(word) ? Math.max(0, this.handsFree - this.now) : 0;
  }

  private done(step: Step, span: Span, swing: number): Done {
    const partner = this.target(step.act) ?? partnerOf(this.things);
    const { body, school, playing } = this.performer;
    const restored = this.gait.restored(step.act, this.posture);
    const doing: Doing = {
      act: step.act,
      before: restored ?? this.posture,
      body,
      school,
      playing,
      tempo: step.tempo,
      then: step.then,
      swing,
      open: this.open,
      opponent: partner === null ? this.ahead() : whereIs(partner, this.now),
      opposed: partner !== null,
      engine: this.engine,
      pace: paceOf(step.act.word, this.performer.times),
      flat: this.flat,
      note: (problem, value, limit) => this.problem(problem, span, value, limit),
    };
    const landed = landedAs(RECIPES[step.act.word](doing), doing, this.toeAt(step.act, span));
    const result = restored ? fromWhere(this.posture.feet, landed) : landed;
    this.gait.went(step.act.word, result, restored !== null);
    if (result.open) this.open = result.open;
    else if (!KEEPS_REACH.includes(step.act.word)) this.open = null;
    return result;
  }

  /** The point that a toe is turned to. */
  private toeAt({ toe }: Act, span: Span): Vec | null {
    if (toe === null || 'out' in toe) return null;
    if (toe.at.thing === 'home') return originOf(this.start.feet);
    const thing = thingFor(toe.at, this.things);
    if (thing) return whereIs(thing, this.now);
    this.noSuchThing(toe.at, span);
    return null;
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
    const spot = SPOT_WORDS.find((one) => one === act.aim?.thing);
    if (spot !== undefined) {
      const from = originOf(this.posture.feet);
      const point = this.places?.(act.aim, from, (ref) => footOf(ref, this.posture, 0, playing)) ?? null;
      if (point) return aimed(act, { point, stop: 0 }, this.posture, playing, left, this.engine);
      this.problem({ code: 'no-such-thing', values: { thing: spot } }, span);
      return act;
    }
    if (act.aim.thing === 'home') {
      if (act.word === 'face') {
        const turn = this.start.heading - this.posture.heading;
        return { ...act, turn: this.engine < 2 ? turn : normalised(turn) };
      }
      const home: Target = { point: originOf(this.start.feet), stop: 0 };
      return aimed(act, home, this.posture, playing, left, this.engine);
    }
    if (thing) return aimed(act, targetOf(thing, this.now, act, body), this.posture, playing, left, this.engine);
    this.noSuchThing(act.aim, span);
    return act;
  }

  private noSuchThing({ thing, name }: Aim, span: Span): void {
    const named = [thing, name === null ? null : `“${name}”`].filter((word) => word !== null).join(' ');
    this.problem({ code: 'no-such-thing', values: { thing: named } }, span);
  }

  private tied(step: Step, move: SimMove, wait: number): void {
    const { act } = step;
    if (isHand(act.word)) this.hit({ word: act.name ?? act.word, at: move.start + wait, tiedTo: null, move: move.index }, move.span);
    /** Hands at one moment follow each other, each as long as it takes alone. */
    const busy = new Map<string, number>();
    for (const one of step.hands) {
      const tiedTo = one.tie === 'start' ? move.start : one.tie === 'landing' ? move.landing : firstLanding(move);
      const moment = `${one.tie} ${one.offsetMs}`;
      const before = one.kind === 'hand' ? (busy.get(moment) ?? 0) : 0;
      if (one.kind === 'hand') busy.set(moment, before + this.handSeconds);
      const at = Math.max(0, tiedTo + one.offsetMs / 1000) + before;
      const room =
        one.kind === 'hand'
          ? this.hit({ word: one.word, at, tiedTo, move: move.index }, one.span)
          : this.event({ event: one.word as EventWord, name: null, at, move: move.index, span: one.span });
      if (!room) break;
    }
  }

  /** Whether there was room for one more. */
  private hit(one: HandMoment, span: Span): boolean {
    const room = this.hands.length < MOST.hits;
    if (!room) this.tooMany('hits', MOST.hits, span);
    else {
      this.hands.push(one);
      if (one.tiedTo !== null) this.handsFree = Math.max(this.handsFree, one.at + this.handSeconds);
    }
    return room;
  }

  private event(one: EventMoment): boolean {
    const room = this.recurring.length + this.events.length < MOST.events;
    if (room) this.events.push(one);
    else this.tooMany('events', MOST.events, one.span);
    return room;
  }

  /** Feet further apart than two legs reach are nobody's; named at the move that makes it so. */
  private base(span: Span, before: Posture, after: Posture): void {
    const limit = 2 * this.performer.body.leg.metres;
    const apart = distance(after.feet.left, after.feet.right);
    if (apart <= limit + 1e-9 || apart <= distance(before.feet.left, before.feet.right) + 1e-9) return;
    this.problem({ code: 'stride', values: { of: 'stand', metres: apart, most: limit } }, span, apart, limit);
  }

  /** Said once of each kind: of what comes after the first too much, nothing is followed either. */
  tooMany(counted: Counted, most: number, span: Span): void {
    this.problem({ code: 'too-many', values: { counted, most } }, span, most + 1, most);
  }

  private problem(problem: ProblemMessage, span: Span, value = 0, limit = 0): void {
    const place = `${problem.code} ${problem.code === 'too-many' ? problem.values.counted : span.from}`;
    if (this.said.size === this.said.add(place).size) return;
    this.problems.push({ ...problem, move: this.moves.length, span, value, limit });
  }
}

const isHand = (word: Act['word']): boolean => word === 'hit' || word === 'guard check';

/** When the first foot is down again that was lifted; a move that lifts none has its landing. */
const firstLanding = ({ actions, landing }: SimMove): number =>
  Math.min(landing, ...actions.flatMap(({ contact, end }) => (contact ? [end] : [])));

/** A side by stroke or by lead as the way or the turn that it is now. */
function bySide(act: Act, before: Posture, playing: Side): Act {
  if (act.side === null) return act;
  const sign = footOf(act.side, before, 0, playing) === 'right' ? 1 : -1;
  const { way, usual } = ruleOf(act.word);
  if (way === 'turn') return { ...act, side: null, turn: sign * Math.abs(act.turn ?? usual ?? 90) };
  const off = act.bearing === 0 ? 45 : act.bearing === 180 ? 135 : 90;
  return { ...act, side: null, bearing: sign * off };
}

/** A direction of the hall as the body's own. */
function byFloor(act: Act, start: Posture, before: Posture): Act {
  if (!act.floor || act.aim !== null) return act;
  const bearing = act.bearing ?? ruleOf(act.word).usual ?? 0;
  return { ...act, bearing: normalised(bearing + start.heading - before.heading) };
}

const moment = ({ event, name, span }: Happening, at: number): EventMoment => ({ event, name, at, move: null, span });
