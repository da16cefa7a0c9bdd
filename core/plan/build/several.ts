import type { FaultEntry, View } from '../../catalogue/fault.js';
import type { Stage } from '../session/stage.js';
import type { BuiltStage, BuiltUp } from './built.js';

/** What was built for one fault, and in which part of a session it is to stand. */
export interface ForOne {
  readonly fault: string;
  readonly part: Stage['part'];
  readonly built: BuiltUp;
}

/** A session for several faults, and for which of them each stage is, by its id. */
export interface ForSeveral extends BuiltUp {
  readonly faults: ReadonlyMap<string, readonly string[]>;
}

/** By what two stages do the same. */
const SAME = ['kind', 'part', 'steps', 'school', 'hand', 'lead', 'dose', 'tempo'] as const;

/**
 * Puts together what was built for several faults, in their order. What two of them ask for alike is done once and looked at for both,
 * their cues in turn, where both can be seen from one place; more than two nobody watches. Each keeps its own remedy.
 */
export function forSeveral(all: readonly ForOne[], catalogue: ReadonlyMap<string, Pick<FaultEntry, 'views'>>): ForSeveral {
  const stages: BuiltStage[] = [];
  const faults = new Map<string, readonly string[]>();
  for (const { fault, part, built } of all)
    for (const one of built.stages) {
      const mine = { ...one, stage: { ...one.stage, part } };
      const at = stages.findIndex((before) => isSame(before, mine) && viewOf(before, fault, catalogue) !== undefined);
      const before = stages[at];
      if (before) stages[at] = both(before, mine, viewOf(before, fault, catalogue) ?? before.stage.view);
      else stages.push(mine);
      const { id } = before?.stage ?? mine.stage;
      faults.set(id, [...(faults.get(id) ?? []), fault]);
    }
  return { stages, leftOut: all.flatMap(({ built }) => built.leftOut), faults };
}

const isSame = ({ name, stage }: BuiltStage, other: BuiltStage): boolean =>
  name.code !== 'remedy' && other.name.code !== 'remedy' && SAME.every((key) => stage[key] === other.stage[key]);

/** From where the one fault of a stage and another one can be seen; nothing where that is nowhere, or it is the same, or has two already. */
function viewOf(
  { stage: { watch } }: BuiltStage,
  fault: string,
  catalogue: ReadonlyMap<string, Pick<FaultEntry, 'views'>>,
): View | undefined {
  const [watched, ...more] = watch;
  if (watched === undefined || watched === fault || more.length > 0) return undefined;
  const views = catalogue.get(fault)?.views ?? [];
  return catalogue.get(watched)?.views.find((view) => views.includes(view));
}

const both = (before: BuiltStage, { stage: { watch }, cues }: BuiltStage, view: View): BuiltStage => ({
  ...before,
  stage: { ...before.stage, view, watch: [...before.stage.watch, ...watch] },
  cues: [...before.cues, ...cues],
});
