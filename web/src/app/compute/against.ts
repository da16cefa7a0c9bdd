import type { Finding } from '@hopsk/core/judge/finding';
import { readWith, studyOf, study, type StudyOptions } from '@hopsk/core/judge/study';
import { againstPlan, plannedFeet, type AgainstPlan, type Planned } from '@hopsk/core/film/against-plan';
import type { Stood } from '@hopsk/core/film/foot';
import type { Performer } from '@hopsk/core/motion/simulation';
import { lanesOf } from '@hopsk/core/view/lanes';
import { measuredLine, type MeasuredLine } from '@hopsk/core/search/measured-line';

/** A pattern, as somebody does it, and the feet of a film. */
export interface AgainstAsk {
  readonly text: string;
  readonly performer: Performer;
  readonly shouldClose: boolean;
  readonly options: StudyOptions;
  readonly feet: readonly Stood[];
}

/** How the two go together, and the pattern as it was done, with what is found in it. */
export interface Against extends AgainstPlan {
  readonly planned: readonly Planned[];
  readonly lanes: ReturnType<typeof lanesOf>;
  readonly measured: MeasuredLine;
  readonly findings: readonly Finding[];
}

/** Lays a pattern over the feet of a film; null where they do not go together. */
export function against({ text, performer, shouldClose, options, feet }: AgainstAsk): Against | null {
  const parsed = readWith(text, options.own);
  const { simulation } = studyOf(text, parsed, performer, shouldClose, options);
  const found = againstPlan(simulation, feet);
  if (found === null) return null;
  const measured = measuredLine(parsed, simulation, simulation.performer, found);
  const { findings } = study(measured.text, performer, shouldClose, options);
  return { ...found, planned: plannedFeet(simulation), lanes: lanesOf(simulation), measured, findings };
}
