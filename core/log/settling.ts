import type { FaultEntry } from '../catalogue/fault.js';
import type { Occasion, Window } from '../plan/occasions.js';
import { ms } from '../plan/ms.js';
import { begins, ends, type Leg } from './clock.js';
import { through } from './course.js';
import type { Windows } from './seen.js';
import { seenIn, wholeIn, type Seen } from './seen.js';
import type { Watching } from './watching.js';

/** What was seen in the occasions that are over: worked out once for each, in the order in which they were run. */
export class Settling {
  private readonly seen = new Map<number, readonly Seen[]>();
  private readonly whole = new Map<number, ReadonlySet<string>>();
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
    const chances = (fault: FaultEntry): (Window | null)[] =>
      this.windows.of(occasion.rep, fault.per).map(([start, end]) => {
        const [planned, over] = [ms(occasion.start + start), ms(occasion.start + end)];
        return planned < leg.from || over > leg.to ? null : [begins(leg, planned), ends(leg, over)];
      });
    // What others do while an athlete waits is none of that athlete's attempts.
    const mine = (athlete: string): boolean => this.turn(occasion, athlete);
    const now = seenIn(from, to, chances, watching, this.catalogue).filter(({ athlete }) => mine(athlete));
    const ran = occasion.start >= leg.from && occasion.end <= leg.to;
    const whole = ran ? [...wholeIn(from, to, watching, this.catalogue)].filter(mine) : [];
    const same = (a: Seen, b: Seen): boolean => a.athlete === b.athlete && a.fault === b.fault;
    // What was run twice, after a skip back, counts once: as it was seen best.
    const kept = this.seenAt(at).filter((old) => !now.some((one) => same(one, old) && one.chances > old.chances));
    this.seen.set(at, [...kept, ...now.filter((one) => !kept.some((old) => same(old, one)))]);
    this.whole.set(at, new Set([...(this.whole.get(at) ?? []), ...whole]));
  }
}
