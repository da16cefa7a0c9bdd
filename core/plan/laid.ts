import type { Cue } from './cue.js';
import { ms } from './ms.js';
import { cuesOf, type RunPlan, type RunStretch } from './run-plan.js';

/** Stretches with what is said in them, seconds of the plan. */
export interface Laid {
  readonly phases: readonly RunStretch[];
  readonly cues: readonly Cue[];
  readonly end: number;
}

/** Stretches of a plan one after the other from a second on, each with what is said in it. */
export function laid(plan: RunPlan, from: number, stretches: readonly RunStretch[]): Laid {
  const phases: RunStretch[] = [];
  const cues: Cue[] = [];
  let at = from;
  for (const stretch of stretches) {
    const later = at - stretch.start;
    const end = ms(stretch.end + later);
    phases.push({ ...stretch, start: at, end });
    for (const cue of cuesOf(plan))
      if (cue.kind !== 'end' && cue.at >= stretch.start - 1e-6 && cue.at < stretch.end - 1e-6)
        cues.push({ ...cue, at: ms(cue.at + later) });
    at = end;
  }
  return { phases, cues, end: at };
}

/** What a plan says when all is over, at another second. */
export const endingAt = (plan: RunPlan, at: number): readonly Cue[] => {
  const end = cuesOf(plan).find(({ kind }) => kind === 'end');
  return end ? [{ ...end, at }] : [];
};
