import type { Callable } from './callable.js';
import type { Alternative } from './calls.js';

/** An alternative by its name and weight alone, without floor and time: for what a list of calls is like. */
export const callableOf = (alternative: Alternative): Callable => ({
  alternative,
  seconds: 1,
  by: { x: 0, y: 0 },
  turned: 0,
  trodden: [],
  simulation: null,
  totals: null,
  states: [],
  hindrance: null,
});
