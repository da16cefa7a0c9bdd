import type { FaultEntry, FaultUnit, View } from '../catalogue/fault.js';
import type { Direction } from '../plan/direction.js';
import { windowsOf, type Window } from '../plan/occasions.js';
import type { RepPlan } from '../plan/run-plan.js';
import { looksFor, viewsDuring, watchedThroughout, watchingAt, type Watching } from './watching.js';

/** What was seen of a fault of one athlete in one occasion: the chances that some device watched, and how many of them each did. */
export interface Seen {
  readonly athlete: string;
  readonly fault: string;
  readonly chances: number;
  readonly devices: ReadonlyMap<string, number>;
  /** From where; null: from several places. */
  readonly view: View | null;
}

/** The windows of a plan's repetitions by unit, each made once. */
export class Windows {
  private readonly made = new Map<FaultUnit, readonly (readonly Window[])[]>();
  constructor(private readonly reps: readonly RepPlan[]) {}

  /** Seconds of a repetition. */
  seconds(rep: number): number {
    return this.reps[rep]?.seconds ?? 0;
  }

  /** Where it leads; '': not given. */
  direction(rep: number): Direction | '' {
    return this.reps[rep]?.direction ?? '';
  }

  /** Whether a chime had it done. */
  chimed(rep: number): boolean {
    return this.reps[rep]?.chimed !== undefined;
  }

  of(rep: number, unit: FaultUnit): readonly Window[] {
    let all = this.made.get(unit);
    if (all === undefined) this.made.set(unit, (all = this.reps.map((one) => windowsOf(one, unit))));
    return all[rep] ?? [];
  }
}

/**
 * Chances of a time of the run (ms) that were watched throughout. A chance counts once, whichever devices watched.
 * @param chances of a fault, each with its own time of the run; null: it was not run whole.
 * @param watching what each device's coach watched.
 */
export function seenIn(
  from: number,
  to: number,
  chances: (fault: FaultEntry) => readonly (Window | null)[],
  watching: ReadonlyMap<string, readonly Watching[]>,
  catalogue: ReadonlyMap<string, FaultEntry>,
): Seen[] {
  const found = new Map<string, { athlete: string; fault: string; chances: Set<number>; devices: Map<string, number>; views: Set<View> }>();
  for (const [device, all] of watching) {
    const boards = new Set(all.slice(watchingAt(all, from), watchingAt(all, to) + 1).flatMap(({ board }) => board));
    for (const code of boards) {
      const fault = catalogue.get(code);
      if (fault === undefined) continue;
      chances(fault).forEach((chance, i) => {
        if (chance === null) return;
        const athlete = watchedThroughout(all, chance[0], chance[1], (watching) => looksFor(watching, fault));
        if (athlete === null) return;
        const key = `${athlete} ${code}`;
        const seen = found.get(key) ?? { athlete, fault: code, chances: new Set(), devices: new Map(), views: new Set() };
        seen.chances.add(i);
        seen.devices.set(device, (seen.devices.get(device) ?? 0) + 1);
        for (const view of viewsDuring(all, chance[0], chance[1])) seen.views.add(view);
        found.set(key, seen);
      });
    }
  }
  return [...found.values()].map(({ views, chances: watched, ...seen }) => {
    const [view = null, another] = views;
    return { ...seen, chances: watched.size, view: another === undefined ? view : null };
  });
}

/** Whom some device watched all through a time of the run (ms), looking for something that can be seen from there. */
export function wholeIn(
  from: number,
  to: number,
  watching: ReadonlyMap<string, readonly Watching[]>,
  catalogue: ReadonlyMap<string, FaultEntry>,
): ReadonlySet<string> {
  const looks = (now: Watching): boolean =>
    now.board.some((code) => {
      const fault = catalogue.get(code);
      return fault !== undefined && looksFor(now, fault);
    });
  return new Set([...watching.values()].flatMap((all) => watchedThroughout(all, from, to, looks) ?? []));
}
