import type { Direction, TempoWord } from './ast.js';

/** Degrees clockwise from the facing line. */
export const BEARING_OF: Readonly<Record<Direction, number>> = { ahead: 0, right: 90, back: 180, left: -90 };

/** Times the usual time of a step. */
export const FACTOR_OF: Readonly<Record<TempoWord, number>> = { slow: 2, quick: 0.7 };
