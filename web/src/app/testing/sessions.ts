import type { Athlete } from '@hopsk/contract/people';
import type { Session } from '@hopsk/contract/session';
import { sampleSession } from '@hopsk/contract/testing/samples';
import { bodyOf } from '@hopsk/core/body/body';
import { SCHOOLS } from '@hopsk/core/body/school';
import { ALONE } from '@hopsk/core/plan/session/problems';
import { stageOf, type Stage } from '@hopsk/core/plan/session/stage';
import { askOf, EMPTY, keptStages, type Draft, type DraftStage, type Known } from '../parts/session-draft';
import type { SessionAsk } from '../compute/session';
import { newId } from '../data/ids';

export const EVENING =
  'tempo flat, split, shuffle right 40 cm, lunge ahead 90 cm right foot + hit 80 ms after landing, recover back, shuffle left 40 cm';

/** A stage of the worked evening's line. */
export const stage = (dose: string, more: Partial<Stage> = {}): DraftStage =>
  keptStages([
    stageOf(
      newId(),
      'Evening',
      { steps: EVENING, school: 'square-ready', hand: 'right', lead: 'none', shouldClose: true },
      { dose, ...more },
    ),
  ])[0] as DraftStage;

export const draft = (stages: readonly DraftStage[], more: Partial<Draft> = {}): Draft => ({
  ...EMPTY,
  name: 'Tuesday',
  stages: [...stages],
  settings: { change: 20, water: null, rest: 20, setRest: 60 },
  ...more,
});

export const session = (more: Partial<Session> = {}): Session => ({
  ...structuredClone(sampleSession),
  id: newId(),
  version: 1,
  archivedAt: null,
  ...more,
});

export const KNOWN: Known = { stances: SCHOOLS, moves: [], patterns: null, landingsBefore: [] };

export const ask = (of: Draft, athlete: Athlete | null = null): SessionAsk => askOf(of, athlete, KNOWN);

/** Asks with a body of 1.70 m as the worked evening has it. */
export const evening = (dose = '2 sets of 3 × 30 s, rest 20 s, set rest 60 s'): SessionAsk => ({
  ...ask(draft([stage(dose)])),
  performers: [{ body: bodyOf({ height: 1.7 }), school: SCHOOLS[0], lead: null, playing: 'right' }],
  around: ALONE,
});
