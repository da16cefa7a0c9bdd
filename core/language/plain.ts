import type { Definition, Parsed } from './ast.js';
import { ENGLISH } from './english.js';
import { parse } from './parse.js';
import { printPattern } from './print.js';
import type { Vocabulary } from './vocabulary.js';

/** A line with how it was read. */
export interface Understood {
  readonly parsed: Parsed;
  /** What was understood, as it is printed. */
  readonly plain: string;
  /** Whether that is what was typed, but for blanks, breaks and large letters. */
  readonly same: boolean;
  /** Whether the plain form can stand in the place of the line: nothing is marked in it, and no remark would be lost. */
  readonly whole: boolean;
}

/** What two texts have in common that say the same words. */
const bare = (text: string): string => text.toLowerCase().replace(/[\s,;]+/gu, '');

/**
 * How a line is understood, in the plain form.
 * @example understand('Split, then slide left').plain // 'split, shuffle left'
 */
export function understand(text: string, own: readonly Definition[] = [], vocabulary: Vocabulary = ENGLISH): Understood {
  const parsed = parse(text, own, vocabulary);
  const plain = printPattern(parsed, vocabulary);
  return { parsed, plain, same: bare(plain) === bare(text), whole: parsed.errors.length === 0 && !text.includes('#') };
}
