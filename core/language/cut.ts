const graphemes = new Intl.Segmenter(undefined, { granularity: 'grapheme' });

/**
 * The first characters of a text, so many at most, as a string counts them; none of what people see as one is cut in two.
 * @example cut('ab👩‍🏫', 5) // 'ab'
 */
export function cut(text: string, most: number): string {
  if (text.length <= most) return text;
  return text.slice(0, graphemes.segment(text).containing(most)?.index ?? most);
}
