import { createHmac, randomInt } from 'node:crypto';
import { CODE_LENGTH, CODE_LETTERS } from '@hopsk/contract/hall';
import { one, type Db } from '../db/sql.js';
import { HttpProblem, notFound } from '../http/problem.js';
import type { Holder } from '../http/sign-in.js';

/** Only the server can make this of a code: what a database gives away leads nowhere. */
const hashOf = (secret: string, code: string): string => createHmac('sha256', secret).update(`run ${code}`).digest('base64url');

/** A new code of a run that is under way; the one before it ends. Throws 404 where there is none. */
export async function makeCode(db: Db, clubId: string, runId: string, secret: string): Promise<string> {
  const code = Array.from({ length: CODE_LENGTH }, () => CODE_LETTERS[randomInt(CODE_LETTERS.length)]).join('');
  if (!(await one(db, 'run-code-set', clubId, runId, hashOf(secret, code)))) throw notFound('run');
  return code;
}

/** Which run a code leads to. Throws 404 where it leads nowhere, or nowhere any more. */
export async function holderOf(db: Db, code: string, secret: string): Promise<Holder> {
  const hash = hashOf(secret, code);
  const found = await one<Omit<Holder, 'hash'> & Record<string, unknown>>(db, 'run-by-code', hash);
  if (!found) throw new HttpProblem(404, { code: 'no-such-code', values: {} });
  return { clubId: found.clubId, runId: found.runId, hash };
}
