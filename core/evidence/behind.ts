import { runPartsOf, type PartRow } from './run-parts.js';
import type { SplitBy } from './splits.js';

/**
 * The parts of which a value of a split is made: those that have it.
 * @param eveningOf the evening of a run, as the split was made
 */
export function partsBehind<P extends PartRow>(rows: readonly P[], eveningOf: (run: string) => string, by: SplitBy, value: string): P[] {
  const parts = runPartsOf(rows, eveningOf);
  return rows.filter((_, i) => parts[i]?.values[by] === value);
}
