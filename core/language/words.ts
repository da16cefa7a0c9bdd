import type { FootRef } from './ast.js';

export const FOOT_WORDS: readonly FootRef[] = ['left', 'right', 'lead', 'rear', 'near', 'far', 'playing', 'other', 'outside', 'inside'];

/** Bearings in degrees clockwise from the facing line. */
export const BEARINGS: Readonly<Record<string, number>> = { ahead: 0, right: 90, back: 180, left: -90 };

export const SIZE_WORDS = ['small', 'even', 'big'] as const;
/** 'even' is a size; a step of usual tempo needs no word. */
export const TEMPO_WORDS: Readonly<Record<string, number>> = { slow: 2, quick: 0.7 };
export const SPLIT_STYLES = ['drop', 'low hop', 'high hop', 'several'] as const;

/** Words that measure the number before them, each with the spelling it is printed in. */
export const UNITS: Readonly<Record<string, string>> = {
  cm: 'cm',
  m: 'm',
  in: 'in',
  inch: 'in',
  inches: 'in',
  ft: 'ft',
  feet: 'ft',
  shoe: 'shoe',
  shoes: 'shoe',
};

/** Words that may be heard inside a step, for completion and for naming the nearest one. */
export const STEP_WORDS: readonly string[] = [
  ...FOOT_WORDS,
  'ahead',
  'back',
  'foot',
  'first',
  ...SIZE_WORDS,
  'slow',
  'quick',
  'drop',
  'low',
  'high',
  'hop',
  'several',
  'in',
  'then',
  'to',
  'hit',
  'after',
  'before',
  'with',
  'start',
  'landing',
  'twice',
  'each side',
  'each lead',
  'mirrored',
];

/** Words that swap when a pattern is mirrored. */
export const MIRRORED: Readonly<Record<string, string>> = { left: 'right', right: 'left' };
