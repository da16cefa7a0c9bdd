import { ruleOf } from '../../language/moves.js';
import type { Simulation } from '../../motion/simulation.js';
import type { Stage } from '../session/stage.js';

/** What a standing caution leaves out. The coach decides; nothing here is medical advice (common practice, no source). */
interface Caution {
  readonly said: RegExp;
  readonly touches: (stage: Pick<Stage, 'partner' | 'kind'>, sim: Simulation) => boolean;
  readonly what: string;
}

const lands = (sim: Simulation): boolean =>
  sim.moves.some(
    (move) => ruleOf(move.step.act.word).family === 'air' || move.step.act.word === 'preload hop' || move.tally.landing === 'gallop',
  );
const lunges = (sim: Simulation): boolean =>
  sim.moves.some((move) => ['lunge', 'step-lunge', 'jump-lunge', 'running attack'].includes(move.step.act.word));
const turns = (sim: Simulation): boolean => sim.moves.some((move) => ruleOf(move.step.act.word).family === 'turn');

const CAUTIONS: readonly Caution[] = [
  { said: /\b(jump|land|ankle|achilles|growth|shin|heel pain)/i, touches: (_, sim) => lands(sim), what: 'jumps or gallops' },
  { said: /\b(lunge|groin|adductor|hamstring|hip)/i, touches: (_, sim) => lunges(sim), what: 'lunges' },
  { said: /\bknee/i, touches: (_, sim) => lands(sim) || lunges(sim), what: 'landings or lunges' },
  { said: /\b(pivot|turning|twist)/i, touches: (_, sim) => turns(sim), what: 'turns' },
  {
    said: /\b(contact|head|concussion|partner)/i,
    touches: (stage) => stage.partner !== null || stage.kind === 'partner' || stage.kind === 'role',
    what: 'a partner',
  },
];

/** The first standing caution that speaks against a stage, with what in it; null where none does. */
export function forbiddenBy(
  stage: Pick<Stage, 'partner' | 'kind'>,
  sim: Simulation,
  cautions: readonly string[],
): { readonly caution: string; readonly what: string } | null {
  for (const caution of cautions) {
    const found = CAUTIONS.find((one) => one.said.test(caution) && one.touches(stage, sim));
    if (found) return { caution, what: found.what };
  }
  return null;
}

/** The usual cautions of a line, said where it is shown. */
export function usualCautions(sim: Simulation): string[] {
  return [
    'Warm up; clear, dry floor around the pattern; stop on pain.',
    ...(lunges(sim) ? ['Front knee over the foot and with it in the lunge.'] : []),
    ...(lands(sim)
      ? ['Landings are counted and raised slowly, fewer for children; rear landing foot a little out, body a little ahead.']
      : []),
  ];
}
