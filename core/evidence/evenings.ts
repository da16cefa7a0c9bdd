/** One run of an athlete: from its start to its end, wall clock, milliseconds. `day` is the hall's own, YYYY-MM-DD. */
export interface Ran {
  readonly id: string;
  readonly day: string;
  readonly start: number;
  readonly end: number;
}

/** Runs that belong to one evening, named by its start. */
export interface Evening {
  readonly day: string;
  readonly start: number;
}

/** Less than this from the end of one run to the start of the next, and they are of one evening (common practice, no source); milliseconds. */
const APART = 4 * 3600 * 1000;

/**
 * The evening of each run, by the run's id: runs with less than four hours between them belong together, and so on along the chain.
 * @example eveningsOf([{ id: 'a', day: '2026-11-20', start: 0, end: 9 }]).get('a')?.day // '2026-11-20'
 */
export function eveningsOf(runs: readonly Ran[]): Map<string, Evening> {
  const evenings = new Map<string, Evening>();
  let evening: Evening | null = null;
  let over = Number.NEGATIVE_INFINITY;
  for (const { id, day, start, end } of [...runs].sort((a, b) => a.start - b.start)) {
    if (evening === null || start - over >= APART) evening = { day, start };
    over = Math.max(over, end);
    evenings.set(id, evening);
  }
  return evenings;
}
