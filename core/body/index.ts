/** The body: lengths, feet, stances. What other rooms and workspaces use of it; the rest stays inside. */
export { type Body, bodyOf, MEASURE_LIMITS } from './body.js';
export { type FootAt, heelOf, otherSide, outlineOf, type Side, toeOf } from './foot.js';
export { formatLength, type LengthUnits, parseLength } from './length.js';
export { overridden, type StanceOverride } from './override.js';
export { surfaceOf, type Box, boxOf, hullOf, overlap } from './polygon.js';
export { type School, schoolOf, SCHOOLS } from './school.js';
export {
  type Feet,
  inStanceFrame,
  movedFoot,
  originOf,
  type Posture,
  sizeOf,
  STANCE_TOLERANCE,
  type StanceNumber,
  stanceNumbers,
  stanceTarget,
  type StanceTarget,
  standIn,
  tapeMarks,
} from './stance.js';
export { add, distance, dot, mix, normalised, scale, sub, turned, turnedAbout, type Vec, wayOf } from './vec.js';
