import { createHash } from 'node:crypto';
import type { SignedIn } from '@hopsk/contract/members';
import { run, type Db } from '../db/sql.js';
import { notFound } from '../http/problem.js';
import { LONGEST, type Member } from '../http/sign-in.js';

interface Row extends Record<string, unknown> {
  readonly sid: string;
  readonly began: string | null;
  readonly device: string | null;
  readonly expires: Date;
}

/** A session's name among its coach's own: its secret is told to nobody. */
const nameOf = (sid: string): string => createHash('sha256').update(sid).digest('base64url').slice(0, 22);

const rowsOf = (db: Db, { clubId, id }: Member): Promise<Row[]> => run<Row>(db, 'sessions-of', clubId, id);

/** Where somebody is signed in, the latest first. */
export async function devicesOf(db: Db, member: Member, here: string): Promise<SignedIn[]> {
  return (await rowsOf(db, member)).map(({ sid, began, device, expires }) => {
    const idle = new Date(expires).toISOString();
    const longest = began === null ? idle : new Date(Date.parse(began) + LONGEST).toISOString();
    return { id: nameOf(sid), began: began ?? '', until: idle < longest ? idle : longest, device: device ?? '', here: sid === here };
  });
}

/** Signs somebody out on one of their devices. Throws 404 for a device that is not theirs. */
export async function endDevice(db: Db, member: Member, name: string): Promise<void> {
  const found = (await rowsOf(db, member)).find(({ sid }) => nameOf(sid) === name);
  if (!found) throw notFound('device');
  await run(db, 'session-end', member.id, found.sid);
}
