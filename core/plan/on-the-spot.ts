import { endingAt, laid } from './laid.js';
import { ms } from './ms.js';
import type { PlanChange } from './replan.js';
import { cuesOf, stretchesOfPlan, type RunPlan, type RunStretch } from './run-plan.js';

/** Sooner than this (s) no rest ends that is made shorter: whoever wants that goes on to what is next. */
const SOONEST = 3;

/** The place of the stretch that is on at a second of a plan; −1: none. */
const placeAt = (stretches: readonly RunStretch[], t: number): number =>
  t < 0 ? -1 : stretches.findIndex(({ start, end }) => t >= start && t < end);

/**
 * The change after which what is on and is no work ends so many seconds later, or earlier. What was said in it stays, what is still to
 * be said in it moves with its end.
 * @param t the second of the plan that the clock is at.
 * @returns null where work is on, or where less than three seconds would be left of it.
 */
export function restChanged(plan: RunPlan, t: number, by: number): PlanChange | null {
  const stretches = stretchesOfPlan(plan);
  const from = placeAt(stretches, t);
  const rest = stretches[from];
  if (!rest || rest.kind === 'work') return null;
  const end = ms(rest.end + by);
  if (end < t + SOONEST) return null;
  const said = cuesOf(plan).filter((cue) => cue.kind !== 'end' && cue.at >= rest.start - 1e-6 && cue.at < rest.end - 1e-6);
  const then = laid(plan, end, stretches.slice(from + 1));
  const cues = said.map((cue) => (cue.at <= t ? cue : { ...cue, at: ms(Math.max(t, cue.at + by)) }));
  return {
    from,
    exercises: [],
    reps: [],
    phases: [{ ...rest, end }, ...then.phases],
    cues: [...cues, ...then.cues, ...endingAt(plan, then.end)],
  };
}

/**
 * The change after which the round that is on, or that the rest belongs to which is on, is done once more, behind a rest as between its
 * rounds; its number stays what it is, its calls are those that were drawn for it.
 * @param t the second of the plan that the clock is at.
 * @returns null where neither a round nor its rest is on.
 */
export function roundAgain(plan: RunPlan, t: number): PlanChange | null {
  const stretches = stretchesOfPlan(plan);
  const at = placeAt(stretches, t);
  const on = stretches[at];
  if (!on || on.round === 0) return null;
  const works = (one: RunStretch): boolean =>
    one.kind === 'work' && one.exercise === on.exercise && one.set === on.set && one.round === on.round;
  const ends = stretches.findIndex((one, i) => i >= at && !works(one));
  const from = on.kind === 'work' ? (ends < 0 ? stretches.length : ends) : at + 1;
  const last = on.kind === 'work' ? from : at;
  const round = stretches.slice(stretches.slice(0, last).findLastIndex((one) => !works(one)) + 1, last);
  const rest = stretches.find(({ exercise, kind }) => exercise === on.exercise && kind === 'rest');
  const between = rest ? [{ ...rest, set: on.set, round: on.round }] : [];
  const again = on.kind === 'work' ? [...between, ...round] : [...round, on];
  const then = laid(plan, stretches[from]?.start ?? stretches.at(-1)?.end ?? 0, [...again, ...stretches.slice(from)]);
  return { from, exercises: [], reps: [], phases: then.phases, cues: [...then.cues, ...endingAt(plan, then.end)] };
}
