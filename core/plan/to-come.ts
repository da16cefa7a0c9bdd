import { endingAt, laid } from './laid.js';
import { changesAt, type PlanChange } from './replan.js';
import type { PlannedExercise, RepPlan, RunStretch, SessionPlan } from './run-plan.js';

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

/** What comes: a block of the plan that is run, or one of another plan. */
export interface Entry extends Block {
  /** The plan that the block is of; without it, the one that is run. */
  readonly of?: SessionPlan | undefined;
}

/** The exercise of a plan that comes last, as what comes in another: with the change-over that leads to it. */
export function lastOf(plan: SessionPlan): Entry | null {
  const block = blocksOf(plan).at(-1);
  return block ? { ...block, of: plan } : null;
}

/** What is done, by repetitions that stand behind so many others. */
const later = (done: RunStretch['done'], reps: number): RunStretch['done'] => done.map(([start, rep]) => [start, rep + reps] as const);

/** Stretches of another plan, among exercises and repetitions that come behind those that are there. */
const moved =
  (exercise: number, reps: number) =>
  (stretch: RunStretch): RunStretch => ({
    ...stretch,
    exercise,
    done: later(stretch.done, reps),
    ...(stretch.others === undefined ? {} : { others: stretch.others.map((done) => later(done, reps)) }),
    ...(stretch.line === undefined ? {} : { line: stretch.line + reps }),
  });

/**
 * The change after which these blocks come, one after the other, instead of all that was to come. An exercise that is done once more is
 * not explained again, and its sets count on; its calls are those that were drawn for it.
 * @param t the second of the plan that the clock is at.
 */
export function rearranged(plan: SessionPlan, t: number, entries: readonly Entry[]): PlanChange {
  const { now, next } = toCome(plan, t);
  const from = next[0]?.first ?? plan.phases.length;
  const sets = new Map<number, number>();
  const done = (stretches: readonly RunStretch[]): void => {
    for (const { exercise, set } of stretches) sets.set(exercise, Math.max(sets.get(exercise) ?? 0, set));
  };
  done(plan.phases.slice(0, now === null ? 0 : now.last + 1));
  const own = (block: Block): RunStretch[] => {
    const before = sets.get(block.exercise);
    const stretches = plan.phases
      .slice(block.first, block.last + 1)
      .filter(({ kind }) => before === undefined || kind !== 'explain')
      .map((stretch) => ({ ...stretch, set: stretch.set === 0 ? 0 : stretch.set + (before ?? 0) }));
    done(stretches);
    return stretches;
  };
  const [exercises, reps]: [PlannedExercise[], RepPlan[]] = [[], []];
  const [phases, cues]: [RunStretch[], SessionPlan['cues'][number][]] = [[], []];
  let at = changesAt(plan, { from });
  for (const entry of entries) {
    const { of } = entry;
    const part = laid(of ?? plan, at, of ? of.phases.slice(entry.first, entry.last + 1) : own(entry));
    const exercise = of?.exercises[entry.exercise];
    if (of && exercise) {
      phases.push(...part.phases.map(moved(plan.exercises.length + exercises.length, plan.reps.length + reps.length)));
      exercises.push(exercise);
      reps.push(...of.reps);
    } else phases.push(...part.phases);
    cues.push(...part.cues);
    at = part.end;
  }
  return { from, exercises, reps, phases, cues: [...cues, ...endingAt(plan, at)] };
}
