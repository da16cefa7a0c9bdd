/** A stretch of the text: from the offset of its first character up to, not including, `to`. */
export interface Span {
  readonly from: number;
  readonly to: number;
}

export type TokenKind = 'word' | 'number' | 'unit' | 'open' | 'close' | 'end-of-step' | 'plus' | 'quoted' | 'comment' | 'unknown';

export interface Token extends Span {
  readonly kind: TokenKind;
  /** Lower-case text; for a quoted word what stands between the quotes, as typed. */
  readonly text: string;
  readonly value?: number;
}

/** Words that measure the number before them, each with the spelling it is printed in. */
const UNITS: Readonly<Record<string, string>> = {
  cm: 'cm',
  m: 'm',
  in: 'in',
  inch: 'in',
  inches: 'in',
  ft: 'ft',
  feet: 'ft',
  shoe: 'shoe',
  shoes: 'shoe',
  '×': '×',
  x: '×',
  s: 's',
  ms: 'ms',
  '°': '°',
  deg: '°',
  degrees: '°',
  times: 'times',
};

const PATTERN = /#[^\n]*|[“"][^"”\n]*["”]|[+-]?\d+(?:\.\d+)?|\.\d+|[\p{L}][\p{L}'’-]*|[°×]|[([]|[)\]]|[,;·→\n]|\+|[^\s]/gu;

/** Cuts a line of steps into tokens with their places. Never fails: what it does not know is 'unknown'. */
export function tokenise(text: string): Token[] {
  const tokens: Token[] = [];
  for (const match of text.matchAll(PATTERN)) {
    const raw = match[0];
    const span = { from: match.index, to: match.index + raw.length };
    tokens.push({ ...span, ...kindOf(raw, tokens.at(-1)) });
  }
  return tokens;
}

function kindOf(raw: string, before: Token | undefined): { kind: TokenKind; text: string; value?: number } {
  const text = raw.toLowerCase();
  if (raw.startsWith('#')) return { kind: 'comment', text: raw.slice(1).trim() };
  if (/^[“"]/.test(raw) && raw.length > 1) return { kind: 'quoted', text: raw.slice(1, -1).trim() };
  if (/^[+-]?\.?\d/.test(raw)) return { kind: 'number', text, value: Number(raw) };
  if (before?.kind === 'number' && Object.hasOwn(UNITS, text)) return { kind: 'unit', text: UNITS[text] as string };
  if (/^[([]$/.test(raw)) return { kind: 'open', text };
  if (/^[)\]]$/.test(raw)) return { kind: 'close', text };
  if (/^[,;·→\n]$/.test(raw)) return { kind: 'end-of-step', text };
  if (raw === '+') return { kind: 'plus', text };
  if (/^\p{L}/u.test(raw)) return { kind: 'word', text };
  return { kind: 'unknown', text: raw };
}

/** Line and column (both from 1) of an offset. Columns count characters as a reader sees code points. */
export function placeOf(text: string, offset: number): { readonly line: number; readonly column: number } {
  const before = text.slice(0, offset);
  const lineStart = before.lastIndexOf('\n') + 1;
  return { line: before.split('\n').length, column: [...before.slice(lineStart)].length + 1 };
}
