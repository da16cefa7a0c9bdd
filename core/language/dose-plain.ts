import type { Dose } from './dose.js';
import { printDose } from './dose-print.js';
import type { DoseError } from './dose-reader.js';
import { readDose } from './dose-text.js';

/** A dose with how it was read. */
export interface UnderstoodDose {
  readonly dose: Dose | null;
  readonly errors: readonly DoseError[];
  /** What was understood, as it is printed; empty where it says no dose. */
  readonly plain: string;
  /** Whether it was typed as it is printed, blanks apart. */
  readonly same: boolean;
}

const bare = (text: string): string =>
  text
    .toLowerCase()
    .replace(/[x*]/g, '×')
    .replace(/[\s\u{a0}]+/gu, '');

/**
 * How a dose is understood, in the plain form.
 * @example understandDose('5 x 3:00/1:00').plain // '5 × 3 min, rest 60 s'
 */
export function understandDose(text: string): UnderstoodDose {
  const { dose, errors } = readDose(text);
  const plain = dose ? printDose(dose) : '';
  return { dose, errors, plain, same: errors.length === 0 && bare(text) === bare(plain) };
}

/**
 * A dose with what is meant in the place of what was asked.
 * @example answered('10 in a row', { from: 0, to: 11 }, '10') // '10'
 */
export const answered = (text: string, { from, to }: Pick<DoseError, 'from' | 'to'>, reading: string): string =>
  text.slice(0, from) + reading + text.slice(to);
