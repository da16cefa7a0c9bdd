import type { Request } from 'express';
import type { Pool } from '../db/pool.js';
import { one } from '../db/sql.js';
import { placeOf } from '../http/place.js';
import { HttpProblem } from '../http/problem.js';
import { actorOf } from '../http/sign-in.js';
import { passwordFits } from './passwords.js';
import { giveBack, takeTurns, type Turn } from './turns.js';

/** Whoever is signed in says who they are once more. Throws 400, of the field it was typed in, for a wrong password, and 429 after many. */
export async function provePassword(pool: Pool, request: Request, password: string, field: string): Promise<void> {
  const { id, clubId } = actorOf(request);
  const own: Turn = ['account', `${id} ${placeOf(request.ip ?? '')}`];
  await takeTurns(pool, [own]);
  const coach = await one<{ passwordHash: string | null }>(pool, 'coach-hash', clubId, id);
  if (!(await passwordFits(coach?.passwordHash ?? null, password)))
    throw new HttpProblem(400, { code: 'wrong-old', values: {} }, { fields: [{ path: field, code: 'wrong', values: {} }] });
  await giveBack(pool, [own]);
}
