import type { FootRef } from './ast.js';

/** First words of a step. */
export const MOVE_WORDS = [
  'advance',
  'retreat',
  'shuffle',
  'chassé',
  'gallop',
  'pendulum',
  'half step',
  'pass',
  'shift',
  'back step',
  'switch',
  'jump',
  'square up',
  'split',
  'pivot',
  'lunge',
  'recover',
  'hold',
  'hit',
] as const;
export type MoveWord = (typeof MOVE_WORDS)[number];

/** Other spellings of a move's word. */
export const SPELLINGS: Readonly<Record<string, MoveWord>> = { chasse: 'chassé' };

export const FOOT_WORDS: readonly FootRef[] = ['left', 'right', 'lead', 'rear', 'near', 'far', 'playing', 'other'];

/** Bearings in degrees clockwise from the facing line. */
export const BEARINGS: Readonly<Record<string, number>> = { ahead: 0, right: 90, back: 180, left: -90 };

export const SIZE_WORDS = ['small', 'even', 'big'] as const;
/** 'even' is also a size; a step of usual tempo needs no word. */
export const TEMPO_WORDS: Readonly<Record<string, number>> = { slow: 2, quick: 0.7 };

/** Words that may be heard inside a step, for completion and for naming the nearest one. */
export const STEP_WORDS: readonly string[] = [
  ...FOOT_WORDS,
  'ahead',
  'back',
  'foot',
  'first',
  ...SIZE_WORDS,
  ...Object.keys(TEMPO_WORDS),
  'drop',
  'low',
  'high',
  'hop',
  'on',
  'in',
  'hit',
  'after',
  'before',
  'with',
  'start',
  'landing',
  'twice',
  'step',
];

/** Words that swap when a pattern is mirrored. */
export const MIRRORED: Readonly<Record<string, string>> = { left: 'right', right: 'left' };
