import { DECISIONS_AT_ONCE } from '@hopsk/contract/book';
import type { Decision, DecisionRecord } from '@hopsk/contract/decisions';
import { one, run, type Db } from '../db/sql.js';

type Row<T> = T & Record<string, unknown>;

/** What was decided of an athlete, the latest first; what was taken back too. */
export const listDecisions = (db: Db, clubId: string, athlete: string): Promise<Decision[]> =>
  run<Row<Decision>>(db, 'decision-list', clubId, athlete);

/** The same, each of the fault as which its fault is counted now. */
export const decisionsAs = async (db: Db, clubId: string, athlete: string, as: (fault: string) => string): Promise<Decision[]> =>
  (await listDecisions(db, clubId, athlete)).map((one) => ({ ...one, fault: as(one.fault) }));

/** What was decided of one fault, or of others that are counted as it, and stands, of these athletes or of everybody, the latest first. */
export const listOfFault = (
  db: Db,
  clubId: string,
  faults: readonly string[],
  may: readonly string[] | null,
): Promise<(Decision & { athleteId: string })[]> =>
  run<Row<Decision & { athleteId: string }>>(db, 'decisions-of-fault', clubId, faults, may, DECISIONS_AT_ONCE);

/** Keeps a decision; false where one of that id is kept already. */
export async function addDecision(
  db: Db,
  clubId: string,
  coachId: string | null,
  of: Omit<DecisionRecord, 'at'> & { readonly at: string | null },
): Promise<boolean> {
  const { id, athlete, fault, day, decided, rule, said, why, at, takenBackAt } = of;
  return (await one(db, 'decision-add', clubId, id, athlete, fault, day, decided, rule, said, why, coachId, at, takenBackAt)) !== null;
}

/** Takes one back; false without it. */
export const takeBack = async (db: Db, clubId: string, athlete: string, id: string): Promise<boolean> =>
  (await one(db, 'decision-take-back', clubId, athlete, id)) !== null;

/** Decisions of these athletes, as they stand in a club file. */
export const decisionsOf = (db: Db, clubId: string, athletes: readonly string[]): Promise<DecisionRecord[]> =>
  run<Row<DecisionRecord>>(db, 'decisions-all', clubId, athletes);
