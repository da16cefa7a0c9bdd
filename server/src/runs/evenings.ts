import { eveningsOf, type Evening, type Ran } from '@hopsk/core/evidence/evenings';
import { numbersIn } from '../db/columns.js';
import { run, type Db } from '../db/sql.js';

/** What `athlete-runs` gives: of somebody's runs the ids, days, starts and lengths, each column as one text. */
interface RunsRow extends Record<string, unknown> {
  readonly athlete: string;
  readonly ids: string;
  readonly days: string;
  readonly starts: string;
  readonly lengths: string;
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
  return new Map(rows.map((row) => [row.athlete, eveningsOf(ranIn(row))]));
}

function ranIn({ ids, days, starts, lengths }: RunsRow): Ran[] {
  const [day, start, length] = [days.split(','), numbersIn(starts), numbersIn(lengths)];
  return ids.split(',').map((id, i) => {
    const began = start[i] ?? 0;
    return { id, day: day[i] ?? '', start: began, end: began + (length[i] ?? 0) };
  });
}

/** The runs whose evenings are of some days, in the order of time, as evenings were made of them. */
export const inDays = (
  evenings: ReadonlyMap<string, Evening>,
  { from, to }: { readonly from?: string | null | undefined; readonly to?: string | null | undefined },
): string[] => [...evenings].flatMap(([id, { day }]) => (day >= (from ?? '') && day <= (to ?? '9999') ? [id] : []));
