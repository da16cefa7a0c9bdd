import type { Pattern } from '@hopsk/contract/pattern';
import type { Athlete } from '@hopsk/contract/people';
import type { RepPlan } from '@hopsk/contract/run';
import type { Teaching } from '@hopsk/contract/teaching';
import { onFloor } from '@hopsk/core/judge/area-text';
import { placesOn } from '@hopsk/core/judge/places';
import { readWith } from '@hopsk/core/judge/study';
import { simulate } from '@hopsk/core/motion/simulate';
import { repPlanOf } from '@hopsk/core/plan/rep-plan';
import { performance } from './performance';

/** A pattern, who does it (null: a body of 1.70 m), and what of the club's own it may use. */
export interface RepetitionAsk {
  readonly pattern: Pick<Pattern, 'steps' | 'school' | 'hand' | 'lead' | 'area'>;
  readonly athlete: Athlete | null;
  readonly taught: Pick<Teaching, 'moves' | 'stances'>;
}

/** One repetition: the line as it is done, its seconds and chances; no plan where it takes no time. */
export interface Repetition {
  readonly plan: RepPlan | null;
  readonly steps: string;
}

export function repetitionOf({ pattern, athlete, taught }: RepetitionAsk): Repetition {
  const { performer, text } = performance(pattern, athlete, { own: taught.stances });
  const rep = repPlanOf(simulate(readWith(text, taught.moves), performer, placesOn(onFloor(pattern.area).placing)));
  return {
    plan: rep && {
      ...rep,
      chances: Object.fromEntries(Object.entries(rep.chances).map(([unit, starts]) => [unit, [...starts]])),
    },
    steps: text,
  };
}
