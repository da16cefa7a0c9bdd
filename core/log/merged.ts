import type { Merges } from '../catalogue/merges.js';
import { isSession, type RunPlan } from '../plan/run-plan.js';
import type { RunEvent, ToldEvent } from './event.js';

/** As which fault one is counted. */
export const countedAs =
  (merges: Merges) =>
  (code: string): string =>
    Object.hasOwn(merges, code) ? (merges[code] as string) : code;

/** Faults as they are counted, each once. */
export const mergedFaults = (codes: readonly string[], merges: Merges): string[] => [...new Set(codes.map(countedAs(merges)))];

/** A plan that is yet to be run, its watch lists without what is counted as another. */
export const mergedPlan = (plan: RunPlan, merges: Merges): RunPlan =>
  isSession(plan) ? { ...plan, exercises: plan.exercises.map((one) => ({ ...one, watch: mergedFaults(one.watch, merges) })) } : plan;

/**
 * Events as they count where faults are counted as others: whoever tapped one has tapped the other, and whoever had one on the board had
 * the other there. What a table told of both stays apart: it says how many attempts there were, not which of them were the same.
 */
export class Merging {
  private readonly as: (code: string) => string;
  /** What tables told, as they told it, by athlete and the fault that it comes to. */
  private readonly told = new Map<string, ToldEvent[]>();

  /** @param merges each by the one it ends in */
  constructor(private readonly merges: Merges) {
    this.as = countedAs(merges);
  }

  /**
   * Some more events, as they count with all that were given before; `again`: what counts otherwise than it did, now that a table told of
   * both.
   */
  take(events: readonly RunEvent[]): { readonly as: readonly RunEvent[]; readonly again: readonly ToldEvent[] } {
    const again: ToldEvent[] = [];
    for (const event of events) if (event.kind === 'told') again.push(...this.hear(event));
    return { as: events.map((event) => this.one(event)), again };
  }

  private hear(event: ToldEvent): readonly ToldEvent[] {
    const key = this.keyOf(event);
    const before = this.told.get(key) ?? [];
    this.told.set(key, [...before, event]);
    const codes = new Set(before.map(({ fault }) => fault));
    return codes.size === 1 && !codes.has(event.fault) ? before : [];
  }

  private one(event: RunEvent): RunEvent {
    switch (event.kind) {
      case 'board':
        return { ...event, faults: mergedFaults(event.faults, this.merges) };
      case 'fault':
      case 'correct':
        return { ...event, fault: this.as(event.fault) };
      case 'right':
        return event.fault === null ? event : { ...event, fault: this.as(event.fault) };
      case 'told': {
        const all = this.told.get(this.keyOf(event)) ?? [];
        return all.some(({ fault }) => fault !== event.fault) ? event : { ...event, fault: this.as(event.fault) };
      }
      default:
        return event;
    }
  }

  private readonly keyOf = ({ athlete, fault }: ToldEvent): string => `${athlete} ${this.as(fault)}`;
}
