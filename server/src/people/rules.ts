import { USUAL_RULES, type PeopleRules } from '@hopsk/contract/people-data';
import { agreementFor } from '@hopsk/contract/agreement';
import type { Athlete, AthleteSave } from '@hopsk/contract/people';
import { isDeepStrictEqual } from 'node:util';
import { one, type Db } from '../db/sql.js';
import { HttpProblem } from '../http/problem.js';

export const getRules = async (db: Db, clubId: string): Promise<PeopleRules> =>
  (await one<PeopleRules & Record<string, unknown>>(db, 'rules-get', clubId)) ?? USUAL_RULES;

/** Null where somebody changed them since. */
export const saveRules = (db: Db, clubId: string, rules: PeopleRules): Promise<PeopleRules | null> => {
  const { version, runs, left, looks, agreement, hall, hallUnder16, clips } = rules;
  const values = [clubId, version, runs, left, looks, agreement, hall, hallUnder16, clips];
  return one<PeopleRules & Record<string, unknown>>(db, version === 0 ? 'rules-set' : 'rules-save', ...values);
};

/**
 * Throws 422 where what is new of an athlete needs a guardian's agreement that is not there. What was kept before is not held against
 * whoever changes something else.
 */
export function refuseUnagreed(sent: AthleteSave, before: Athlete | null, rules: PeopleRules): void {
  const what = sent.agreed === null ? agreementFor(sent, rules.agreement) : null;
  if (what === null) return;
  const asBefore =
    before !== null &&
    before.agreed === null &&
    agreementFor(before, rules.agreement) !== null &&
    sent.cautions.every((one) => before.cautions.some((other) => isDeepStrictEqual(one, other)));
  if (!asBefore)
    throw new HttpProblem(422, { code: 'bad-input', values: {} }, { fields: [{ path: 'agreed', code: 'agreement', values: { what } }] });
}
