import type { FaultEntry } from '../catalogue/fault.js';
import type { Opener } from '../plan/exercise.js';
import { byGroup, type ByGroup } from '../plan/by-group.js';
import type { Ball } from './balls.js';
import type { RunClock } from './clock.js';
import type { RunCount, Tally } from './count.js';
import { Counting } from './counting.js';
import type { RunDetails } from './details.js';
import { inOrder, type ControlEvent, type RunEvent, type Shown } from './event.js';
import type { Known } from './known.js';
import type { Planned } from './plans.js';

/**
 * What a log adds up to by one plan, each of its people by what their own group does: at stations groups do different things at the
 * same time. Where all do the same there is one counting.
 */
export class Countings {
  private readonly by: ByGroup;
  private readonly first: Counting;
  private readonly all: readonly Counting[];

  /**
   * @param catalogue the fault's unit and viewpoint by code; a tap with an unknown code is noted.
   * @param tapDelay seconds by which a tap on the floor comes after what it means.
   * @param athletes of the run in their order: where there are groups, who is of which.
   * @param late those who came while it was on, in the order in which they came.
   */
  constructor(
    planned: Planned,
    known: Known,
    catalogue: ReadonlyMap<string, FaultEntry>,
    tapDelay: number,
    athletes: readonly string[],
    late: readonly string[],
  ) {
    const by = (this.by = byGroup(planned.plan, athletes, late));
    const of = (at: number): Counting =>
      new Counting(
        { ...planned, plan: by.plans[at] ?? planned.plan },
        known,
        catalogue,
        tapDelay,
        athletes,
        late,
        (one) => by.of(one) === at,
      );
    this.first = of(0);
    this.all = [this.first, ...by.plans.slice(1).map((_, i) => of(i + 1))];
  }

  get clock(): RunClock {
    return this.first.clock;
  }

  /** The occasion that a tap on the floor of somebody means now, as the clock stands: what the screen shows of it. */
  shownAt(m: number, athlete: string | null): Shown | null {
    return (this.all[this.by.of(athlete)] ?? this.first).shownAt(m);
  }

  openerAt(exercise: number, m: number): Opener {
    return this.first.openerAt(exercise, m);
  }

  ballAt(m: number): Ball | null {
    return this.first.ballAt(m);
  }

  idle(devices: ReadonlySet<string>): ControlEvent | null {
    return this.first.idle(devices);
  }

  clockBy(event: ControlEvent): RunClock {
    return this.first.clockBy(event);
  }

  take(event: RunEvent): void {
    for (const one of this.all) one.take(event);
  }

  heard(event: RunEvent): void {
    for (const one of this.all) one.heard(event);
  }

  lookAt(id: string): void {
    for (const one of this.all) one.lookAt(id);
  }

  watchedFrom(m: number): void {
    for (const one of this.all) one.watchedFrom(m);
  }

  counts(m: number): RunCount {
    const [first, ...others] = this.all.map((one) => one.counts(m)) as [RunCount, ...RunCount[]];
    if (others.length === 0) return first;
    const each = [first, ...others];
    return {
      tallies: each.flatMap(({ tallies }) => tallies),
      placed: each.flatMap(({ placed }) => placed).sort((a, b) => inOrder(a.event, b.event)),
      praise: Object.assign({}, ...each.map(({ praise }) => praise)) as RunCount['praise'],
      results: Object.assign({}, ...each.map(({ results }) => results)) as RunCount['results'],
    };
  }

  details(): RunDetails {
    const each = this.all.map((one) => one.details());
    return {
      parts: each.flatMap(({ parts }) => parts),
      pairs: each.flatMap(({ pairs }) => pairs),
      clean: each.flatMap(({ clean }) => clean),
      done: each.flatMap(({ done }) => done),
    };
  }

  talliesAt(m: number): readonly Tally[] {
    return this.all.length === 1 ? this.first.talliesAt(m) : this.all.flatMap((one) => one.talliesAt(m));
  }

  praise(): RunCount['praise'] {
    return Object.assign({}, ...this.all.map((one) => one.praise())) as RunCount['praise'];
  }

  resultsOf(athlete: string): number {
    return (this.all[this.by.of(athlete)] ?? this.first).resultsOf(athlete);
  }
}
