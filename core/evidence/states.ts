import type { BookEntry } from './book.js';

/** In the order of the book. 'noted': it was never looked for, and tapped all the same. */
export const BOOK_ORDER = ['returned', 'recurring', 'new', 'fading', 'noted', 'cleared', 'clear'] as const;
export type BookState = (typeof BOOK_ORDER)[number];

/** Under which state a fault stands in the book. */
export const stateIn = ({ couldShow, recurrence }: Pick<BookEntry, 'couldShow' | 'recurrence'>): BookState =>
  couldShow === 0 ? 'noted' : recurrence.state;
