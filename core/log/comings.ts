import { inOrder, type RunEvent } from './event.js';

type ComingEvent = Extract<RunEvent, { kind: 'join' | 'leave' }>;
export const isComing = (event: RunEvent): event is ComingEvent => event.kind === 'join' || event.kind === 'leave';

/** Who takes part in a run: those of its head, and those who came and went while it was on. */
export class Comings {
  private readonly events: ComingEvent[] = [];

  constructor(private readonly first: readonly string[]) {}

  add(event: ComingEvent): void {
    this.events.push(event);
    this.events.sort((a, b) => a.m - b.m || inOrder(a, b));
  }

  /** All who took part for some time, in the order in which they came. */
  get all(): readonly string[] {
    return [...new Set([...this.first, ...this.events.flatMap(({ kind, athlete }) => (kind === 'join' ? [athlete] : []))])];
  }

  /** Those who are there now. */
  get here(): readonly string[] {
    return this.at(Number.POSITIVE_INFINITY);
  }

  /** Those who are there at a moment of the run (ms). */
  at(m: number): readonly string[] {
    const here = new Set(this.first);
    for (const { kind, athlete, m: from } of this.events) {
      if (from > m) break;
      if (kind === 'leave') here.delete(athlete);
      else here.add(athlete);
    }
    return this.all.filter((one) => here.has(one));
  }
}
