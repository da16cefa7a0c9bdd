import type { FaultEntry } from '../catalogue/fault.js';
import type { Occasion } from '../plan/occasions.js';
import type { RunPlan } from '../plan/run-plan.js';
import type { FaultEvent, Result, RunEvent } from './event.js';
import { RunLog } from './run-log.js';

/** Seconds between what a coach sees and the tap (common practice, no source); each coach sets their own. */
export const TAP_DELAY = 1;

/** The number of the rules below: what was counted by others says so. */
export const RULES = 4;

/** What a run says of one fault of one athlete. */
export interface Tally {
  readonly athlete: string;
  readonly fault: string;
  /** Watched attempts, and how many of them showed the fault. */
  readonly attempts: number;
  readonly faulty: number;
  /** Taps beyond the chances of their occasion: kept, not counted. */
  readonly again: number;
  /** Taps without a denominator. */
  readonly noted: number;
  /** Taps by side, where one was given. */
  readonly left: number;
  readonly right: number;
}

/** An occasion as a coach knows it: a repetition by the plan, or a ball. */
export interface Home extends Pick<Occasion, 'exercise' | 'set' | 'round' | 'repetition' | 'stretch'> {
  /** Opened by a coach; `repetition` says which it is in its round. */
  readonly ball?: true;
}

/** Where a tap belongs: counted, once more in what is full, or noted without a rate. */
export interface Placed {
  readonly event: FaultEvent;
  readonly as: 'counted' | 'again' | 'noted';
  readonly occasion: Home | null;
}

export interface RunCount {
  readonly tallies: readonly Tally[];
  /** In the order of the log; what was taken back is not among them. */
  readonly placed: readonly Placed[];
  /** Praise by athlete. */
  readonly praise: Readonly<Record<string, number>>;
  /** Where the ball or blade went, by athlete: kept apart from the feet. */
  readonly results: Readonly<Record<string, Readonly<Partial<Record<Result, number>>>>>;
}

/**
 * Counts a run's log by the rules of the trade: an attempt has a fault or not; it has a denominator only while the
 * athlete was watched for all of it, the fault was on the board and the viewpoint shows it.
 * @param catalogue the fault's unit and viewpoint by code; a tap with an unknown code is noted.
 * @param tapDelay seconds by which a tap on the floor comes after what it means.
 * @param athletes of the run in their order: where groups take turns, who is of which.
 */
export function countRun(
  plan: RunPlan,
  events: readonly RunEvent[],
  catalogue: ReadonlyMap<string, FaultEntry>,
  tapDelay: number,
  athletes: readonly string[] = [],
): RunCount {
  const log = new RunLog(plan, catalogue, tapDelay, athletes);
  log.take(events);
  return log.counts();
}
