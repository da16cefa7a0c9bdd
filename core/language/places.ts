/** A stretch of the text: from the offset of its first character up to, not including, `to`. */
export interface Span {
  readonly from: number;
  readonly to: number;
}

/**
 * Line and column (both from 1) of an offset. Columns count characters as a reader sees code points.
 * @example placeOf('split\nlunge', 7) // { line: 2, column: 2 }
 */
export function placeOf(text: string, offset: number): { readonly line: number; readonly column: number } {
  const before = text.slice(0, offset);
  const lineStart = before.lastIndexOf('\n') + 1;
  return { line: before.split('\n').length, column: [...before.slice(lineStart)].length + 1 };
}
