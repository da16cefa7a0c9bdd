import type { SessionTally } from '@hopsk/core/evidence/book';
import type { Evening } from '@hopsk/core/evidence/evenings';
import { grouped } from '@hopsk/core/grouped';
import { run, type Db } from '../db/sql.js';
import { eveningsOfAthletes } from '../runs/evenings.js';

/** What `book-tallies` gives: of each run and fault what was watched and tapped. */
interface TalliesRow extends Record<string, unknown> {
  readonly athlete: string;
  readonly told: readonly (readonly [
    run: string,
    fault: string,
    attempts: number,
    faulty: number,
    noted: number,
    left: number,
    right: number,
  ])[];
}

/** What each run of an athlete says of each fault, with the evening that it belongs to, the oldest first. */
export const eveningTallies = async (db: Db, clubId: string, athlete: string): Promise<readonly SessionTally[]> =>
  (await talliesOfAthletes(db, clubId, [athlete], null)).get(athlete) ?? [];

/** The same of several athletes, by athlete. @param fault of it alone; null: of each */
export async function talliesOfAthletes(
  db: Db,
  clubId: string,
  athletes: readonly string[],
  fault: string | null,
): Promise<ReadonlyMap<string, readonly SessionTally[]>> {
  const [rows, evenings] = await Promise.all([
    run<TalliesRow>(db, 'book-tallies', clubId, athletes, fault),
    eveningsOfAthletes(db, clubId, athletes),
  ]);
  const apart = await apartFrom(db, clubId, rows, evenings);
  return new Map(
    rows.map(({ athlete, told }) => {
      const mine = evenings.get(athlete) ?? new Map<string, Evening>();
      const byRun = grouped(told, ([of]) => of);
      // Evenings come in the order of time; what belongs to none of them, before them by its day.
      const others = [...byRun.keys()].filter((of) => !mine.has(of)).sort((a, b) => ((apart.get(a) ?? '') < (apart.get(b) ?? '') ? -1 : 1));
      const tallies = [...others, ...mine.keys()].flatMap((of) => {
        const evening = mine.get(of);
        const when = evening ? { day: evening.day, evening: evening.start } : { day: apart.get(of) ?? '' };
        return (byRun.get(of) ?? []).map(([, code, attempts, faulty, noted, left, right]): SessionTally => ({
          ...when,
          fault: code,
          attempts,
          faulty,
          noted,
          left,
          right,
        }));
      });
      return [athlete, tallies];
    }),
  );
}

/** The days of runs that speak of somebody who took no part in them: a tap was given to them. */
async function apartFrom(
  db: Db,
  clubId: string,
  rows: readonly TalliesRow[],
  evenings: ReadonlyMap<string, ReadonlyMap<string, Evening>>,
): Promise<ReadonlyMap<string, string>> {
  const ids = rows.flatMap(({ athlete, told }) => {
    const mine = evenings.get(athlete);
    return told.flatMap(([of]) => (mine?.has(of) === true ? [] : [of]));
  });
  if (ids.length === 0) return new Map();
  return new Map((await run<{ id: string; day: string }>(db, 'run-days', clubId, [...new Set(ids)])).map(({ id, day }) => [id, day]));
}

/** With the evening that a run belongs to, where it is known. */
export const inEvening = (tally: SessionTally, evening: Evening | undefined): SessionTally =>
  evening ? { ...tally, day: evening.day, evening: evening.start } : tally;
