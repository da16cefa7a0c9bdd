import { randomUUID } from 'node:crypto';
import type { Role } from '@hopsk/contract/club';
import type { Coach, CoachChange, Invitation, WayInMade } from '@hopsk/contract/members';
import { isDuplicate, transaction, type Pool } from '../db/pool.js';
import { run, type Db } from '../db/sql.js';
import { HttpProblem, notFound } from '../http/problem.js';
import type { Member } from '../http/sign-in.js';
import { hint } from '../live/hints.js';
import { makeWayIn } from './ways-in.js';

export interface NewMember {
  readonly name: string;
  readonly email: string;
  readonly role: Role;
  /** Null: they choose one by a link. */
  readonly passwordHash: string | null;
}

/** Everybody who belongs to a club or did. */
export const listMembers = (db: Db, clubId: string): Promise<Coach[]> => run<Coach>(db, 'coach-list', clubId);

/** Adds somebody. Throws 409 where the address is somebody's already. */
export async function addMember(db: Db, clubId: string, { name, email, role, passwordHash }: NewMember): Promise<string> {
  const id = randomUUID();
  try {
    await run(db, 'coach-add', clubId, id, name, email, passwordHash, role);
  } catch (error) {
    if (!isDuplicate(error)) throw error;
    throw new HttpProblem(409, { code: 'taken', values: {} }, { fields: [{ path: 'email', code: 'taken', values: {} }] });
  }
  return id;
}

/** Invites somebody, with the link by which they come in. */
export function invite(pool: Pool, clubId: string, { athletes, ...who }: Invitation): Promise<WayInMade> {
  return transaction(pool, async (db) => {
    const id = await addMember(db, clubId, { ...who, passwordHash: null });
    await nameAthletes(db, { clubId, id }, who.role === 'reader' ? athletes : []);
    return makeWayIn(db, { clubId, id });
  });
}

/**
 * Gives somebody another role, takes them out or back in; whoever is out is signed in nowhere from this moment. Throws 404 without
 * them, and 409 where the club would be left without an owner who can come in.
 */
export function changeMember(pool: Pool, { clubId, id }: Member, { role, gone, athletes }: CoachChange): Promise<void> {
  return transaction(pool, async (db) => {
    await run(db, 'coaches-lock', clubId);
    const owners = (await run<{ id: string }>(db, 'owners', clubId)).map((one) => one.id);
    if ((role !== 'owner' || gone) && owners.length === 1 && owners[0] === id)
      throw new HttpProblem(409, { code: 'last-owner', values: {} });
    if ((await run(db, 'coach-change', clubId, id, role, gone)).length === 0) throw notFound('coach');
    await nameAthletes(db, { clubId, id }, role === 'reader' ? athletes : []);
    if (gone) {
      await run(db, 'way-in-end', clubId, id);
      await run(db, 'sessions-end', id, null);
      await run(db, 'passkeys-end', clubId, id);
    }
    await hint(db, clubId, { member: id });
  });
}

async function nameAthletes(db: Db, { clubId, id }: Member, athletes: readonly string[]): Promise<void> {
  const known = await run<{ id: string }>(db, 'athletes-known', clubId, athletes);
  const there = new Set(known.map((one) => one.id));
  const stranger = athletes.find((athlete) => !there.has(athlete));
  if (stranger !== undefined)
    throw new HttpProblem(
      400,
      { code: 'bad-input', values: {} },
      { fields: [{ path: 'athletes', code: 'unknown-athlete', values: { id: stranger } }] },
    );
  await run(db, 'reader-set', clubId, id, athletes);
}

/** Whom somebody may read of; null: everybody in the club. */
export async function readableBy(db: Db, { clubId, id, role }: Member & { readonly role: Role }): Promise<ReadonlySet<string> | null> {
  if (role !== 'reader') return null;
  return new Set((await run<{ id: string }>(db, 'reader-athletes', clubId, id)).map((one) => one.id));
}
