import { oneLine } from '../language/one-line.js';

/** What a spreadsheet takes for the beginning of something to work out, in any width; a blank before it hides nothing. */
const WORKED_OUT = /^\s*[=+\-@\uff1d\uff0b\uff0d\uff20|%]/;

/**
 * A text as a cell of a table that goes out as a file: one line, and nothing that a spreadsheet works out instead of showing it.
 * @example [cell('=1+1'), cell('a\r\nb'), cell('-3 × left'), cell('left')] // ["'=1+1", 'a b', "'-3 × left", 'left']
 */
export function cell(text: string): string {
  const line = oneLine(text).replaceAll('\t', ' ');
  return WORKED_OUT.test(line) ? `'${line}` : line;
}
