import type { Opener } from '../plan/exercise.js';
import { grouped } from '../grouped.js';
import type { FaultEntry } from '../catalogue/fault.js';
import { groupOf, groupsOf } from '../plan/groups.js';
import { occasionsOf, type Occasion } from '../plan/occasions.js';
import { isTapped, openersOfPlan, repsOfPlan, stretchesOfPlan, type RunStretch } from '../plan/run-plan.js';
import { Balls, type Ball, type BallEvent } from './balls.js';
import { judge, Tallies, type Judged, type Tap } from './cells.js';
import { acted, begins, clockOf, legsOf, planAt, turned, unstarted, type RunClock } from './clock.js';
import { Closings } from './closings.js';
import type { Home, Placed, RunCount, Tally } from './count.js';
import { Details, type Part, type RunDetails, type Where } from './details.js';
import { firstWhere, occasionAt, stepped, through } from './course.js';
import { isCorrection } from './corrections.js';
import { doneBy, type Gone } from './done.js';
import { inOrder, isControl, type ControlEvent, type FaultEvent, type RunEvent, type Shown, type ToldEvent } from './event.js';
import type { Known } from './known.js';
import { Noticed } from './noticed.js';
import { Openings } from './openings.js';
import type { Planned } from './plans.js';
import { Windows, type Seen } from './seen.js';
import { Settling } from './settling.js';
import { partTold } from './told.js';

const NONE: ReadonlySet<string> = new Set();

/** Ways round of a stretch, by number. */
const WAYS = ['written', 'other'] as const;

/** An occasion: its place among the plan's, or the id of a ball; −1: none. */
type Place = number | string;

/** A fault tapped, and where it belongs. */
interface Located extends Tap {
  readonly at: Place;
}

/**
 * What a log adds up to by one plan: clock, occasions, tallies, whatever order its events come in. One more tap costs the same however
 * many there were: what an occasion adds up to is kept when the occasion is over, and is worked out again only when an event comes that
 * speaks of it.
 */
export class Counting {
  private readonly occasions: readonly Occasion[];
  private readonly stretches: readonly RunStretch[];
  private readonly total: number;
  private readonly tapped: boolean;
  private readonly controls: ControlEvent[] = [];
  private readonly taps = new Map<string, Located>();
  private readonly tapsAt = new Map<Place, Map<string, Tap>>();
  private readonly noticed = new Noticed();
  private readonly openings: Openings;
  private readonly windows: Windows;
  private readonly settling: Settling;
  /** Whether it is an athlete's turn there: groups may take turns. */
  private readonly turn: (at: Pick<Occasion, 'stretch' | 'exercise'>, athlete: string) => boolean;
  private readonly balls: Balls;
  private readonly as = new Map<string, Placed['as']>();
  private readonly tallies = new Tallies();
  private readonly told = new Map<string, Part>();
  private readonly dirty = new Set<Place>();
  private readonly wheres = new Map<string, Where>();
  /** The last occasion without taps, and what it came to: a run of many repetitions holds once what they share. */
  private untapped: { readonly seen: readonly Seen[]; readonly where: Where | null; readonly judged: Judged } | null = null;
  private free: Closings | null = null;
  private clockNow: RunClock;
  /** The latest moment that a tap means. */
  private latestMeant = Number.NEGATIVE_INFINITY;
  /** Taps that were moved, and the moment up to which there were occasions to move them to. */
  private readonly steppers = new Set<string>();
  private steppedAt = 0;

  /**
   * @param catalogue the fault's unit and viewpoint by code; a tap with an unknown code is noted.
   * @param tapDelay seconds by which a tap on the floor comes after what it means.
   * @param athletes of the run in their order: where groups take turns, who is of which.
   * @param mine whom is counted by this plan; what is said of others is of no concern here.
   */
  constructor(
    private readonly planned: Planned,
    private readonly known: Known,
    private readonly catalogue: ReadonlyMap<string, FaultEntry>,
    private readonly tapDelay: number,
    athletes: readonly string[],
    late: readonly string[],
    private readonly mine: (athlete: string | null) => boolean,
  ) {
    const { plan } = planned;
    this.tapped = isTapped(plan);
    this.occasions = occasionsOf(plan);
    const stretches = stretchesOfPlan(plan);
    const groups = groupsOf(stretches);
    const turn = (this.turn = ({ stretch, exercise }, athlete) => {
      if (!mine(athlete)) return false;
      const group = groupOf(athletes, groups.get(exercise) ?? 1, athlete, late);
      return group === 0 || group === (stretches[stretch]?.wave ?? 1);
    });
    const windows = (this.windows = new Windows(repsOfPlan(plan)));
    this.openings = new Openings(openersOfPlan(plan));
    this.settling = new Settling(this.occasions, windows, catalogue, turn, (...time) => this.openings.byPlan(...time));
    this.balls = new Balls({
      stretches,
      windows,
      catalogue,
      turn,
      clock: () => this.clockNow,
      byCoach: (exercise, m) => this.openerAt(exercise, m) === 'coach',
    });
    this.stretches = stretches;
    this.total = this.stretches.at(-1)?.end ?? 0;
    this.clockNow = unstarted(this.total);
  }

  get clock(): RunClock {
    return this.clockNow;
  }

  /** The occasion that a tap on the floor means now, as the clock stands: what the screen shows of it. */
  shownAt(m: number): Shown | null {
    if (this.tapped) return null;
    const at = this.placeAt(m - this.tapDelay * 1000);
    if (typeof at === 'string') return { ball: at };
    const one = this.occasions[at];
    return one === undefined ? null : { stretch: one.stretch, occasion: one.repetition - 1 };
  }

  /** Who opens the occasions of an exercise at a moment of the run (ms). */
  openerAt(exercise: number, m: number): Opener {
    return this.tapped ? 'plan' : this.openings.at(exercise, m);
  }

  /** The last ball opened by a moment of the run (ms); null before the first. */
  ballAt(m: number): Ball | null {
    return this.balls.at(m);
  }

  /** The last control of these devices that did nothing, because another had turned the clock first; null where each did something. */
  idle(devices: ReadonlySet<string>): ControlEvent | null {
    const mine = this.controls.filter((event) => devices.has(event.device) && !acted(this.clockNow, event));
    return mine.sort(inOrder).at(-1) ?? null;
  }

  /** The clock as the device had it that wrote a control: by what it answered, and what that answered. */
  clockBy(event: ControlEvent): RunClock {
    const known: ControlEvent[] = [];
    for (
      let one: RunEvent | undefined = event;
      one !== undefined && isControl(one) && !known.includes(one);
      one = this.known.get(one.answers ?? '')
    )
      known.push(one);
    return clockOf(known, this.total);
  }

  /** Takes in an event that is in the log now. */
  take(event: RunEvent): void {
    if (isControl(event)) this.control(event);
    else if (event.kind === 'opens') {
      this.openings.add(event);
      if (event.m < this.until) this.again();
      this.openedAnew(event.m);
    } else this.lookAt(event.id);
  }

  /** Without a plan, what comes next on a device goes on from what is closed; anything else has all gone through anew. */
  heard(event: RunEvent): void {
    if (this.free !== null && (isCorrection(event) || !this.close(this.free, event))) this.free = null;
  }

  /** Something is watched otherwise than was known, from a moment of the run (ms) on. */
  watchedFrom(m: number): void {
    if (m < this.until) this.again();
  }

  /** The moment of the run (ms) before which all is settled. */
  private get until(): number {
    return Math.max(this.settling.until, this.balls.until);
  }

  /** What the log adds up to at a moment of the run (ms), with where each tap belongs; later moments only, from call to call. */
  counts(m = this.known.latest): RunCount {
    const tallies = this.talliesAt(m);
    return { tallies, placed: this.placed(), praise: this.praise(), results: this.noticed.results() };
  }

  /**
   * What the log adds up to part by part: gone through as a whole, for what is asked afterwards. An occasion is clean where no fault
   * that could be seen was tapped in any of its chances. Without a plan nothing is: a closing says itself whether it was clean.
   */
  details(): RunDetails {
    if (!this.tapped) this.settle(this.known.latest);
    const details = new Details(this.tapped ? [] : doneBy(this.gone(), (m) => this.known.hereAt(m)));
    for (const part of this.told.values()) details.add([part], NONE, NONE, [], part.exercise);
    if (this.tapped) {
      for (const { cells } of this.closed().judged()) details.add(cells, NONE, NONE, [], 0);
      details.add([], NONE, NONE, this.noticed.each(), null);
      return details.all();
    }
    const results = grouped(this.noticed.each(), ({ id }) => this.placeOfResult(id));
    for (const at of new Set([...this.tapsAt.keys(), ...this.settling.known(), ...this.balls.known(), ...results.keys()])) {
      const { cells, as } = this.judgedAt(at);
      const faulty = [...(this.tapsAt.get(at)?.values() ?? [])].flatMap(({ event: { id, athlete } }) =>
        athlete !== null && as.get(id) !== 'noted' ? [athlete] : [],
      );
      const whole = typeof at === 'string' ? this.balls.wholeAt(at) : this.settling.wholeAt(at);
      details.add(cells, whole, new Set(faulty), results.get(at) ?? [], this.homeOf(at)?.exercise ?? null);
    }
    return details.all();
  }

  /** The lines that were gone through whole, by the clock as it ran: those of the plan where it opens them, and balls. */
  private gone(): Gone[] {
    const reps = repsOfPlan(this.planned.plan);
    const { latest } = this.known;
    const lineOf = (one: Pick<Occasion, 'rep' | 'stretch' | 'exercise'>, m: number): Gone => ({
      ...{ rep: reps[one.rep], m },
      turn: (athlete) => this.turn(one, athlete),
    });
    const planned = legsOf(this.clockNow, latest).flatMap((leg) => {
      const { first, last } = through(this.occasions, leg);
      return (
        this.occasions
          .slice(first, last + 1)
          .filter((one) => one.end <= leg.to)
          // One that was skipped into the middle of began at no moment of the leg.
          .map((one) => ({ one, m: begins(leg, one.start) }))
          .filter(({ one, m }) => !Number.isNaN(m) && this.openings.byPlan(one.exercise, m, m))
          .map(({ one, m }) => lineOf(one, m))
      );
    });
    const balls = this.balls.known().flatMap((id) => this.balls.openedBy(id) ?? []);
    return [...planned, ...balls.map((ball) => lineOf(ball, ball.m))];
  }

  /** Tallies at a moment of the run, without what only a review needs: cheap at every tick. */
  talliesAt(m: number): readonly Tally[] {
    if (!this.tapped) this.settle(m);
    return this.rows();
  }

  /** Praise by athlete. */
  praise(): RunCount['praise'] {
    return this.noticed.praise();
  }

  /** How many results of an athlete were noted. */
  resultsOf(athlete: string): number {
    return Object.values(this.noticed.results()[athlete] ?? {}).reduce((sum, n) => sum + n, 0);
  }

  private control(event: ControlEvent): void {
    this.controls.push(event);
    const before = this.clockNow;
    const last = this.controls.every((one) => inOrder(one, event) <= 0);
    this.clockNow = last ? turned(before, event) : clockOf(this.controls, this.total);
    if (this.clockNow === before) return;
    const from = this.clockNow.pieces.at(-1)?.m ?? 0;
    const goesOn = last && from >= this.until && before.status !== 'ended';
    if (goesOn) return this.lookSince(from);
    this.again();
    this.openedAnew(Number.NEGATIVE_INFINITY);
  }

  /** Occasions that were settled are settled anew. */
  private again(): void {
    for (const at of [...this.settling.forget(), ...this.balls.unsettle()]) this.dirty.add(at);
  }

  /** Balls are opened anew, and what may belong to one of them is looked at again. */
  private openedAnew(since: number): void {
    for (const id of this.balls.forget()) this.dirty.add(id);
    this.lookSince(since);
  }

  /** Looks again at all that means a moment of the run (ms) or a later one. */
  private lookSince(since: number): void {
    if (since > this.latestMeant) return;
    for (const id of [...this.taps.keys(), ...this.noticed.ids()]) {
      const event = this.known.get(id);
      if (event && this.meant(event) >= since) this.lookAt(id);
    }
  }

  /** A ball is opened, or was taken back. */
  private ball(event: BallEvent, gone: boolean): void {
    const inTurn = !gone && event.m >= this.until;
    if (!this.balls.set(event, gone)) return;
    if (inTurn) this.lookSince(event.m);
    else this.openedAnew(event.m);
  }

  private meant(event: RunEvent): number {
    return 'source' in event && event.source === 'floor' ? event.m - this.tapDelay * 1000 : event.m;
  }

  /** Looks again at where an observation belongs. */
  lookAt(id: string): void {
    const event = this.known.get(id);
    if (event === undefined) return;
    this.latestMeant = Math.max(this.latestMeant, this.meant(event));
    const to = this.known.corrections.givenTo(event);
    const elsewhere = 'athlete' in event && !this.mine(to ?? event.athlete);
    const gone = elsewhere || this.known.corrections.undoOf(event) !== null;
    if (event.kind === 'fault') {
      const { fault, side } = this.known.corrections.corrected(event) ?? event;
      // What the screen showed was of whoever it was tapped for: those of another group did something else then.
      const shown = this.mine(event.athlete) ? event.shown : null;
      this.locate({ ...event, fault, side, shown, athlete: to ?? event.athlete }, gone);
    }
    if (event.kind === 'ball') this.ball(event, gone);
    if (event.kind === 'told') this.tell(event, gone, to ?? event.athlete);
    if (event.kind !== 'right' && event.kind !== 'result') return;
    const athlete = to ?? event.athlete;
    const result = event.kind === 'result' ? event.result : null;
    this.noticed.set(id, gone || athlete === null ? null : { athlete, exercise: this.exerciseAt(event.m), result });
  }

  /** What is told stands for itself, whatever the clock did. */
  private tell(event: ToldEvent, gone: boolean, athlete: string): void {
    if (gone) this.told.delete(event.id);
    else this.told.set(event.id, partTold(event, athlete));
    const part = this.told.get(event.id);
    this.tallies.set(event.id, part ? [part] : []);
  }

  private locate(event: FaultEvent, gone: boolean): void {
    const before = this.taps.get(event.id);
    if (before) {
      this.tapsAt.get(before.at)?.delete(event.id);
      this.dirty.add(before.at);
      this.taps.delete(event.id);
      this.as.delete(event.id);
    }
    if (gone) return;
    const meant = this.meant(event);
    const at = this.tapped ? -1 : this.occasionOf(event, meant);
    const tap = { event, exercise: this.exerciseAt(event.m), at };
    this.taps.set(event.id, tap);
    const here = this.tapsAt.get(at) ?? new Map<string, Tap>();
    this.tapsAt.set(at, here.set(event.id, tap));
    this.dirty.add(at);
  }

  /** As its screen showed it, whatever was said of the clock later; otherwise by the run's time. */
  private occasionOf(event: FaultEvent, meant: number): Place {
    const { shown } = event;
    const byScreen = shown === null ? -1 : this.placeOf(event, shown, meant);
    const by = this.known.corrections.moved(event);
    if (by !== 0) this.steppers.add(event.id);
    const at = byScreen === -1 ? this.placeAt(meant) : byScreen;
    if (by === 0) return at;
    const latest = Math.max(this.known.latest, meant);
    if (typeof at === 'number') return stepped(this.occasions, legsOf(this.clockNow, latest), at, by);
    const ball = this.balls.openedBy(at);
    return (ball && this.balls.stepped(ball, by, latest)?.id) ?? -1;
  }

  /** The occasion that was on at a moment of the run, or the last one before it; −1: none. */
  private placeAt(meant: number): Place {
    const legs = legsOf(this.clockNow, meant);
    const planned = occasionAt(this.occasions, legs, planAt(this.clockNow, meant));
    const ball = this.balls.at(meant);
    if (planned === null) return ball?.id ?? -1;
    const one = this.occasions[planned.at] as Occasion;
    // In a leg whose clock has not moved yet it is as good as begun.
    const begun = begins(planned.leg, Math.max(one.start, planned.leg.from));
    const began = Number.isNaN(begun) ? (planned.leg.pieces[0]?.m ?? meant) : begun;
    if (ball !== null && ball.m >= began) return ball.id;
    if (this.openerAt(one.exercise, began) !== 'coach') return planned.at;
    // Before the first ball of an exercise there is none; between its rounds it is still the last one.
    return ball?.exercise === one.exercise ? ball.id : -1;
  }

  /** Where a result belongs: as its screen showed it, otherwise by the run's time. */
  private placeOfResult(id: string): Place {
    const event = this.known.get(id);
    if (event?.kind !== 'result') return -1;
    const meant = this.meant(event);
    const byScreen = event.shown === null || !this.mine(event.athlete) ? -1 : this.placeOf(event, event.shown, meant);
    return byScreen === -1 ? this.placeAt(meant) : byScreen;
  }

  private placeOf({ order }: RunEvent, shown: Shown, meant: number): Place {
    if ('ball' in shown) {
      const ball = this.balls.openedBy(shown.ball);
      return ball !== null && ball.m <= meant ? ball.id : -1;
    }
    const { stretch, occasion } = shown;
    // Whoever had not heard that the plan is another now had something else on the screen there.
    if (this.planned.by.some((one) => stretch >= one.change.from && order <= one.order)) return -1;
    const at = firstWhere(this.occasions, (one) => one.stretch >= stretch) + occasion;
    return this.occasions[at]?.stretch === stretch ? at : -1;
  }

  private exerciseAt(m: number): number {
    const t = planAt(this.clockNow, m);
    return (this.stretches.find(({ end }) => t < end) ?? this.stretches.at(-1))?.exercise ?? 0;
  }

  /** Works out what can be said of the occasions that are over. */
  private settle(m: number): void {
    if (this.steppedAt !== this.known.latest) for (const id of this.steppers) this.lookAt(id);
    this.steppedAt = this.known.latest;
    for (const at of this.settling.settle(legsOf(this.clockNow, m), this.known.watchers.byDevice)) this.dirty.add(at);
    for (const id of this.balls.settle(m, this.known.watchers.byDevice)) this.dirty.add(id);
    for (const at of this.dirty) {
      const judged = this.judgedAt(at);
      this.tallies.set(at, judged.cells);
      for (const [id, as] of judged.as) this.as.set(id, as);
    }
    this.dirty.clear();
  }

  private judgedAt(at: Place): Judged {
    const seen = typeof at === 'string' ? this.balls.seenAt(at) : this.settling.seenAt(at);
    const [where, taps] = [this.whereOf(at), this.tapsAt.get(at)];
    if (taps !== undefined && taps.size > 0) return judge(seen, [...taps.values()], where);
    if (this.untapped?.seen !== seen || this.untapped.where !== where) this.untapped = { seen, where, judged: judge(seen, [], where) };
    return this.untapped.judged;
  }

  private whereOf(at: Place): Where | null {
    const one = typeof at === 'string' ? this.balls.openedBy(at) : this.occasions[at];
    const stretch = one && this.stretches[one.stretch];
    if (!one || !stretch) return null;
    const t = 'm' in one ? planAt(this.clockNow, one.m) : one.start;
    const length = stretch.end - stretch.start;
    // Work that is over as it begins has one third.
    const third = length > 0 ? Math.min(3, 1 + Math.floor((3 * (t - stretch.start)) / length)) : 1;
    const way = stretch.way === undefined ? '' : WAYS[stretch.way];
    const direction = this.windows.direction(one.rep);
    const key = `${one.stretch} ${third} ${direction}`;
    const where = this.wheres.get(key) ?? { exercise: one.exercise, set: one.set, round: one.round, third, way, direction };
    this.wheres.set(key, where);
    return where;
  }

  private rows(): Tally[] {
    if (!this.tapped) return this.tallies.rows();
    if (this.told.size === 0) return this.closed().rows();
    const all = new Tallies();
    [this.closed().rows(), this.tallies.rows()].forEach((rows, i) => all.set(i, rows));
    return all.rows();
  }

  /** Where each tap belongs, for a review. */
  private placed(): Placed[] {
    return [...this.taps.values()]
      .sort((a, b) => inOrder(a.event, b.event))
      .map(({ event, at }): Placed => {
        if (this.tapped) return { event, ...this.closed().placeOf(event.id) };
        return { event, as: this.as.get(event.id) ?? 'noted', occasion: this.homeOf(at) };
      });
  }

  private homeOf(at: Place): Home | null {
    return (typeof at === 'string' ? this.balls.openedBy(at) : this.occasions[at]) ?? null;
  }

  /** Without a plan the coach's own taps close the attempts. */
  private closed(): Closings {
    if (this.free !== null) return this.free;
    const free = new Closings(this.catalogue, (tap) => this.known.corrections.moved(tap));
    for (const event of this.known.events()) this.close(free, event);
    return (this.free = free);
  }

  private close(free: Closings, event: RunEvent): boolean {
    if (this.known.corrections.undoOf(event) !== null) return true;
    return free.take(this.taps.get(event.id)?.event ?? event);
  }
}
