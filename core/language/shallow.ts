/** Brackets in brackets that the grammar is given; what is deeper is refused by the reader long before. */
const DEEPEST = 100;

/**
 * A text without its brackets beyond a depth, each a blank instead, so that all else stays where it is: the grammar goes into each
 * bracket, and a thousand of them would take more room than there is. Brackets in quotes and remarks are none.
 * @example shallow('('.repeat(200) + 'split').trim().length // 205
 */
export function shallow(text: string): string {
  if (!isDeep(text)) return text;
  const [lineEnd, quoteEnd] = [finder(text, /\n/g), finder(text, /["”\n]/g)];
  let result = '';
  let [depth, taken] = [0, 0];
  for (let at = 0; at < text.length; at++) {
    const one = text.charAt(at);
    if (one === '#') at = lineEnd(at);
    // A quote ends in its line, or is none.
    else if (one === '"' || one === '“') at = /["”]/.test(text.charAt(quoteEnd(at + 1))) ? quoteEnd(at + 1) : at;
    else if (/[([]/.test(one) ? depth++ >= DEEPEST : /[)\]]/.test(one) && depth > 0 && depth-- > DEEPEST) {
      result += `${text.slice(taken, at)} `;
      taken = at + 1;
    }
  }
  return result + text.slice(taken);
}

/** Whether a text has so many brackets that some could lie too deep. */
function isDeep(text: string): boolean {
  let opened = 0;
  for (let at = 0; at < text.length; at++) {
    const code = text.charCodeAt(at);
    if ((code === 40 || code === 91) && ++opened > DEEPEST) return true;
  }
  return false;
}

/** Where something next occurs from a place on, or the text's end; to be asked for places in order. */
function finder(text: string, what: RegExp): (from: number) => number {
  let at = -1;
  return (from) => {
    if (at < from) {
      what.lastIndex = from;
      at = what.exec(text)?.index ?? text.length;
    }
    return at;
  };
}
