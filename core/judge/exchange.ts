import { originOf } from '../body/stance.js';
import { distance, normalised, sub } from '../body/vec.js';
import { bearingTo } from '../motion/bearing-to.js';
import { feetAt } from '../motion/motion.js';
import type { Performer, PlacedThing, Simulation } from '../motion/simulation.js';
import { metresOf } from '../motion/sizes.js';
import { facingOf, REACH_OF_HEIGHT, whereIs } from '../motion/things.js';
import { statesOf, type State, type StateSpan } from './state.js';

/** From the middle of a body to where it is touched, metres, and how far from the facing line a hand still comes, degrees (common practice, no source). */
export const BODY_DEPTH = 0.15;
const HITS_WITHIN = 60;

/** In these nobody takes back what they do (common practice, no source). */
const COMMITTED: readonly State[] = ['airborne', 'crossed', 'wide'];

/** Two bodies at a moment of the line. Metres, seconds, degrees. */
export interface Exchange {
  readonly t: number;
  /** Between the middles of both bodies. */
  readonly gap: number;
  /** How far from the athlete's facing line the partner is seen, and how far off the partner's the athlete stands: their flank; right is positive. */
  readonly bearing: number;
  readonly flank: number;
  /** Who could touch whom with a hand, without a step. */
  readonly reaches: { readonly mine: boolean; readonly theirs: boolean };
  /** Who is in the middle of what they cannot take back. */
  readonly committed: { readonly mine: boolean; readonly theirs: boolean };
}

/** How far a hand, or what it holds, comes from the body's middle to a body, metres; a leg as far as it is long. */
export const touchOf = ({ body, holds = 0 }: Pick<Performer, 'body' | 'holds'>): number =>
  REACH_OF_HEIGHT * body.height.metres + holds + BODY_DEPTH;

/** The gap at which one lunge of usual size would still touch, metres. */
export const lungeTouchOf = (performer: Pick<Performer, 'body' | 'holds'>): number =>
  touchOf(performer) + metresOf(null, performer.body, 'lunge');

const committedAt = (states: readonly StateSpan[], t: number): boolean =>
  states.some(({ state, from, to }) => t >= from && t < to && COMMITTED.includes(state));

/**
 * Two bodies at moments from the start of the line to its end, so many seconds apart.
 * @example exchangesOf(simulate(parse('partner at 1.4 m ahead\nhold 1 s'), { body: bodyOf({}), school: schoolOf('square-ready'), lead: null, playing: 'right' }), 0.5).map(({ gap }) => gap) // [1.4, 1.4, 1.4]
 */
export function exchangesOf(sim: Simulation, every: number): Exchange[] {
  const partner = sim.things.find(({ thing }) => thing === 'partner');
  if (!partner) return [];
  const [mine, theirs] = [statesOf(sim), partner.doing ? statesOf(partner.doing) : []];
  return Array.from({ length: Math.floor(sim.seconds / every + 1e-9) + 1 }, (_, i) =>
    exchangeAt(sim, partner, i * every, { mine, theirs }),
  );
}

function exchangeAt(
  sim: Simulation,
  partner: PlacedThing,
  t: number,
  states: { readonly mine: readonly StateSpan[]; readonly theirs: readonly StateSpan[] },
): Exchange {
  const now = feetAt(sim, t);
  const me = originOf(now);
  const them = whereIs(partner, t);
  const gap = distance(me, them);
  const bearing = bearingTo({ ...sim.end, feet: now, heading: now.heading }, them);
  const way = sub(me, them);
  const flank = normalised((Math.atan2(way.x, way.y) * 180) / Math.PI - facingOf(partner, t));
  const theirReach = (partner.reach ?? 0) + BODY_DEPTH;
  return {
    ...{ t, gap, bearing, flank },
    reaches: {
      mine: gap <= touchOf(sim.performer) + 1e-9 && Math.abs(bearing) <= HITS_WITHIN,
      theirs: gap <= theirReach + 1e-9 && Math.abs(flank) <= HITS_WITHIN,
    },
    committed: { mine: committedAt(states.mine, t), theirs: committedAt(states.theirs, t) },
  };
}
