import type { SessionTally } from '@hopsk/core/evidence/book';
import type { Evening } from '@hopsk/core/evidence/evenings';
import { grouped } from '@hopsk/core/grouped';
import { numbersIn } from '../db/columns.js';
import { run, type Db } from '../db/sql.js';
import { eveningsOfAthletes } from '../runs/evenings.js';

/** What `book-tallies` gives: of each fault of somebody the runs, and what was watched and tapped in each, each column as one text. */
interface TalliesRow extends Record<string, unknown> {
  readonly athlete: string;
  readonly fault: string;
  readonly runs: string;
  readonly attempts: string;
  readonly faulty: string;
  readonly noted: string;
  readonly left: string;
  readonly right: string;
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
  const ofAthlete = grouped(rows, ({ athlete }) => athlete);
  const apart = await apartFrom(db, clubId, ofAthlete, evenings);
  return new Map([...ofAthlete].map(([athlete, of]) => [athlete, talliesIn(of, evenings.get(athlete) ?? NO_EVENINGS, apart)]));
}

type Evenings = ReadonlyMap<string, Evening>;
const NO_EVENINGS: Evenings = new Map();

/** Evenings come in the order of time; what belongs to none of them, before them by its day. */
function talliesIn(rows: readonly TalliesRow[], evenings: Evenings, apart: ReadonlyMap<string, string>): SessionTally[] {
  const byRun = new Map<string, SessionTally[]>();
  for (const { fault, runs, ...columns } of rows) {
    const [attempts, faulty, noted] = [numbersIn(columns.attempts), numbersIn(columns.faulty), numbersIn(columns.noted)];
    const [left, right] = [numbersIn(columns.left), numbersIn(columns.right)];
    runs.split(',').forEach((of, i) => {
      const evening = evenings.get(of);
      // Written out: of many years there are some ten thousands.
      const tally: SessionTally = {
        day: evening?.day ?? apart.get(of) ?? '',
        evening: evening?.start,
        fault,
        attempts: attempts[i] ?? 0,
        faulty: faulty[i] ?? 0,
        noted: noted[i] ?? 0,
        left: left[i] ?? 0,
        right: right[i] ?? 0,
      };
      const known = byRun.get(of);
      if (known) known.push(tally);
      else byRun.set(of, [tally]);
    });
  }
  const others = [...byRun.keys()].filter((of) => !evenings.has(of)).sort((a, b) => ((apart.get(a) ?? '') < (apart.get(b) ?? '') ? -1 : 1));
  return [...others, ...evenings.keys()].flatMap((of) => byRun.get(of) ?? []);
}

/** The days of runs that speak of somebody who took no part in them: a tap was given to them. */
async function apartFrom(
  db: Db,
  clubId: string,
  rows: ReadonlyMap<string, readonly TalliesRow[]>,
  evenings: ReadonlyMap<string, Evenings>,
): Promise<ReadonlyMap<string, string>> {
  const ids = [...rows].flatMap(([athlete, of]) => {
    const mine = evenings.get(athlete);
    return of.flatMap(({ runs }) => runs.split(',').filter((id) => mine?.has(id) !== true));
  });
  if (ids.length === 0) return new Map();
  return new Map((await run<{ id: string; day: string }>(db, 'run-days', clubId, [...new Set(ids)])).map(({ id, day }) => [id, day]));
}

/** With the evening that a run belongs to, where it is known. */
export const inEvening = (tally: SessionTally, evening: Evening | undefined): SessionTally =>
  evening ? { ...tally, day: evening.day, evening: evening.start } : tally;
