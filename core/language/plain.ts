import type { Definition, Parsed } from './ast.js';
import { ENGLISH } from './english.js';
import { parse } from './parse.js';
import { printPattern } from './print.js';
import type { KeyWord, Vocabulary } from './vocabulary.js';

/** A line with how it was read. */
export interface Understood {
  readonly parsed: Parsed;
  /** What was understood, as it is printed. */
  readonly plain: string;
  /** Whether it was typed in the words that are printed, whatever goes without saying. */
  readonly same: boolean;
  /** Whether the plain form can stand in the place of the line: nothing is marked in it, and no remark would be lost. */
  readonly whole: boolean;
}

/** Words that are printed where they need not be typed: ‘3 times’, ‘+ hit on landing’, ‘to home’. */
const IMPLIED: readonly KeyWord[] = ['times', 'on', 'landing', 'to'];
const wordsIn = (text: string): string[] => text.toLowerCase().match(/[\p{L}\p{M}]+/gu) ?? [];
/** The numbers of a text, and whether each is degrees. */
const numbersIn = (text: string): { readonly number: number; readonly degrees: boolean }[] =>
  [...text.matchAll(/[\d.]+/g)].map(({ 0: said, index }) => ({
    number: Number(said.replace(/\.$/, '')),
    degrees: text
      .slice(index + said.length, index + said.length + 3)
      .trimStart()
      .startsWith('°'),
  }));

/** Whether the plain form says nothing that was not typed in the same words. */
function saysTheSame(text: string, plain: string, { keys }: Vocabulary): boolean {
  const words = new Set(wordsIn(text));
  const alone = new Set(numbersIn(text).flatMap(({ number, degrees }) => (degrees ? [] : [number])));
  const implied = new Set(IMPLIED.flatMap((key) => keys[key]));
  // Degrees are printed where they are the usual ones; a number alone that was read as degrees is another thing.
  return (
    wordsIn(plain).every((word) => words.has(word) || implied.has(word)) &&
    numbersIn(plain).every(({ number, degrees }) => alone.has(number) !== degrees)
  );
}

/**
 * How a line is understood, in the plain form.
 * @example understand('Split, then slide left').plain // 'split, shuffle left'
 */
export function understand(text: string, own: readonly Definition[] = [], vocabulary: Vocabulary = ENGLISH): Understood {
  const parsed = parse(text, own, vocabulary);
  const plain = printPattern(parsed, vocabulary);
  return {
    parsed,
    plain,
    same: parsed.errors.length === 0 && saysTheSame(text, plain, vocabulary),
    whole: parsed.errors.length === 0 && !text.includes('#'),
  };
}
