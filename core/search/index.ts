/** Search: fits, tempo, what-if, comparison, steps to reach, drags. What other rooms and workspaces use of it; the rest stays inside. */
export { compare, type Compared } from './compare.js';
export { dragFoot, type Edit } from './drag.js';
export { type Fit, fitOnFloor } from './fit.js';
export { stepsToReach } from './steps-to-reach.js';
export { tempoOf } from './tempo.js';
export { errorsFrom, NO_ERRORS, type StepErrors, type WhatIf, whatIf } from './what-if.js';
