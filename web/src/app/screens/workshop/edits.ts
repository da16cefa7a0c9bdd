import type { Pattern } from '@hopsk/contract/pattern';
import type { FittedSession } from '@hopsk/core/plan/session/fit-time';
import type { PlanProblem } from '@hopsk/core/plan/session/problems';
import type { Draft, DraftStage } from '../../parts/session-draft';
import type { RestAnswers } from './fit-table';

/** What a press changes of a session: each of these gives the change, nothing is done in place. */
type Change = Partial<Draft>;

/** Whether a plan asks for a rest between rounds or sets. */
export const asksRest = ({ code }: PlanProblem): boolean => code === 'rest' || code === 'set-rest';

export const withStage = ({ stages }: Draft, id: string, change: Partial<DraftStage>): Change => ({
  stages: stages.map((stage) => (stage.id === id ? { ...stage, ...change } : stage)),
});

/** A stage in another place; null where there is no such stage or place. */
export function withMoved(draft: Draft, from: number, to: number): Change | null {
  const stages = [...draft.stages];
  const [one] = stages.splice(from, 1);
  if (!one || to < 0 || to > stages.length) return null;
  stages.splice(to, 0, one);
  return { stages };
}

export const withInserted = ({ stages }: Draft, stage: DraftStage, at = stages.length): Change => ({
  stages: [...stages.slice(0, at), stage, ...stages.slice(at)],
});

/** Without a stage, and without what anybody does otherwise in it. */
export const withoutStage = ({ stages, differences }: Draft, id: string): Change => ({
  stages: stages.filter((stage) => stage.id !== id),
  differences: differences.filter((one) => one.stage !== id),
});

/** Somebody in the group or out of it; whoever goes takes along what they do otherwise, and what their fault book asked for. */
export const withAthlete = ({ athletes, differences, offered }: Draft, id: string): Change =>
  athletes.includes(id)
    ? {
        athletes: athletes.filter((one) => one !== id),
        differences: differences.filter((one) => one.athlete !== id),
        ...(offered?.athlete === id && { offered: undefined }),
      }
    : { athletes: [...athletes, id] };

/** Why something that was offered was left out. */
export const withWhyNot = ({ offered }: Draft, stage: string, whyNot: string): Change =>
  offered ? { offered: { ...offered, stages: offered.stages.map((one) => (one.stage === stage ? { ...one, whyNot } : one)) } } : {};

/** A dose with what was asked written into it, where it can be read and changed. */
export const doseWith = (dose: string, ...answers: readonly string[]): string =>
  [dose.trim(), ...answers].filter((part) => part !== '').join(', ');

/** The answer to a rest that is asked for, as a dose says it. */
export const restSaid = ({ code }: PlanProblem, seconds: number): string => `${code === 'set-rest' ? 'set rest' : 'rest'} ${seconds} s`;

/** One answer for all stages that ask; what is not answered stays undecided. */
export function withRests(draft: Draft, asks: ReadonlyMap<string, readonly PlanProblem[]>, { rest, setRest, change }: RestAnswers): Change {
  const answer = (problem: PlanProblem): string[] => {
    const seconds = problem.code === 'set-rest' ? setRest : rest;
    return seconds === null ? [] : [restSaid(problem, seconds)];
  };
  return {
    settings: { ...draft.settings, change: draft.settings.change ?? change },
    stages: draft.stages.map((stage) => {
      const more = (asks.get(stage.id) ?? []).filter(asksRest).flatMap(answer);
      return more.length === 0 ? stage : { ...stage, dose: doseWith(stage.dose, ...more) };
    }),
  };
}

/** Doses as they were fitted; what does not fit is left out. */
export function withFit({ stages }: Draft, fitted: FittedSession): Change {
  const chosen = new Map(fitted.stages.map((one) => [one.id, one]));
  return {
    stages: stages
      .filter((stage) => chosen.get(stage.id)?.kept ?? true)
      .map((stage) => ({ ...stage, dose: chosen.get(stage.id)?.dose ?? stage.dose })),
  };
}

/** A stage with the line of its pattern as it is now. */
export const lineOf = ({ id, version, steps, school, hand, lead, shouldClose }: Pattern): Partial<DraftStage> => ({
  pattern: { id, version },
  steps,
  school,
  hand,
  lead,
  shouldClose,
});
