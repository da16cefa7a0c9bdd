import type { InputStream } from '@lezer/lr';

/** What a tokenizer sees from where it stands. */

/** The character at an offset; '' beyond the text. */
export const at = (input: InputStream, offset: number): string => {
  const code = input.peek(offset);
  return code < 0 ? '' : String.fromCharCode(code);
};
/** Letters and what stands within words; plain ones need no looking up. */
export function isLetter(one: string): boolean {
  if ((one >= 'a' && one <= 'z') || (one >= 'A' && one <= 'Z')) return true;
  if (one <= '~') return one === "'" || one === '_' || one === '-';
  return /[\p{L}\p{M}’]/u.test(one);
}
export const isDigit = (one: string): boolean => one >= '0' && one <= '9';
export const isSpace = (one: string): boolean => one === ' ' || one === '\t' || one === '\u{a0}';

/** A word of a text with its end, both from where the tokenizer stands; '' where none begins. */
export function wordFrom(input: InputStream, from: number): { readonly word: string; readonly end: number } {
  let end = from;
  let word = '';
  let plain = true;
  for (let code = input.peek(end); code >= 0; code = input.peek(++end)) {
    // Small letters without an accent are what nearly all is written in.
    const small = code >= 97 && code <= 122;
    const one = String.fromCharCode(code);
    if (!small && !isLetter(one)) break;
    plain &&= small;
    word += one;
  }
  return { word: plain ? word : word.toLowerCase(), end };
}

/** The word before where the tokenizer stands. */
export function wordBefore(input: InputStream): string {
  let back = -1;
  while (isSpace(at(input, back))) back--;
  let word = '';
  for (let one = at(input, back); isLetter(one); one = at(input, back)) {
    word = one + word;
    back--;
  }
  return word.toLowerCase();
}

export function pastSpaces(input: InputStream, from: number): number {
  let end = from;
  while (isSpace(at(input, end))) end++;
  return end;
}
