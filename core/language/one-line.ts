/** Everything that ends a line somewhere: also what only some programs take for an end. */
const BREAKS = /[\n\v\f\r\u0085\u2028\u2029]/;

/** Whether a text is more than one line to some program. */
const breaks = (text: string): boolean => BREAKS.test(text);

/** The lines of a text, whoever ends them how. */
export const linesOf = (text: string): string[] => text.replaceAll('\r\n', '\n').split(BREAKS);

/**
 * A text in one line, for where a line says something of its own; a text without a break stays as it is, blanks and all.
 * @example [oneLine('split,\n\n  lunge'), oneLine('8\r\n30 s', ', ')] // ['split, lunge', '8, 30 s']
 */
export const oneLine = (text: string, between = ' '): string =>
  breaks(text)
    ? linesOf(text)
        .map((line) => line.trim())
        .filter((line) => line !== '')
        .join(between)
    : text;
