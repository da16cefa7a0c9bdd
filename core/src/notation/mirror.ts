import { tokenise } from './tokens.js';
import { MIRRORED } from './words.js';

/**
 * The same text for the other side: 'left' and 'right' change places, as directions and as feet, and signed
 * degrees change sign. Everything else, spacing and comments included, stays as typed. Its own inverse.
 */
export function mirrorText(text: string): string {
  const tokens = tokenise(text);
  let out = '';
  let done = 0;
  tokens.forEach((token, i) => {
    let swap: string | null = null;
    if (token.kind === 'word') swap = MIRRORED[token.text] ?? null;
    else if (token.kind === 'number' && tokens[i + 1]?.text === '°' && !sideNear(tokens, i))
      swap = negated(text.slice(token.from, token.to));
    if (swap === null) return;
    out += text.slice(done, token.from) + swap;
    done = token.to;
  });
  return out + text.slice(done);
}

/** Whether the degrees at `i` have a side in words beside them in the same step, which then carries the sign. */
function sideNear(tokens: ReturnType<typeof tokenise>, i: number): boolean {
  const bounds = ['end-of-step', 'open', 'close'];
  const named = (j: number): boolean => tokens[j]?.text !== undefined && tokens[j].text in MIRRORED && tokens[j + 1]?.text !== 'foot';
  for (let j = i; j >= 0 && !bounds.includes(tokens[j]?.kind ?? 'close'); j--) if (named(j)) return true;
  for (let j = i; j < tokens.length && !bounds.includes(tokens[j]?.kind ?? 'close'); j++) if (named(j)) return true;
  return false;
}

function negated(number: string): string {
  if (Number(number) === 0) return number;
  return number.startsWith('-') ? number.slice(1) : `-${number.replace('+', '')}`;
}
