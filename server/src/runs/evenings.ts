import { eveningsOf, type Evening } from '@hopsk/core/evidence/evenings';
import { run, type Db } from '../db/sql.js';

interface RanRow extends Record<string, unknown> {
  readonly id: string;
  readonly day: string;
  readonly startedAt: string;
  /** The run's own latest time, ms. */
  readonly latestM: number;
}

/** The evening of each of an athlete's runs, by the run's id: all of them, since one in which nothing was seen joins two others. */
export async function athleteEvenings(db: Db, clubId: string, athleteId: string): Promise<Map<string, Evening>> {
  const rows = await run<RanRow>(db, 'athlete-runs', clubId, athleteId);
  return eveningsOf(
    rows.map(({ id, day, startedAt, latestM }) => {
      const start = Date.parse(startedAt);
      return { id, day, start, end: start + latestM };
    }),
  );
}
