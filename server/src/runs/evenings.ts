import { eveningsOf, type Evening } from '@hopsk/core/evidence/evenings';
import { run, type Db } from '../db/sql.js';

/** What `athlete-runs` gives: of each run its id, day, start and end. */
interface RunsRow extends Record<string, unknown> {
  readonly athlete: string;
  readonly runs: readonly (readonly [id: string, day: string, start: number, end: number])[];
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
  const rows = await run<RunsRow>(db, 'athlete-runs', clubId, athletes);
  return new Map(rows.map(({ athlete, runs }) => [athlete, eveningsOf(runs.map(([id, day, start, end]) => ({ id, day, start, end })))]));
}

/** The runs whose evenings are of some days, in the order of time, as evenings were made of them. */
export const inDays = (
  evenings: ReadonlyMap<string, Evening>,
  { from, to }: { readonly from?: string | null | undefined; readonly to?: string | null | undefined },
): string[] => [...evenings].flatMap(([id, { day }]) => (day >= (from ?? '') && day <= (to ?? '9999') ? [id] : []));
