/** The log of a run: events, and what they add up to. What other rooms and workspaces use of it; the rest stays inside. */
export { type Beep, beepsOf, beepsOfPlan, clockAt, type ClockState, COUNT_DOWN } from './clock.js';
export { countRun, type RunCount, TAP_DELAY } from './count.js';
export { lastUndoable, ordered, type Result, RESULTS, type RunEvent, undoneIds } from './event.js';
export { watchings } from './watching.js';
