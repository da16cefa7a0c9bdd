import { outlineOf, SIDES, type FootAt, type Side } from '../body/foot.js';
import { standIn } from '../body/stance.js';
import { add, turned, type Vec } from '../body/vec.js';
import { feetAt } from '../motion/motion.js';
import type { Simulation } from '../motion/simulation.js';

/** A foot of a partner on the floor of the athlete's pattern, metres. */
export interface PartnerFoot {
  readonly foot: Side;
  readonly inAir: boolean;
  readonly outline: readonly Vec[];
}

/**
 * Where the partners' feet are at a moment, seconds; a partner of whom nothing is said stands in the athlete's stance.
 * @example partnerFeet(simulate(parse('partner at 1.4 m ahead\nhold 1 s'), { body: bodyOf({}), school: schoolOf('square-ready'), lead: null, playing: 'right' }), 0).map(({ foot }) => foot) // ['left', 'right']
 */
export function partnerFeet({ things, performer }: Pick<Simulation, 'things' | 'performer'>, t: number): PartnerFoot[] {
  return things.flatMap(({ thing, at, facing, doing }) => {
    if (thing !== 'partner') return [];
    const { body, school, lead } = doing?.performer ?? performer;
    const still = standIn(school, body, lead).feet;
    const now = doing ? feetAt(doing, t) : { left: { ...still.left, inAir: false }, right: { ...still.right, inAir: false } };
    return SIDES.map((foot): PartnerFoot => {
      const { x, y, toe, inAir } = now[foot];
      const here: FootAt = { ...add(turned({ x, y }, facing), at), toe: toe + facing };
      return { foot, inAir, outline: outlineOf(here, body) };
    });
  });
}
