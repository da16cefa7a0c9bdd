import { ms } from './ms.js';
import { changesAt, type PlanChange } from './replan.js';
import type { RunStretch, SessionPlan } from './run-plan.js';

/** An exercise's part of a plan: its stretches one after the other, from the change-over that leads to it; places of the first and the last. */
export interface Block {
  readonly exercise: number;
  readonly first: number;
  readonly last: number;
}

/**
 * The exercises of a plan as they come one after the other.
 * @example blocksOf({ phases: [{ exercise: 0 }, { exercise: 0 }, { exercise: 1 }] }) // [{ exercise: 0, first: 0, last: 1 }, { exercise: 1, first: 2, last: 2 }]
 */
export function blocksOf({ phases }: { readonly phases: readonly Pick<RunStretch, 'exercise'>[] }): Block[] {
  const blocks: { exercise: number; first: number; last: number }[] = [];
  phases.forEach(({ exercise }, i) => {
    const block = blocks.at(-1);
    if (block?.exercise === exercise) block.last = i;
    else blocks.push({ exercise, first: i, last: i });
  });
  return blocks;
}

/** Those that nobody has come to at a second of the plan, and the one that is on then; null before the first, when all are to come. */
export function toCome(plan: SessionPlan, t: number): { readonly now: Block | null; readonly next: readonly Block[] } {
  const blocks = blocksOf(plan);
  const at = blocks.findLastIndex(({ first }) => (plan.phases[first]?.start ?? 0) <= t);
  return { now: blocks[at] ?? null, next: blocks.slice(at + 1) };
}

/** Seconds of a block. */
export const secondsOf = ({ phases }: SessionPlan, { first, last }: Block): number =>
  (phases[last]?.end ?? 0) - (phases[first]?.start ?? 0);

/**
 * The change after which these blocks come, one after the other, instead of all that was to come. An exercise that is done once more is
 * not explained again, and its sets count on; its calls are those that were drawn for it.
 * @param t the second of the plan that the clock is at.
 */
export function rearranged(plan: SessionPlan, t: number, blocks: readonly Block[]): PlanChange {
  const { now, next } = toCome(plan, t);
  const from = next[0]?.first ?? plan.phases.length;
  const sets = new Map<number, number>();
  const done = (stretches: readonly RunStretch[]): void => {
    for (const { exercise, set } of stretches) sets.set(exercise, Math.max(sets.get(exercise) ?? 0, set));
  };
  done(plan.phases.slice(0, now === null ? 0 : now.last + 1));
  const phases: RunStretch[] = [];
  const cues: SessionPlan['cues'][number][] = [];
  let at = changesAt(plan, { from });
  for (const { exercise, first, last } of blocks) {
    const before = sets.get(exercise);
    plan.phases.slice(first, last + 1).forEach((stretch) => {
      if (before !== undefined && stretch.kind === 'explain') return;
      const later = at - stretch.start;
      phases.push({ ...stretch, start: at, end: ms(stretch.end + later), set: stretch.set === 0 ? 0 : stretch.set + (before ?? 0) });
      for (const cue of plan.cues)
        if (cue.kind !== 'end' && cue.at >= stretch.start - 1e-6 && cue.at < stretch.end - 1e-6)
          cues.push({ ...cue, at: ms(cue.at + later) });
      at = ms(stretch.end + later);
    });
    done(phases);
  }
  const end = plan.cues.find(({ kind }) => kind === 'end');
  return { from, exercises: [], reps: [], phases, cues: end ? [...cues, { ...end, at }] : cues };
}
