import type { BookAsked } from '@hopsk/contract/book';
import type { SessionTally } from '@hopsk/core/evidence/book';
import type { Evening } from '@hopsk/core/evidence/evenings';
import type { PartRow } from '@hopsk/core/evidence/run-parts';
import { run, type Db } from '../db/sql.js';
import { athleteEvenings } from '../runs/evenings.js';
import { eveningTallies, inEvening } from './evening-tallies.js';

type Row<T> = T & Record<string, unknown>;

/** A part of a run, with what was tapped again and without a rate. */
export type BookPart = PartRow & { readonly again: number; readonly noted: number };

/** Whether something is asked of runs that only their parts say. */
export const byParts = ({ done, kind, coach, source }: BookAsked): boolean => [done, kind, coach, source].some((one) => one !== undefined);

const narrowing = ({ done, kind, coach, source }: BookAsked) => [done ?? null, kind ?? null, coach ?? null, source ?? null] as const;

/** Days are those of evenings: what went on over midnight is of the day it began. */
const within =
  ({ from = '', to = '9999' }: BookAsked) =>
  ({ day }: { readonly day: string }): boolean =>
    day >= from && day <= to;

/** What each run of an athlete says of each fault, with its evening, the oldest first, as far as it is asked for. */
export async function talliesOf(db: Db, clubId: string, athlete: string, asked: BookAsked): Promise<readonly SessionTally[]> {
  if (!byParts(asked)) return (await eveningTallies(db, clubId, athlete)).filter(within(asked));
  const [rows, evenings] = await Promise.all([
    run<Row<SessionTally & { readonly id: string }>>(db, 'book-tallies-only', clubId, athlete, ...narrowing(asked)),
    athleteEvenings(db, clubId, athlete),
  ]);
  return rows.map((row) => inEvening(row, evenings.get(row.id))).filter(within(asked));
}

/** The parts of one fault of an athlete with the evenings of their runs, the oldest first, as far as it is asked for. */
export async function partsOf(
  db: Db,
  clubId: string,
  athlete: string,
  fault: string,
  asked: BookAsked,
): Promise<{ readonly parts: readonly BookPart[]; readonly evenings: ReadonlyMap<string, Evening> }> {
  const [rows, evenings] = await Promise.all([
    run<Row<BookPart>>(db, 'fault-parts', clubId, athlete, fault, ...narrowing(asked)),
    athleteEvenings(db, clubId, athlete),
  ]);
  const asks = within(asked);
  return { parts: rows.filter(({ run: of }) => asks({ day: evenings.get(of)?.day ?? '' })), evenings };
}
