/** The plan: stages, doses in time, calls, sessions, taking apart and building up, weeks. What other rooms and workspaces use of it; the rest stays inside. */
export { alternatingBlocks } from './build/blocks.js';
export { type BuildOptions, type BuildSource, buildUp, type BuiltUp, type Chain, CHAINS } from './build/build-up.js';
export { usualCautions } from './build/cautions.js';
export { forFault, lineForFault } from './build/for-fault.js';
export {
  AXES,
  type Axis,
  type AxisName,
  type Cell,
  type Coverage,
  dueFirst,
  type Forbidden,
  type Grid,
  gridOf,
  gridSentence,
  NO_COVERAGE,
  spread,
  unreadable,
  USUAL_VALUES,
} from './build/grid.js';
export { rotationOf } from './build/rotation.js';
export { watchList } from './build/watch-list.js';
export { callable } from './calls/callable.js';
export { alternative, type Alternative, CALL_LIMITS, type Calls, sharesOfCalls, USUAL_CALLS } from './calls/calls.js';
export { type CallList, drawCalls } from './calls/draw.js';
export { foreseen, type Foreseen } from './calls/foresee.js';
export { callableOf } from './calls/plain.js';
export { clockText, doseTotals, type Phase, phasesOf, undecided } from './phases.js';
export { type Answer, isLegal, type Playbook, PLAYBOOK_LIMITS, scenarioCalls, scenariosOf, type WayBack } from './playbook.js';
export {
  type Attempt,
  attemptsOf,
  isSession,
  isTapped,
  planPhases,
  repPlanOf,
  type RoundsPlan,
  type RunPlan,
  type SessionPhase,
  type SessionPlan,
} from './run-plan.js';
export { type Evidence, EVIDENCE } from './session/evidence-rule.js';
export { type FittedSession, fitToTime } from './session/fit-time.js';
export { ALONE, type Around, type PlanProblem, planProblems } from './session/problems.js';
export { capacityOf, seeStage, type StageSeen } from './session/seen.js';
export { readSession, writeSession } from './session/session-file.js';
export { sessionPlanOf } from './session/session-plan.js';
export { BLOCK_KINDS, OPEN_SETTINGS, type Session, SESSION_LIMITS, type SessionSettings } from './session/session.js';
export {
  CONTACT_LEVELS,
  CUEINGS,
  IMPLEMENTS,
  SESSION_PARTS,
  type Stage,
  STAGE_KINDS,
  type StageKind,
  type StageLine,
  stageOf,
} from './session/stage.js';
export { type Block, type Cue, CUE_COLUMNS, cueRows, timelineOf } from './session/timeline.js';
export { sessionTotals, type SessionTotals, type WorkTotals } from './session/totals.js';
export { sumsOfWeeks, WEEK_LIMITS, type WeekPlan, weeksOf } from './session/weeks.js';
