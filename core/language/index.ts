/** The language: lines of steps and doses, read and printed. What other rooms and workspaces use of it; the rest stays inside. */
export { bare } from './act.js';
export type {
  Act,
  Aim,
  Definition,
  FootRef,
  Happening,
  Intended,
  Item,
  NotationError,
  Parsed,
  Size,
  SplitStyle,
  Step,
  Tempo,
  Thing,
} from './ast.js';
export { type DoseError, mendedDose, printDose, readDose } from './dose-text.js';
export { secondsOf } from './dose-words.js';
export { EVENT_WORDS, type EventWord, SOLID, THING_WORDS, type ThingWord } from './floor-words.js';
export { METRES_OF, NOTATION_LIMITS } from './limits.js';
export { mirrorText } from './mirror.js';
export { FAMILIES, type Family, MOVE_WORDS, MOVES, type MoveWord, ruleOf } from './moves.js';
export { namesLeftOrRightFoot, operate, type Operation, OPERATIONS } from './operations.js';
export { definitionsOf, isMoveName, type OwnMove } from './own-moves.js';
export { parse } from './parse.js';
export { FILE_LIMITS, type FiledPattern, type FileError, readPatternFile, writePatternFile } from './pattern-file.js';
export { parser as patternParser } from './pattern.generated.js';
export { AT, FACING } from './place-text.js';
export type { Span } from './places.js';
export { bearingWords, print, printAct, printPattern, wordsOf } from './print.js';
export { type Dose, DOSE_LIMITS } from './rounds.js';
export {
  atEnd,
  type Chime,
  doseBy,
  type End,
  exactly,
  fromRounds,
  LONGEST_REST,
  type Range,
  type Rest,
  roundsOf,
  type StageDose,
  toRounds,
  turnsOf,
  type Work,
} from './stage-dose.js';
export { exchangeFeet, mirrorAct, scaleAct } from './turn-round.js';
export { FOOT_WORDS, SPLIT_STYLES } from './words.js';
export { textFor } from './written-for.js';
