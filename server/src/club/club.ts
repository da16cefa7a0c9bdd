import { randomUUID } from 'node:crypto';
import type { Coach, Me, Settings } from '@hopsk/contract/club';
import { isDuplicate, transaction, type Pool } from '../db/pool.js';
import { one, run, type Db } from '../db/sql.js';
import { HttpProblem } from '../http/problem.js';
import type { Actor } from '../http/sign-in.js';
import { hashPassword } from './passwords.js';

export interface NewCoach {
  readonly name: string;
  readonly email: string;
  readonly password: string;
}

/** Makes a club with its first coach. */
export async function addClub(db: Db, name: string, coach: NewCoach, demo = false): Promise<Actor> {
  const clubId = randomUUID();
  await run(db, 'club-add', clubId, name, demo);
  return { clubId, id: await addCoach(db, clubId, coach) };
}

/** The very first club of a server; refused once there is one. */
export async function setUp(pool: Pool, name: string, coach: NewCoach): Promise<Actor> {
  return transaction(pool, async (db) => {
    await run(db, 'club-lock');
    const door = await one<{ setup: boolean }>(db, 'door');
    if (!door?.setup) throw new HttpProblem(409, { code: 'set-up', values: {} });
    return addClub(db, name, coach);
  });
}

export async function addCoach(db: Db, clubId: string, coach: NewCoach): Promise<string> {
  const id = randomUUID();
  try {
    await run(db, 'coach-add', clubId, id, coach.name, coach.email, await hashPassword(coach.password));
  } catch (error) {
    if (!isDuplicate(error)) throw error;
    throw new HttpProblem(409, { code: 'taken', values: {} }, { fields: [{ path: 'email', code: 'taken', values: {} }] });
  }
  return id;
}

export async function meOf(db: Db, actor: Actor): Promise<Me | null> {
  const row = await one<{
    id: string;
    name: string;
    units: 'cm' | 'ft-in';
    tapDelay: number;
    views: Settings['views'];
    clubId: string;
    clubName: string;
    demo: boolean;
  }>(db, 'me', actor.clubId, actor.id);
  if (!row) return null;
  return {
    coach: { id: row.id, name: row.name, units: row.units, tapDelay: row.tapDelay, views: row.views },
    club: { id: row.clubId, name: row.clubName, demo: row.demo },
  };
}

export const listCoaches = (db: Db, clubId: string): Promise<Coach[]> => run<Coach>(db, 'coach-list', clubId);

export const saveSettings = (db: Db, actor: Actor, settings: Settings): Promise<unknown> =>
  run(db, 'coach-settings', actor.clubId, actor.id, settings.units, settings.tapDelay, JSON.stringify(settings.views));
