import { REMEDIES, type FaultRemedies, type Remedy } from '@hopsk/contract/book';
import type { BookRules } from '@hopsk/core/evidence/book-rules';
import { eveningsOfFault } from '@hopsk/core/evidence/book';
import { sinceBegun } from '@hopsk/core/evidence/what-helped';
import { STAGE_KINDS } from '@hopsk/core/plan/exercise';
import type { Backing } from '../backing.js';
import { run } from '../db/sql.js';
import { countSomeOf } from '../runs/count-some.js';
import { eveningsOfAthletes } from '../runs/evenings.js';
import { talliesOfAthletes } from './evening-tallies.js';

interface Begun extends Record<string, unknown> {
  readonly athlete: string;
  readonly kind: Remedy['kind'];
  readonly runId: string;
}

/**
 * Kinds of stages in which each of these athletes, or everybody, was watched for a fault, from which day on, and what came after. Runs
 * whose parts are not counted are counted, some at a time; how many are not is said.
 */
export async function remediesOf(
  backing: Backing,
  clubId: string,
  {
    fault,
    as,
    may,
    rules,
  }: { readonly fault: string; readonly as: readonly string[]; readonly may: readonly string[] | null; readonly rules: BookRules },
): Promise<Pick<FaultRemedies, 'remedies' | 'uncounted'>> {
  const { pool: db } = backing;
  const uncounted = await countSomeOf(backing, clubId, 'fault-runs-stale', as, may, REMEDIES.years);
  const begun = await run<Begun>(db, 'remedies-of-fault', clubId, as, may, REMEDIES.years, REMEDIES.atOnce);
  const athletes = [...new Set(begun.map(({ athlete }) => athlete))];
  const [tallies, evenings] = [await talliesOfAthletes(db, clubId, athletes, fault), await eveningsOfAthletes(db, clubId, athletes)];
  const told = new Map(athletes.map((athlete) => [athlete, eveningsOfFault(tallies.get(athlete) ?? [])]));
  const remedies = begun.flatMap(({ athlete, kind, runId }) => {
    const day = evenings.get(athlete)?.get(runId)?.day;
    return day === undefined || !STAGE_KINDS.includes(kind)
      ? []
      : [{ athleteId: athlete, kind, day, difference: sinceBegun(told.get(athlete) ?? [], day, rules) }];
  });
  return { remedies, uncounted };
}
