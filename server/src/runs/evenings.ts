import { eveningsOf, type Evening, type Ran } from '@hopsk/core/evidence/evenings';
import { grouped } from '@hopsk/core/grouped';
import { run, type Db } from '../db/sql.js';

interface RanRow extends Record<string, unknown> {
  readonly athlete: string;
  readonly id: string;
  readonly day: string;
  readonly startedAt: string;
  /** The run's own latest time, ms. */
  readonly latestM: number;
}

/** The evening of each of an athlete's runs, by the run's id: all of them, since one in which nothing was seen joins two others. */
export const athleteEvenings = async (db: Db, clubId: string, athlete: string): Promise<ReadonlyMap<string, Evening>> =>
  (await eveningsOfAthletes(db, clubId, [athlete])).get(athlete) ?? new Map();

/** The same of several athletes, by athlete. */
export async function eveningsOfAthletes(
  db: Db,
  clubId: string,
  athletes: readonly string[],
): Promise<ReadonlyMap<string, ReadonlyMap<string, Evening>>> {
  const rows = grouped(await run<RanRow>(db, 'athlete-runs', clubId, athletes), ({ athlete }) => athlete);
  const ranOf = ({ id, day, startedAt, latestM }: RanRow): Ran => {
    const start = Date.parse(startedAt);
    return { id, day, start, end: start + latestM };
  };
  return new Map([...rows].map(([athlete, runs]) => [athlete, eveningsOf(runs.map(ranOf))]));
}

/** The runs whose evenings are of some days, in the order of time, as evenings were made of them. */
export const inDays = (
  evenings: ReadonlyMap<string, Evening>,
  { from, to }: { readonly from?: string | null | undefined; readonly to?: string | null | undefined },
): string[] => [...evenings].flatMap(([id, { day }]) => (day >= (from ?? '') && day <= (to ?? '9999') ? [id] : []));
