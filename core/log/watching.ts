import type { FaultEntry, View } from '../catalogue/fault.js';
import type { RunEvent, Turned } from './event.js';
import { lastAt } from './last-at.js';

/** Whom a coach watches, from where, with what on the board, from a moment of the run (ms) on. */
export interface Watching {
  readonly m: number;
  readonly athlete: string | null;
  readonly view: View;
  readonly board: readonly string[];
}

/** What a coach watches before anything is said. */
export const NOBODY: Watching = { m: Number.NEGATIVE_INFINITY, athlete: null, view: 'side', board: [] };

export type TurnedEvent = Extract<RunEvent, Turned>;
export const isTurned = (event: RunEvent): event is TurnedEvent => ['watch', 'view', 'board'].includes(event.kind);

/** What a device's coach watches after one more change. A device's clock does not go back. */
export function watched(now: Watching, event: TurnedEvent): Watching {
  const m = Math.max(now.m, event.m);
  switch (event.kind) {
    case 'watch':
      return { ...now, m, athlete: event.athlete };
    case 'view':
      return { ...now, m, view: event.view };
    case 'board':
      return { ...now, m, board: event.faults };
  }
}

/**
 * All that one device's coach watched, in order; first nobody.
 * @param events of one device, in the order it wrote them.
 */
export function watchings(events: readonly TurnedEvent[]): Watching[] {
  const all = [NOBODY];
  for (const event of events) all.push(watched(all.at(-1) as Watching, event));
  return all;
}

/** What says that this is watched. */
export const turnsOf = ({ athlete, view, board }: Watching): readonly Turned[] => [
  { kind: 'board', faults: board },
  { kind: 'view', view },
  { kind: 'watch', athlete },
];

/** What is in force at a moment of the run, by its place. */
export const watchingAt = (all: readonly Watching[], m: number): number => Math.max(0, lastAt(all, m));

/** What each device's coach watched all through a time of the run (ms), both its ends too; null where somebody looked elsewhere in between. */
export function steadyDuring(watching: ReadonlyMap<string, readonly Watching[]>, from: number, to: number): readonly Watching[] | null {
  const steady: Watching[] = [];
  for (const all of watching.values()) {
    const at = watchingAt(all, from);
    if ((all[at + 1]?.m ?? Number.POSITIVE_INFINITY) <= to) return null;
    steady.push(all[at] ?? NOBODY);
  }
  return steady;
}

/** From where it was watched in a time of the run (ms, more than none). */
export function viewsDuring(all: readonly Watching[], from: number, to: number): View[] {
  const during = all.slice(watchingAt(all, from), watchingAt(all, to - 1) + 1);
  // A moment's setting, changed again at once, was never in force.
  return during.flatMap(({ m, view }, i) => ((during[i + 1]?.m ?? to) > m ? [view] : []));
}

/** Whether a fault can be seen from there. */
export const shows = (fault: FaultEntry, view: View): boolean => fault.views.includes(view);

/**
 * Who was watched all through a time of the run while something held of the watching; null where either changed in between.
 * @example watchedThroughout([NOBODY], 0, 1000, () => true) // null
 */
export function watchedThroughout(
  all: readonly Watching[],
  from: number,
  to: number,
  holds: (watching: Watching) => boolean,
): string | null {
  let athlete: string | null = null;
  for (let i = watchingAt(all, from); i < all.length; i++) {
    const now = all[i] as Watching;
    // A moment's setting, changed again at once, was never in force.
    if (now.m >= to && now.m > from) break;
    if (i + 1 < all.length && (all[i + 1] as Watching).m <= from) continue;
    if (now.athlete === null || !holds(now)) return null;
    if (athlete !== null && athlete !== now.athlete) return null;
    athlete = now.athlete;
  }
  return athlete;
}

/** Whether a fault is looked for and can be seen. */
export const looksFor = ({ board, view }: Watching, fault: FaultEntry): boolean => shows(fault, view) && board.includes(fault.code);
