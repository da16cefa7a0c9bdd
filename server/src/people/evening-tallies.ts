import type { SessionTally } from '@hopsk/core/evidence/book';
import { run, type Db } from '../db/sql.js';
import { athleteEvenings } from '../runs/evenings.js';

/** What each run of an athlete says of each fault, with the evening that it belongs to, the oldest first. */
export async function eveningTallies(db: Db, clubId: string, athlete: string): Promise<SessionTally[]> {
  const [tallies, evenings] = await Promise.all([
    run<SessionTally & { id: string } & Record<string, unknown>>(db, 'book-tallies', clubId, athlete),
    athleteEvenings(db, clubId, athlete),
  ]);
  return tallies.map(({ id, ...tally }) => {
    const evening = evenings.get(id);
    return { ...tally, ...(evening && { day: evening.day, evening: evening.start }) };
  });
}
