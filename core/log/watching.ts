import type { View } from '../catalogue/fault.js';
import { ordered, type RunEvent } from './event.js';

/** Who was watched, from where, with what on the board, from a moment of the plan until the next change. */
export interface Watching {
  readonly from: number;
  readonly to: number;
  readonly athlete: string | null;
  readonly view: View;
  readonly board: readonly string[];
}

/**
 * The stretches between the coach's changes of athlete, viewpoint and board, in the order they were made.
 * @example watchings([]).map(({ athlete, board }) => [athlete, board]) // [[null, []]]
 */
export function watchings(events: readonly RunEvent[]): Watching[] {
  const spans: Watching[] = [];
  let now: Watching = { from: -Infinity, to: Infinity, athlete: null, view: 'side', board: [] };
  const turn = (t: number, change: Partial<Watching>): void => {
    if (t > now.from) spans.push({ ...now, to: t });
    now = { ...now, ...change, from: t, to: Infinity };
  };
  for (const event of ordered(events)) {
    if (event.kind === 'watch') turn(event.t, { athlete: event.athlete });
    else if (event.kind === 'view') turn(event.t, { view: event.view });
    else if (event.kind === 'board') turn(event.t, { board: event.faults });
    else if (event.kind === 'skip') turn(event.t, {});
    if (event.kind === 'skip') now = { ...now, from: event.to };
  }
  spans.push(now);
  return spans;
}

/** The watching in force for all of a stretch of time, or null if it changed in between in what matters for this fault. */
export function watchedThroughout(spans: readonly Watching[], from: number, to: number, fault: string, view: View): string | null {
  let athlete: string | null | undefined;
  for (const span of spans) {
    if (span.to <= from + 1e-9 || span.from >= to - 1e-9) continue;
    if (span.athlete === null || span.view !== view || !span.board.includes(fault)) return null;
    if (athlete !== undefined && athlete !== span.athlete) return null;
    athlete = span.athlete;
  }
  return athlete ?? null;
}
