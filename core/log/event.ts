import type { Side } from '../body/foot.js';
import type { View } from '../catalogue/fault.js';

/** Where the ball or blade went. */
export const RESULTS = ['in', 'out', 'hit', 'missed'] as const;
export type Result = (typeof RESULTS)[number];

/** Where an observation was made. Film comes with a clip time. */
export const SOURCES = ['floor', 'film', 'import'] as const;
type Source = (typeof SOURCES)[number];

/** What every event of a run carries. `n` counts on the device, `at` is wall clock (ms), `t` the plan's clock (s; below 0 in the count-down). */
interface Stamp {
  readonly id: string;
  readonly n: number;
  readonly at: number;
  readonly t: number;
}

interface Observed {
  readonly athlete: string | null;
  readonly source: Source;
  /** Seconds in the clip, for film. */
  readonly clip: number | null;
}

/** What happened in a run. The log is append-only: undoing, moving and reassigning are events too. */
export type RunEvent = Stamp &
  (
    | { readonly kind: 'go' | 'pause' | 'resume' | 'end' }
    | { readonly kind: 'skip'; readonly to: number }
    | { readonly kind: 'watch'; readonly athlete: string | null }
    | { readonly kind: 'board'; readonly faults: readonly string[] }
    | { readonly kind: 'view'; readonly view: View }
    | ({ readonly kind: 'fault'; readonly fault: string; readonly side: Side | null } & Observed)
    | ({ readonly kind: 'right'; readonly fault: string | null } & Observed)
    | ({ readonly kind: 'result'; readonly result: Result } & Observed)
    | ({ readonly kind: 'attempt'; readonly clean: boolean } & Observed)
    /** At a freeze: could they go on, as the coach saw it. */
    | ({ readonly kind: 'freeze'; readonly could: boolean } & Observed)
    | { readonly kind: 'undo'; readonly target: string }
    | { readonly kind: 'move'; readonly target: string; readonly by: number }
    | { readonly kind: 'assign'; readonly target: string; readonly athlete: string }
  );

type RunEventKind = RunEvent['kind'];
export type FaultEvent = Extract<RunEvent, { kind: 'fault' }>;

/** Events in the order of the device, each once: a log that was sent twice reads as if sent once. */
export function ordered(events: readonly RunEvent[]): RunEvent[] {
  const once = new Map(events.map((event) => [event.id, event]));
  return [...once.values()].sort((a, b) => a.n - b.n || a.at - b.at);
}

/**
 * Ids that a later undo takes back; an undone undo counts again.
 * @example [...undoneIds([{ kind: 'undo', id: 'b', n: 1, at: 0, t: 0, target: 'a' }])] // ['a']
 */
export function undoneIds(events: readonly RunEvent[]): ReadonlySet<string> {
  const undone = new Set<string>();
  for (const event of [...events].reverse()) if (event.kind === 'undo' && !undone.has(event.id)) undone.add(event.target);
  return undone;
}

/** The latest observation that can be undone: a fault, praise, result or attempt not yet taken back. */
export function lastUndoable(events: readonly RunEvent[]): RunEvent | null {
  const undone = undoneIds(events);
  const taps: readonly RunEventKind[] = ['fault', 'right', 'attempt', 'result', 'freeze'];
  return (
    ordered(events)
      .filter((event) => taps.includes(event.kind) && !undone.has(event.id))
      .at(-1) ?? null
  );
}
