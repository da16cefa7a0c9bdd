import type { Totals } from '../motion/totals.js';

/**
 * Hand words with how often each is said, the most frequent first; empty where none is.
 * @example handsText({ jab: 4, cross: 12 }) // '12 cross, 4 jab'
 */
export const handsText = (hands: Totals['hands']): string =>
  Object.entries(hands)
    .sort(([, a], [, b]) => b - a)
    .map(([word, often]) => `${Math.round(often)} ${word}`)
    .join(', ');
