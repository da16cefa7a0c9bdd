import type { FaultEntry, FaultUnit } from '../catalogue/fault.js';
import { windowsOf, type Occasion, type Window } from '../plan/occasions.js';
import { ms } from '../plan/ms.js';
import type { RepPlan } from '../plan/run-plan.js';
import { begins, ends, type Leg } from './clock.js';
import { looksFor, watchedThroughout, watchingAt, type Watching } from './watching.js';

/** What was seen of a fault of one athlete in one occasion: the chances that some device watched, and which devices did. */
export interface Seen {
  readonly athlete: string;
  readonly fault: string;
  readonly chances: number;
  readonly devices: ReadonlySet<string>;
}

/** The windows of a plan's repetitions by unit, each made once. */
export class Windows {
  private readonly made = new Map<FaultUnit, readonly (readonly Window[])[]>();
  constructor(private readonly reps: readonly RepPlan[]) {}

  of(rep: number, unit: FaultUnit): readonly Window[] {
    let all = this.made.get(unit);
    if (all === undefined) this.made.set(unit, (all = this.reps.map((one) => windowsOf(one, unit))));
    return all[rep] ?? [];
  }
}

/**
 * Chances of an occasion that were run whole in a leg and watched throughout. A chance counts once, whichever devices watched.
 * @param watching what each device's coach watched.
 */
export function seenIn(
  occasion: Occasion,
  leg: Leg,
  windows: Windows,
  watching: ReadonlyMap<string, readonly Watching[]>,
  catalogue: ReadonlyMap<string, FaultEntry>,
): Seen[] {
  const found = new Map<string, { athlete: string; fault: string; chances: Set<number>; devices: Set<string> }>();
  const from = begins(leg, Math.max(occasion.start, leg.from));
  const to = ends(leg, Math.min(occasion.end, leg.to));
  for (const [device, all] of watching) {
    const boards = new Set(all.slice(watchingAt(all, from), watchingAt(all, to) + 1).flatMap(({ board }) => board));
    for (const code of boards) {
      const fault = catalogue.get(code);
      if (fault === undefined) continue;
      windows.of(occasion.rep, fault.per).forEach(([start, end], i) => {
        const [planned, over] = [ms(occasion.start + start), ms(occasion.start + end)];
        if (planned < leg.from || over > leg.to) return;
        const athlete = watchedThroughout(all, begins(leg, planned), ends(leg, over), (watching) => looksFor(watching, fault));
        if (athlete === null) return;
        const key = `${athlete} ${code}`;
        const seen = found.get(key) ?? { athlete, fault: code, chances: new Set(), devices: new Set() };
        seen.chances.add(i);
        seen.devices.add(device);
        found.set(key, seen);
      });
    }
  }
  return [...found.values()].map((seen) => ({ ...seen, chances: seen.chances.size }));
}

/** Whom some device watched all through an occasion that was run whole, looking for something that can be seen from there. */
export function wholeIn(
  { start, end }: Occasion,
  leg: Leg,
  watching: ReadonlyMap<string, readonly Watching[]>,
  catalogue: ReadonlyMap<string, FaultEntry>,
): ReadonlySet<string> {
  if (start < leg.from || end > leg.to) return new Set();
  const looks = (now: Watching): boolean =>
    now.board.some((code) => {
      const fault = catalogue.get(code);
      return fault !== undefined && looksFor(now, fault);
    });
  const [from, to] = [begins(leg, start), ends(leg, end)];
  return new Set([...watching.values()].flatMap((all) => watchedThroughout(all, from, to, looks) ?? []));
}
