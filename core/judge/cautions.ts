import type { Caution, Forbidden } from '../body/caution.js';
import type { Side } from '../body/foot.js';
import { ruleOf, type MoveWord } from '../language/moves.js';
import type { Simulation } from '../motion/simulation.js';
import { totalsOf, type PerSide } from '../motion/totals.js';

/** What a stage is, as far as a caution asks. */
export interface Cautioned {
  readonly partner: unknown;
  readonly kind: string;
}

const LUNGES: readonly MoveWord[] = ['lunge', 'step-lunge', 'jump-lunge', 'running attack'];

const lands = (sim: Simulation): boolean =>
  sim.moves.some(
    (move) => ruleOf(move.step.act.word).family === 'air' || move.step.act.word === 'preload hop' || move.tally.landing === 'gallop',
  );

/** Lunges and turns are one foot's; a caution of one side forbids them on that side. */
const onSide = (sides: PerSide, side: Side | null): boolean => (side === null ? sides.left + sides.right : sides[side]) > 0;

const TOUCHES: Readonly<Record<Forbidden, (stage: Cautioned, sim: Simulation, side: Side | null) => boolean>> = {
  landings: (_, sim) => lands(sim),
  lunges: (_, sim, side) => sim.moves.some((move) => LUNGES.includes(move.step.act.word)) && onSide(totalsOf(sim).lunges, side),
  turns: (_, sim, side) =>
    side === null ? sim.moves.some((move) => ruleOf(move.step.act.word).family === 'turn') : totalsOf(sim).pivots[side] > 0,
  contact: (stage) => stage.partner !== null || stage.kind === 'partner' || stage.kind === 'role',
};

/** The first standing caution that speaks against a stage, with what of it is forbidden; null where none does. */
export function forbiddenBy(
  stage: Cautioned,
  sim: Simulation,
  cautions: readonly Caution[],
): { readonly caution: Caution; readonly what: Forbidden } | null {
  for (const caution of cautions) {
    const what = caution.forbids.find((one) => TOUCHES[one](stage, sim, caution.side));
    if (what !== undefined) return { caution, what };
  }
  return null;
}

/** The usual cautions of a line, by code, said where it is shown. */
export type UsualCaution = 'floor' | 'lunge' | 'landing';

export function usualCautions(sim: Simulation): UsualCaution[] {
  const lunges = sim.moves.some((move) => LUNGES.includes(move.step.act.word));
  return ['floor', ...(lunges ? (['lunge'] as const) : []), ...(lands(sim) ? (['landing'] as const) : [])];
}
