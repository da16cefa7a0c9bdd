import { inject } from '@angular/core';
import type { Pattern } from '@hopsk/contract/pattern';
import type { Athlete } from '@hopsk/contract/people';
import type { Session } from '@hopsk/contract/session';
import { isSession } from '@hopsk/core/plan/run-plan';
import { mergesOf } from '@hopsk/core/catalogue/merges';
import { mergedPlan } from '@hopsk/core/log/merged';
import { OPEN_SETTINGS } from '@hopsk/core/plan/session/session';
import { lastOf, type Entry } from '@hopsk/core/plan/to-come';
import { say } from '@hopsk/words/say';
import { words } from '@hopsk/words/words';
import { Studies } from '../compute/studies';
import { newId } from '../data/ids';
import { TeachingStore } from '../data/teaching';
import { askOf, EMPTY, type DraftStage } from './session-draft';

/** Seconds to change over to what is put in, where its session says nothing. */
const CHANGE = 10;

/** A stage that can be put into a run, and where it stands. */
export interface Offer {
  readonly name: string;
  /** The session, or nothing for a pattern. */
  readonly of: string;
  readonly dose: string;
  readonly stage: () => Promise<DraftStage>;
}

/** What is known of a club when something is put into a run. */
export interface Offering {
  readonly sessions: readonly Session[];
  readonly patterns: readonly Pattern[];
}

/**
 * Stages of sessions, those of the one that is run first, and patterns as stages of their own.
 * @param run the session that is run; null: none.
 */
export function offersOf({ sessions, patterns }: Offering, run: string | null): Offer[] {
  const first = [...sessions].sort((a, b) => Number(b.id === run) - Number(a.id === run));
  return [
    ...first.flatMap(({ name, stages }) =>
      stages.map((stage) => ({ name: stage.name, of: name, dose: stage.dose, stage: () => Promise.resolve(stage) })),
    ),
    ...patterns.map((pattern) => ({
      name: pattern.name,
      of: '',
      dose: '',
      // What a pattern is watched for is worked out with the whole simulation, which a run does without.
      stage: () => import('./stages').then(({ stageFrom }) => stageFrom(pattern, OPEN_SETTINGS)),
    })),
  ];
}

/** Makes what is put into a run: a stage as it will be run, by the worker. To be made where things can be injected. */
export class PutIn {
  private readonly asking = inject(Studies);
  private readonly club = inject(TeachingStore);

  constructor(
    private readonly here: readonly Athlete[],
    private readonly settings: Session['settings'],
  ) {}

  /** A stage with this dose as what comes in a run; a sentence where it cannot be run so. */
  async made(stage: DraftStage, dose: string): Promise<Entry | string> {
    const one = { ...stage, dose, pattern: null };
    const settings = { ...this.settings, change: this.settings.change ?? CHANGE, water: null };
    // The first is left out: what comes behind another has a change-over that leads to it.
    const draft = { ...EMPTY, settings, stages: [{ ...one, id: newId() }, one], athletes: this.here.map(({ id }) => id) };
    const known = { stances: this.club.stances(), moves: this.club.teaching().moves, patterns: null, landingsBefore: [] };
    const asked = askOf(draft, this.here[0] ?? null, known);
    const look = await this.asking.ask('session', asked).catch(() => null);
    const wrong = look?.problems.find(({ level, stage: at }) => at === 1 && (level === 'stop' || level === 'asks'));
    if (wrong) return say(words.plan.problems, wrong);
    const plan = await this.asking.ask('sessionPlan', asked).catch(() => null);
    const counted = plan && mergedPlan(plan, mergesOf(this.club.teaching().faults));
    const entry = counted && isSession(counted) ? lastOf(counted) : null;
    return entry ?? words.run.cannotPut;
  }
}
