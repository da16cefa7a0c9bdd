import type { SessionTally } from '@hopsk/core/evidence/book';
import type { Evening } from '@hopsk/core/evidence/evenings';
import { grouped } from '@hopsk/core/grouped';
import { run, type Db } from '../db/sql.js';
import { eveningsOfAthletes } from '../runs/evenings.js';

type Row = SessionTally & { readonly id: string; readonly athlete: string } & Record<string, unknown>;

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
    run<Row>(db, 'book-tallies', clubId, athletes, fault),
    eveningsOfAthletes(db, clubId, athletes),
  ]);
  const told = ({ id, athlete, ...tally }: Row): SessionTally => inEvening(tally, evenings.get(athlete)?.get(id));
  return new Map([...grouped(rows, ({ athlete }) => athlete)].map(([athlete, of]) => [athlete, of.map(told)]));
}

/** With the evening that a run belongs to, where it is known. */
export const inEvening = (tally: SessionTally, evening: Evening | undefined): SessionTally =>
  evening ? { ...tally, day: evening.day, evening: evening.start } : tally;
