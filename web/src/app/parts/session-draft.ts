import { cut } from '@hopsk/core/language/cut';
import type { Pattern } from '@hopsk/contract/pattern';
import { isUnder16, type Athlete } from '@hopsk/contract/people';
import { StageSchema, type Session } from '@hopsk/contract/session';
import { SessionDraft } from '@hopsk/contract/session-draft';
import { schoolOf, SCHOOLS, type School } from '@hopsk/core/body/school';
import type { OwnMove } from '@hopsk/core/language/own-moves';
import { CALL_LIMITS } from '@hopsk/core/plan/calls/calls';
import { ALONE, type Around } from '@hopsk/core/plan/session/problems';
import { SESSION_LIMITS, OPEN_SETTINGS, type Session as PlannedWork } from '@hopsk/core/plan/session/session';
import type { Stage } from '@hopsk/core/plan/session/stage';
import { words } from '@hopsk/words/words';
import * as z from 'zod/mini';
import { newId } from '../data/ids';
import { performance } from '../compute/performance';
import type { SessionAsk } from '../compute/session';

export type Draft = SessionDraft;
export type DraftStage = Draft['stages'][number];
export type OfferedStage = NonNullable<Draft['offered']>['stages'][number];

/** What this device keeps of a session being changed; it may still be nameless. */
export const KeptDraft = z.object({ base: z.int(), draft: z.extend(SessionDraft, { name: z.string() }) });

export const EMPTY: Draft = {
  name: '',
  template: false,
  stages: [],
  settings: { ...OPEN_SETTINGS },
  minutes: null,
  area: '',
  equipment: null,
  seed: 1,
  athletes: [],
  differences: [],
};

export function draftOf(stored: Session | null): Draft {
  if (!stored) return EMPTY;
  const { id: _id, version: _version, archivedAt: _archived, savedAt: _saved, ...draft } = stored;
  return draft;
}

const ended = (text: string, most: number): string => (text.length > most ? `${cut(text, most - 1).trimEnd()}…` : text);

/** Words made from names and lines of steps may be longer than what is kept of them. */
export const shortened = (stage: Stage): Stage => ({
  ...stage,
  name: ended(stage.name, 80),
  theme: ended(stage.theme, 120),
  cues: stage.cues.map((cue) => ended(cue, 80)),
  calls: stage.calls && {
    ...stage.calls,
    alternatives: stage.calls.alternatives
      .slice(0, CALL_LIMITS.alternatives)
      .map((one) => ({ ...one, name: ended(one.name, 60), expects: ended(one.expects, 200) })),
  },
});

/** Stages that core made, in the form in which they are kept. */
export const keptStages = (stages: readonly Stage[]): DraftStage[] =>
  stages.slice(0, SESSION_LIMITS.stages).map((stage) => StageSchema.parse(shortened(stage)));

export const sessionOf = ({ stages, settings, minutes, area, equipment, seed }: Draft): PlannedWork => ({
  stages,
  settings,
  minutes,
  area,
  equipment,
  seed,
});

/** The same with new ids throughout: a copy that shares nothing with its original, and was asked for by nobody's fault book. */
export function copyOf({ offered: _, when: __, ...draft }: Draft, name: string, template: boolean): Draft {
  const ids = new Map(draft.stages.map((stage) => [stage.id, newId()]));
  return {
    ...draft,
    name: cut(name, 80),
    template,
    athletes: template ? [] : draft.athletes,
    stages: draft.stages.map((stage) => ({ ...stage, id: ids.get(stage.id) ?? newId() })),
    differences: template ? [] : draft.differences.map((one) => ({ ...one, stage: ids.get(one.stage) ?? one.stage })),
  };
}

/** What a fault book asked for and is not in the session any more. */
export const leftOutOf = ({ offered, stages }: Pick<Draft, 'offered' | 'stages'>): OfferedStage[] =>
  (offered?.stages ?? []).filter((one) => !stages.some(({ id }) => id === one.stage));

/** The session as one athlete does it: what they skip is out, what they do otherwise is in. */
export function forAthlete(draft: Draft, athleteId: string | null): Draft {
  const mine = new Map(draft.differences.filter((one) => one.athlete === athleteId).map((one) => [one.stage, one]));
  if (mine.size === 0) return draft;
  return {
    ...draft,
    stages: draft.stages
      .filter((stage) => !mine.get(stage.id)?.skip)
      .map((stage) => ({ ...stage, dose: mine.get(stage.id)?.dose || stage.dose })),
  };
}

/** What a club knows, as the workshop needs it. */
export interface Known {
  readonly stances: readonly School[];
  readonly moves: readonly OwnMove[];
  readonly patterns: readonly Pattern[] | null;
  readonly landingsBefore: readonly number[];
}

export function aroundOf(athlete: Athlete | null, known: Pick<Known, 'patterns' | 'landingsBefore'>): Around {
  const patterns = known.patterns && new Map(known.patterns.map((pattern) => [pattern.id, pattern.version]));
  if (!athlete) return { ...ALONE, patterns };
  return {
    level: athlete.level,
    child: isUnder16(athlete.ageGroup),
    otherLead: athlete.otherLead !== 'none',
    lead: athlete.lead === 'none' ? null : athlete.lead,
    landingsBefore: known.landingsBefore,
    cautions: athlete.cautions,
    patterns,
    name: athlete.name,
  };
}

/** What the worker is asked about a session as this athlete does it (null: a body of 1.70 m). */
export const askOf = (draft: Draft, athlete: Athlete | null, known: Known): SessionAsk => ({
  session: sessionOf(draft),
  performers: draft.stages.map((stage) => performance(stage, athlete, { own: known.stances }).performer),
  own: known.moves,
  athletes: Math.max(1, draft.athletes.length),
  around: aroundOf(athlete, known),
  spoken: words.plan.spoken,
});

/** Stages whose line is turned round for this athlete. */
export const isTurned = (draft: Draft, athlete: Athlete, stances: readonly School[]): boolean =>
  draft.stages.some((stage) => performance(stage, athlete, { own: stances }).mirrored);

/** The stance of a stage, for its name and whether one foot leads. */
export const stanceOf = (stage: Pick<Stage, 'school'>, stances: readonly School[]): School => schoolOf(stage.school, stances) ?? SCHOOLS[0];
