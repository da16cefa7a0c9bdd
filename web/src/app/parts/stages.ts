import { cut } from '@hopsk/core/language/cut';
import type { Pattern } from '@hopsk/contract/pattern';
import { bodyOf } from '@hopsk/core/body/body';
import { schoolOf, SCHOOLS } from '@hopsk/core/body/school';
import { usualCautions } from '@hopsk/core/judge/cautions';
import { readWith } from '@hopsk/core/judge/study';
import { printDose } from '@hopsk/core/language/dose-print';
import { fromRounds } from '@hopsk/core/language/rounds';
import { alternatingBlocks } from '@hopsk/core/plan/build/blocks';
import type { BuildSource } from '@hopsk/core/plan/build/build-up';
import type { Cell } from '@hopsk/core/plan/build/grid';
import { exposed, watchList } from '@hopsk/core/plan/build/watch-list';
import { OPEN_SETTINGS, SESSION_LIMITS, type SessionSettings } from '@hopsk/core/plan/session/session';
import { stageOf } from '@hopsk/core/plan/session/stage';
import { buildWords, variantName } from '@hopsk/words/naming';
import { newId } from '../data/ids';
import { keptStages, type DraftStage } from './session-draft';

/** A rest as it is typed; nothing where it is not decided. */
const restOf = ({ rest }: SessionSettings): string => (rest === null ? '' : `, rest ${rest} s`);

/** A stage of a whole pattern, with the pattern's own rounds where it has any. */
export function stageFrom(pattern: Pattern, settings: SessionSettings): DraftStage {
  const { id, version, name, sport, steps, school, hand, lead, shouldClose } = pattern;
  const performer = {
    body: bodyOf({}),
    school: schoolOf(school) ?? SCHOOLS[0],
    lead: lead === 'none' ? null : lead,
    playing: hand,
  };
  const given = exposed(readWith(steps), performer, 'self', sport);
  const seen = watchList(given);
  const { cue, caution } = buildWords();
  const dose = pattern.dose ? printDose(fromRounds(pattern.dose)) : `3 × 8${restOf(settings)}`;
  const line = { steps, school, hand, lead, shouldClose };
  const cautions = usualCautions(given.simulation).map(caution);
  const more = { ...seen, cues: seen.watch.slice(0, 1).map(cue), cautions, pattern: { id, version }, dose };
  return keptStages([stageOf(newId(), name, line, more)])[0] as DraftStage;
}

/** A stage of which nothing is known yet. */
export const emptyStage = (name: string): DraftStage =>
  keptStages([
    stageOf(newId(), name, { steps: '', school: 'square-ready', hand: 'right', lead: 'none', shouldClose: true }),
  ])[0] as DraftStage;

/** A stage for each variant of a pattern, so many repetitions each; what a session cannot hold is left to the next. */
export const stagesOfCells = (source: BuildSource, cells: readonly Cell[], each: number): DraftStage[] =>
  keptStages(
    cells
      .slice(0, SESSION_LIMITS.stages)
      .map(({ values, steps, hand, lead, implement }) =>
        stageOf(
          newId(),
          cut(variantName(values), 80) || source.name,
          { ...source, steps, hand, lead },
          { dose: String(each), implement, pattern: source.pattern },
        ),
      ),
  );

/** Two patterns in alternating blocks with equal attempts and balanced order, to see which one an athlete does better. */
export const stagesOfBlocks = (a: Pattern, b: Pattern, attempts: number, size: number): DraftStage[] =>
  alternatingBlocks(attempts, size, 1)
    .slice(0, SESSION_LIMITS.stages)
    .map(({ variant, attempts: each }) => {
      const pattern = variant === 'a' ? a : b;
      const name = cut(`${variant === 'a' ? 'A' : 'B'}: ${pattern.name}`, 80);
      return { ...stageFrom(pattern, OPEN_SETTINGS), name, variant, dose: String(each) };
    });
