import type { FaultEntry } from '../catalogue/fault.js';
import type { Occasion, Window } from '../plan/occasions.js';
import { ms } from '../plan/ms.js';
import { begins, ends, type Leg } from './clock.js';
import { through } from './course.js';
import type { Windows } from './seen.js';
import { seenIn, wholeIn, type Seen } from './seen.js';
import { steadyDuring, type Watching } from './watching.js';

/** What was seen in one occasion, and who was watched all through it. */
interface Settled {
  readonly seen: readonly Seen[];
  readonly whole: ReadonlySet<string>;
}

/** What an occasion that ran whole followed from: while nobody looks elsewhere, the next repetition of the same comes to the same. */
interface Steady {
  readonly stretch: number;
  readonly rep: number;
  readonly watched: readonly Watching[];
  readonly settled: Settled;
}

/** What was seen in the occasions that are over: worked out once for each, in the order in which they were run. */
export class Settling {
  private readonly seen = new Map<number, readonly Seen[]>();
  private readonly whole = new Map<number, ReadonlySet<string>>();
  /** The last that was steady: a run of many repetitions holds what they share once. */
  private steady: Steady | null = null;
  private leg = 0;
  /** The next occasion in that leg; null: its first. */
  private next: number | null = null;
  private through = Number.NEGATIVE_INFINITY;

  constructor(
    private readonly occasions: readonly Occasion[],
    private readonly windows: Windows,
    private readonly catalogue: ReadonlyMap<string, FaultEntry>,
    /** Whether it is an athlete's turn there. */
    private readonly turn: (occasion: Occasion, athlete: string) => boolean,
    /** Whether the plan opens the occasions of an exercise all through a time of the run (ms). */
    private readonly byPlan: (exercise: number, from: number, to: number) => boolean,
  ) {}

  /** The moment of the run (ms) before which all is settled: what is said of it later has everything settled anew. */
  get until(): number {
    return this.through;
  }

  seenAt(at: number): readonly Seen[] {
    return this.seen.get(at) ?? [];
  }

  /** Who was watched all through an occasion. */
  wholeAt(at: number): ReadonlySet<string> {
    return this.whole.get(at) ?? new Set();
  }

  /** Occasions of which something is known. */
  known(): number[] {
    return [...this.seen.keys()];
  }

  /** Forgets what was settled; gives the occasions of which something was known. */
  forget(): number[] {
    const known = this.known();
    this.seen.clear();
    this.whole.clear();
    [this.leg, this.next, this.through] = [0, null, Number.NEGATIVE_INFINITY];
    return known;
  }

  /** Settles what is over by now; gives the occasions of which more is known. */
  settle(legs: readonly Leg[], watching: ReadonlyMap<string, readonly Watching[]>): number[] {
    const settled: number[] = [];
    for (let i = this.leg; i < legs.length; i++) {
      const leg = legs[i] as Leg;
      const { first, last } = through(this.occasions, leg);
      let at = this.leg === i && this.next !== null ? this.next : first;
      for (; at <= last; at++) {
        const occasion = this.occasions[at] as Occasion;
        if (occasion.end > leg.to && !leg.closed) break;
        this.one(at, occasion, leg, watching);
        settled.push(at);
      }
      [this.leg, this.next] = [i, at];
    }
    return settled;
  }

  private one(at: number, occasion: Occasion, leg: Leg, watching: ReadonlyMap<string, readonly Watching[]>): void {
    const [from, to] = [begins(leg, Math.max(occasion.start, leg.from)), ends(leg, Math.min(occasion.end, leg.to))];
    // A clock that stood all through a leg, skipped into the middle of it, ran nothing of it.
    if (Number.isNaN(from) || Number.isNaN(to)) return;
    this.through = Math.max(this.through, to);
    // Where the coach opens the balls, the plan's repetitions are none.
    if (!this.byPlan(occasion.exercise, from, to)) return;
    const { seen, whole } = this.settled(occasion, leg, [from, to], watching);
    const before = this.seen.get(at);
    const same = (a: Seen, b: Seen): boolean => a.athlete === b.athlete && a.fault === b.fault;
    // What was run twice, after a skip back, counts once: as it was seen best.
    const kept = before?.filter((old) => !seen.some((one) => same(one, old) && one.chances > old.chances)) ?? [];
    this.seen.set(at, before ? [...kept, ...seen.filter((one) => !kept.some((old) => same(old, one)))] : seen);
    this.whole.set(at, before ? new Set([...this.wholeAt(at), ...whole]) : whole);
  }

  private settled(occasion: Occasion, leg: Leg, time: Window, watching: ReadonlyMap<string, readonly Watching[]>): Settled {
    const { stretch, rep } = occasion;
    const over = ms(Math.max(occasion.end, occasion.start + this.windows.seconds(rep)));
    const ran = occasion.start >= leg.from && over <= leg.to;
    const watched = ran ? steadyDuring(watching, time[0], Math.max(time[1], ends(leg, over))) : null;
    if (watched === null) return this.gone(occasion, leg, time, watching);
    const last = this.steady;
    const alike = last?.stretch === stretch && last.rep === rep && last.watched.length === watched.length;
    if (alike && last.watched.every((one, i) => one === watched[i])) return last.settled;
    this.steady = { stretch, rep, watched, settled: this.gone(occasion, leg, time, watching) };
    return this.steady.settled;
  }

  private gone(occasion: Occasion, leg: Leg, [from, to]: Window, watching: ReadonlyMap<string, readonly Watching[]>): Settled {
    const chances = (fault: FaultEntry): (Window | null)[] =>
      this.windows.of(occasion.rep, fault.per).map(([start, end]) => {
        const [planned, over] = [ms(occasion.start + start), ms(occasion.start + end)];
        return planned < leg.from || over > leg.to ? null : [begins(leg, planned), ends(leg, over)];
      });
    // What others do while an athlete waits is none of that athlete's attempts.
    const mine = (athlete: string): boolean => this.turn(occasion, athlete);
    const seen = seenIn(from, to, chances, watching, this.catalogue).filter(({ athlete }) => mine(athlete));
    const ran = occasion.start >= leg.from && occasion.end <= leg.to;
    return { seen, whole: new Set(ran ? [...wholeIn(from, to, watching, this.catalogue)].filter(mine) : []) };
  }
}
