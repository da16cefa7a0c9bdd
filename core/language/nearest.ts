/**
 * Number of single-character edits (insert, delete, replace, swap of neighbours) between two words (Damerau 1964, restricted).
 * @example editDistance('shufle', 'shuffle') // 1
 */
export function editDistance(a: string, b: string): number {
  const rows: number[][] = [Array.from({ length: b.length + 1 }, (_, j) => j)];
  for (let i = 1; i <= a.length; i++) {
    const row = [i];
    for (let j = 1; j <= b.length; j++) {
      const above = rows[i - 1] as number[];
      const change = (above[j - 1] as number) + (a[i - 1] === b[j - 1] ? 0 : 1);
      let best = Math.min(change, (above[j] as number) + 1, (row[j - 1] as number) + 1);
      if (i > 1 && j > 1 && a[i - 1] === b[j - 2] && a[i - 2] === b[j - 1]) {
        best = Math.min(best, ((rows[i - 2] as number[])[j - 2] as number) + 1);
      }
      row.push(best);
    }
    rows.push(row);
  }
  return (rows[a.length] as number[])[b.length] as number;
}

/**
 * The known word that a mistyped one most likely means, or null when none is near: one letter off up to five letters, two above.
 * @example nearestWord('shufle', ['split', 'shuffle']) // 'shuffle'
 */
export function nearestWord(word: string, known: readonly string[]): string | null {
  let best: string | null = null;
  let least = word.length > 5 ? 2 : 1;
  for (const candidate of known) {
    const d = editDistance(word.slice(0, 30), candidate);
    if (d > 0 && (d < least || (d === least && best === null))) {
      best = candidate;
      least = d;
    }
  }
  return best;
}
