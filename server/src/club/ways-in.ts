import { createHash, randomBytes } from 'node:crypto';
import type { WayIn, WayInMade } from '@hopsk/contract/members';
import { transaction, type Pool } from '../db/pool.js';
import { one, run, type Db } from '../db/sql.js';
import { HttpProblem } from '../http/problem.js';
import type { Member } from '../http/sign-in.js';
import { newPassword } from './passwords.js';

const hashOf = (secret: string): string => createHash('sha256').update(secret).digest('base64url');

/** A link for somebody of a club to choose a password by: once, for two days; the one before it ends. */
export async function makeWayIn(db: Db, { clubId, id }: Member): Promise<WayInMade> {
  const secret = randomBytes(32).toString('base64url');
  const made = await one<{ until: string }>(db, 'way-in-set', clubId, id, hashOf(secret));
  return { secret, until: made?.until ?? '' };
}

interface Found extends WayIn, Member {}

async function found(db: Db, secret: string): Promise<Found> {
  const way = await one<Found & Record<string, unknown>>(db, 'way-in-by-hash', hashOf(secret));
  if (!way) throw new HttpProblem(410, { code: 'way-in-gone', values: {} });
  return way;
}

/** What a link leads to. Throws 410 where it leads nowhere any more. */
export async function lookIn(db: Db, secret: string): Promise<WayIn> {
  const { club, name, email, invited } = await found(db, secret);
  return { club, name, email, invited };
}

/** Gives whoever a link is for the password that they chose, and ends the link, all their sessions and their passkeys. Throws as `lookIn`, and for a common password. */
export async function useWayIn(pool: Pool, secret: string, password: string): Promise<Member & { readonly passwordHash: string }> {
  const { clubId, id } = await found(pool, secret);
  const passwordHash = await newPassword(password);
  return transaction(pool, async (db) => {
    await run(db, 'coaches-lock', clubId);
    // Of two who use it at a time one is in.
    await found(db, secret);
    await run(db, 'way-in-end', clubId, id);
    await run(db, 'coach-set-password', clubId, id, passwordHash);
    await run(db, 'passkeys-end', clubId, id);
    await run(db, 'sessions-end', id, null);
    return { clubId, id, passwordHash };
  });
}
