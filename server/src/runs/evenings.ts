import { eveningsOf, type Evening } from '@hopsk/core/evidence/evenings';

/** When a run was, as the database gives it. */
export interface RanRow {
  readonly id: string;
  readonly day: string;
  readonly startedAt: string;
  /** The run's own latest time, ms. */
  readonly latestM: number;
}

/** The evening of each of an athlete's runs, by the run's id. */
export function eveningsOfRows(rows: readonly RanRow[]): Map<string, Evening> {
  const runs = new Map(rows.map((row) => [row.id, row]));
  return eveningsOf(
    [...runs.values()].map(({ id, day, startedAt, latestM }) => {
      const start = Date.parse(startedAt);
      return { id, day, start, end: start + latestM };
    }),
  );
}
