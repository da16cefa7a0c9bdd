import type { FaultEntry } from '../catalogue/fault.js';
import type { Merges } from '../catalogue/merges.js';
import { Merging } from './merged.js';
import type { Opener } from '../plan/exercise.js';
import type { RunPlan } from '../plan/run-plan.js';
import type { Ball } from './balls.js';
import type { RunClock } from './clock.js';
import { isCorrection } from './corrections.js';
import type { RunCount, Tally } from './count.js';
import { Countings } from './countings.js';
import type { RunDetails } from './details.js';
import { isControl, type ControlEvent, type RunEvent, type Shown } from './event.js';
import { Known } from './known.js';
import { NamedFaults } from './named.js';
import type { Made } from '../catalogue/made.js';
import { plannedBy, type Planned, type PlanEvent } from './plans.js';
import { isTurned } from './watching.js';

/**
 * The log of a run, folded: events come in any order, in any parts, as often as they like, and what they add up to is what counting
 * all of them from the first would give. One more tap costs the same however many there were: what an occasion adds up to is kept
 * when the occasion is over, and is worked out again only when an event comes that speaks of it.
 */
export class RunLog extends Known {
  private readonly changes: PlanEvent[] = [];
  private planned: Planned;
  private counting: Countings;
  /** Those who came while it was on. */
  private late: readonly string[] = [];
  /** Null where each fault counts as itself. */
  private readonly merging: Merging | null;
  private readonly faults: NamedFaults;

  /**
   * @param first the plan of the run's head.
   * @param catalogue the fault's unit and viewpoint by code; a tap with an unknown code is noted.
   * @param tapDelay seconds by which a tap on the floor comes after what it means.
   * @param athletes of the run in their order: where groups take turns, who is of which.
   * @param merges faults that are counted as others.
   */
  constructor(
    private readonly first: RunPlan,
    catalogue: ReadonlyMap<string, FaultEntry>,
    private readonly tapDelay: number,
    private readonly athletes: readonly string[] = [],
    merges: Merges | null = null,
  ) {
    super(athletes);
    this.merging = merges && new Merging(merges);
    this.faults = new NamedFaults(catalogue);
    this.planned = { plan: first, by: [] };
    this.counting = this.by(this.planned);
  }

  /** Takes in what is new among these. */
  take(events: readonly RunEvent[]): void {
    const { as, again } = this.merging?.take(events) ?? { as: events, again: [] };
    for (const event of as) {
      if (this.has(event.id)) continue;
      const watchedFrom = this.know(event);
      if (event.kind === 'plan') this.changes.push(event);
      if ((event.kind === 'plan' || isControl(event)) && this.replanned()) continue;
      if (event.kind === 'join' && this.cameLate()) continue;
      if (event.kind === 'named' && this.faults.add(event)) {
        this.countAnew();
        continue;
      }
      if (watchedFrom !== null) this.counting.watchedFrom(watchedFrom);
      else if (isCorrection(event)) this.counting.lookAt(this.root(event.target));
      else this.counting.take(event);
      this.counting.heard(event);
    }
    const known = again.filter(({ id }) => this.has(id));
    for (const event of known) this.byId.set(event.id, event);
    if (known.length > 0) this.countAnew();
  }

  /** Where the plan is another now, all is counted by it; says whether it was. */
  private replanned(): boolean {
    if (this.changes.length === 0) return false;
    const planned = plannedBy(this.first, this.changes, [...this.byId.values()].filter(isControl));
    if (planned.by.map(({ id }) => id).join() === this.planned.by.map(({ id }) => id).join()) return false;
    this.planned = planned;
    this.countAnew();
    return true;
  }

  /** Whoever came later may be of a group: where that is another now, all is counted by it; says whether it was. */
  private cameLate(): boolean {
    const late = this.all.filter((one) => !this.athletes.includes(one));
    if (late.join() === this.late.join()) return false;
    this.late = late;
    this.countAnew();
    return true;
  }

  private countAnew(): void {
    this.counting = this.by(this.planned);
    for (const event of this.byId.values()) if (!isCorrection(event) && !isTurned(event)) this.counting.take(event);
  }

  private by(planned: Planned): Countings {
    return new Countings(planned, this, this.faults.catalogue, this.tapDelay, this.athletes, this.late);
  }

  /** The plan as it is now, whatever it was changed to. */
  get plan(): RunPlan {
    return this.planned.plan;
  }

  /** By which faults it counts, and those of them that were made while it was on. */
  get catalogue(): ReadonlyMap<string, FaultEntry> {
    return this.faults.catalogue;
  }
  get made(): readonly Made[] {
    return this.faults.made;
  }

  /** The last change of the plan that holds; null: it is as it was. */
  get changedBy(): string | null {
    return this.planned.by.at(-1)?.id ?? null;
  }

  /** Changes of the plan by these devices that do not hold: another had changed it first, or somebody had come to what they change. */
  vain(devices: ReadonlySet<string>): readonly PlanEvent[] {
    return this.changes.filter((event) => devices.has(event.device) && !this.planned.by.includes(event));
  }

  get clock(): RunClock {
    return this.counting.clock;
  }

  /** The occasion that a tap on the floor means now, as the clock stands: what the screen shows of it, of whoever is watched. */
  shownAt(m: number, athlete: string | null): Shown | null {
    return this.counting.shownAt(m, athlete);
  }

  /** Who opens the occasions of an exercise at a moment of the run (ms). */
  openerAt(exercise: number, m: number): Opener {
    return this.counting.openerAt(exercise, m);
  }

  /** The last ball opened by a moment of the run (ms); null before the first. */
  ballAt(m: number): Ball | null {
    return this.counting.ballAt(m);
  }

  /** The last control of these devices that did nothing, because another had turned the clock first; null where each did something. */
  idle(devices: ReadonlySet<string>): ControlEvent | null {
    return this.counting.idle(devices);
  }

  /** The clock as the device had it that wrote a control: by what it answered, and what that answered. */
  clockBy(event: ControlEvent): RunClock {
    return this.counting.clockBy(event);
  }

  /** What the log adds up to at a moment of the run (ms), with where each tap belongs; later moments only, from call to call. */
  counts(m = this.latest): RunCount {
    return this.counting.counts(m);
  }

  /**
   * What the log adds up to part by part: gone through as a whole, for what is asked afterwards. An occasion is clean where no fault
   * that could be seen was tapped in any of its chances. Without a plan nothing is: a closing says itself whether it was clean.
   */
  details(): RunDetails {
    return this.counting.details();
  }

  /** Tallies at a moment of the run, without what only a review needs: cheap at every tick. */
  talliesAt(m: number): readonly Tally[] {
    return this.counting.talliesAt(m);
  }

  /** Praise by athlete. */
  praise(): RunCount['praise'] {
    return this.counting.praise();
  }

  /** How many results of an athlete were noted. */
  resultsOf(athlete: string): number {
    return this.counting.resultsOf(athlete);
  }
}
