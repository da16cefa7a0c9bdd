import type { WorkTotals } from './totals.js';
import type { SessionPlan } from '../run-plan.js';
import { totalsOf } from '../../motion/totals.js';
import { simulate } from '../../motion/simulate.js';
import { readWith } from '../../judge/study.js';
import { SCHOOLS } from '../../body/school.js';
import { bodyOf } from '../../body/body.js';
/** What is usually advised, landings after jumps in one session (values from memory; usual guidance, no single source). */
const LANDING_GUIDANCE = {
  beginner: [80, 100],
  intermediate: [100, 120],
  advanced: [120, 140],
} as const;

export type TrainingLevel = keyof typeof LANDING_GUIDANCE;

/** How a number of landings stands beside the guidance. For children no number is known: fewer. */
export interface LandingJudgement {
  readonly landings: number;
  readonly guidance: readonly [number, number] | null;
  readonly level: 'within' | 'above' | 'no number';
}

/**
 * Landings after jumps and hops; gallops and low splits are counted apart and not compared.
 * @example judgeLandings(4, 'beginner', true).level // 'no number'
 */
export function judgeLandings(landings: number, level: TrainingLevel, child: boolean): LandingJudgement {
  if (child) return { landings, guidance: null, level: landings === 0 ? 'within' : 'no number' };
  const guidance = LANDING_GUIDANCE[level];
  return { landings, guidance, level: landings > guidance[1] ? 'above' : 'within' };
}

/** A week this much above the mean of the last four is a caution; the evidence for it is disputed (usual guidance). */
export const STEEP = { beware: 1.1, stop: 1.15, weeks: 4 } as const;

/**
 * How far a number lies above the mean of the ones before it (the last four at most), as a factor; null where nothing is known.
 * @example riseOver(120, [100, 100]) // 1.2
 */
export function riseOver(now: number, before: readonly number[]): number | null {
  const last = before.slice(-STEEP.weeks);
  const mean = last.reduce((a, b) => a + b, 0) / Math.max(1, last.length);
  return last.length === 0 || mean <= 0 ? null : now / mean;
}

/** Landings that count in a sum: after jumps and hops; a gallop hardly leaves the floor, and low splits are counted apart. */
export const landingsOf = ({ landings: { jump, hop } }: Pick<WorkTotals, 'landings'>): number => Math.round(jump + hop);

/** Landings of a run as its own plan has them, whatever became of the session since; counted from the plan's own lines where an earlier program kept no sum. */
export function landingsThen({ landings, exercises, phases }: SessionPlan): number {
  if (landings !== null) return landings;
  const performer = { body: bodyOf({}), school: SCHOOLS[0], lead: null, playing: 'right' as const };
  const each = exercises.map(({ steps }) => landingsOf(totalsOf(simulate(readWith(steps), performer))));
  return phases.reduce((sum, { kind, exercise, done }) => sum + (kind === 'work' ? done.length * (each[exercise] ?? 0) : 0), 0);
}
