import type { Totals } from '../motion/totals.js';

/**
 * Hand words with how often each is said, the most frequent first; empty where none is.
 * @param named how a word of a line is set off from those of the interface.
 * @example handsText({ jab: 4, cross: 12 }) // '12 cross, 4 jab'
 */
export const handsText = (hands: Totals['hands'], named = (word: string): string => word): string =>
  Object.entries(hands)
    .sort(([, a], [, b]) => b - a)
    .map(([word, often]) => `${Math.round(often)} ${named(word)}`)
    .join(', ');
