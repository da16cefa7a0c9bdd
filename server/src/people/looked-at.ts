import type { Request } from 'express';
import { readableBy } from '../club/members.js';
import type { Pool } from '../db/pool.js';
import { idOf, notFound } from '../http/problem.js';
import { actorOf } from '../http/sign-in.js';
import { getAthlete } from './athletes.js';
import { looked } from './looks.js';

/** The athlete of a request, for somebody who may read of them, which is noted. Throws 404. */
export async function lookedAt(
  pool: Pool,
  request: Request,
): Promise<{ readonly id: string; readonly clubId: string; readonly name: string; readonly focus: readonly string[] }> {
  const actor = actorOf(request);
  const { clubId } = actor;
  const id = idOf(request, 'athlete');
  const may = await readableBy(pool, actor);
  const athlete = may?.has(id) === false ? null : await getAthlete(pool, clubId, id);
  if (!athlete) throw notFound('athlete');
  await looked(pool, actor, 'looked', { athlete: id });
  return { id, clubId, name: athlete.name, focus: athlete.focus };
}
