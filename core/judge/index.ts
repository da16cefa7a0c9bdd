/** Judgement: states, time to answer, findings, floors, what schools hold. What other rooms and workspaces use of it; the rest stays inside. */
export { areaOf, placingFrom } from './area-text.js';
export { type Area, type AreaLine, edgeOf, outsideBy, placedOn, type Placing, type Shape } from './area.js';
export { type Drift, driftOf } from './drift.js';
export { type Finding, FINDINGS, type Level } from './finding.js';
export { ceilingOf, inPattern, outsideOf } from './placing.js';
export { type SchoolChoices, type TopicName, TOPICS } from './schools.js';
export { checkStance } from './stance-check.js';
export { stateBetween, STATES, type StateShares, statesOf, type StateSpan } from './state.js';
export { readWith, type Study, study, studyOf, type StudyOptions } from './study.js';
