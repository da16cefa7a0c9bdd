/** Motion: what each move does to the feet, and when. What other rooms and workspaces use of it; the rest stays inside. */
export type { ChanceUnit, Landing } from './action.js';
export { feetAt, type FeetNow } from './motion.js';
export { bearingTo } from './recipes.js';
export { seeded } from './seeded.js';
export { MOST_MOVES, type Script, simulate, type SimulateOptions, type Slip } from './simulate.js';
export type { EventMoment, Performer, PlacedThing, ProblemCode, SimMove, Simulation } from './simulation.js';
export { GRAVITY, metresOf, riseOf } from './sizes.js';
export { facingOf, HALF_ROOM, partnerOf, whereIs } from './things.js';
export { type PerSide, REACH_OF_HEIGHT, type Totals, totalsOf } from './totals.js';
