import type { RunHead } from '@hopsk/contract/run';
import type { FaultEntry, OwnViews } from '@hopsk/core/catalogue/fault';
import type { Merges } from '@hopsk/core/catalogue/merges';
import type { RunCount, Tally } from '@hopsk/core/log/count';
import type { RunDetails } from '@hopsk/core/log/details';
import type { SessionPlan } from '@hopsk/core/plan/run-plan';

/** What a run is counted by. */
export type RunBasics = Pick<RunHead, 'plan' | 'tapDelay' | 'athletes'> & {
  readonly views: OwnViews | null;
  readonly faults: readonly FaultEntry[] | null;
  /** Which faults count as others; null: none. */
  readonly merged: Merges | null;
};

/** A run from its first event. */
export interface WholeRun {
  readonly basics: RunBasics;
  /** Its events by arrival, as the JSON of a list: whoever counts them reads them. */
  readonly log: string;
}

/** How far a run's log had come, and how far it comes with what is new. */
export interface Step {
  /** The run: two clubs may have one of the same id. */
  readonly key: string;
  readonly before: number;
  readonly arrival: number;
}

/** What is to be written of a run, so that what is written is what its log adds up to. */
export interface Changes {
  /** Whatever is written of it goes first. */
  readonly clear: boolean;
  readonly gone: readonly Tally[];
  readonly changed: readonly Tally[];
  readonly praise: RunCount['praise'];
  /** Null: as it was. */
  readonly ended: boolean | null;
}

/** What a run adds up to part by part, and the exercises it had in the end. */
export interface Detailed extends RunDetails {
  readonly exercises: SessionPlan['exercises'];
}

/** Counts runs. What it could not count in the time and memory that it has fails with `CountingFailed`. */
export interface Counts {
  /**
   * What these events change, the JSON of a list of them. Where this run's log is not remembered as it was before them: up to which
   * arrival it is, so that what came since is to be added with them, or 0 where it must be sent whole.
   */
  add(step: Step, log: string): Promise<Changes | number>;
  /** What a whole log comes to. It is remembered with a step that came to it. */
  whole(run: WholeRun, step: Step | null): Promise<Changes>;
  /** A step that was counted is written: what is remembered of it holds. */
  keep(step: Step): void;
  details(run: WholeRun): Promise<Detailed>;
  /** Counting of its own, for what nobody else may see yet; others do not wait for it. */
  apart(): Counts;
}

/** A run that takes more than it may, with why: `time`, `memory`, or what was thrown. */
export class CountingFailed extends Error {}
