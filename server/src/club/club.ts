import { randomUUID } from 'node:crypto';
import type { Me, Role, Settings } from '@hopsk/contract/club';
import { transaction, type Pool } from '../db/pool.js';
import { one, run, type Db } from '../db/sql.js';
import { HttpProblem } from '../http/problem.js';
import type { Member } from '../http/sign-in.js';
import { addMember } from './members.js';
import { newPassword } from './passwords.js';
import { makeSeal } from './seals.js';

export interface NewCoach {
  readonly name: string;
  readonly email: string;
  readonly password: string;
}

/** Makes a club with its first coach, who owns it. */
export async function addClub(db: Db, name: string, coach: NewCoach, demo = false): Promise<Member> {
  const clubId = randomUUID();
  await run(db, 'club-add', clubId, name, demo);
  return { clubId, id: await addCoach(db, clubId, coach, 'owner') };
}

/** The very first club of a server; refused once there is one. */
export async function setUp(pool: Pool, name: string, coach: NewCoach): Promise<Member> {
  return transaction(pool, async (db) => {
    await run(db, 'club-lock');
    const door = await one<{ setup: boolean }>(db, 'door');
    if (!door?.setup) throw new HttpProblem(409, { code: 'set-up', values: {} });
    return addClub(db, name, coach);
  });
}

/** Takes the demo club away with all that is in it, for good: the next who opens the door makes their own. Throws 403 for any other club. */
export async function ownHouse(pool: Pool, clubId: string): Promise<void> {
  await transaction(pool, async (db) => {
    await run(db, 'club-lock');
    if (!(await one<{ demo: boolean }>(db, 'club-of', clubId))?.demo) throw new HttpProblem(403, { code: 'no-demo-here', values: {} });
    await run(db, 'club-erase', clubId);
    await run(db, 'sessions-of-club-end', clubId);
    await run(db, 'demo-end');
  });
}

/** Adds somebody with a password of their own. */
export const addCoach = async (db: Db, clubId: string, { name, email, password }: NewCoach, role: Role = 'coach'): Promise<string> =>
  addMember(db, clubId, { name, email, role, passwordHash: await newPassword(password) });

export async function meOf(db: Db, { clubId, id }: Member): Promise<Me | null> {
  const row = await one<Me['coach'] & { clubId: string; clubName: string; demo: boolean; sealTo: string | null }>(db, 'me', clubId, id);
  if (!row) return null;
  const { clubName, demo, clubId: of, sealTo, ...coach } = row;
  if (sealTo === null && (await makeSeal(db, { clubId, id }))) return meOf(db, { clubId, id });
  return { coach, club: { id: of, name: clubName, demo }, sealTo: sealTo ?? '' };
}

export const saveSettings = (db: Db, { clubId, id }: Member, settings: Settings): Promise<unknown> =>
  run(db, 'coach-settings', clubId, id, settings.units, settings.tapDelay, JSON.stringify(settings.views));
