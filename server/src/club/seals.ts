import { webcrypto } from 'node:crypto';
import { isFull } from '../db/pool.js';
import { one, run, type Db } from '../db/sql.js';
import type { Member } from '../http/sign-in.js';
import { notFound } from '../http/problem.js';

const base64 = (bytes: ArrayBuffer): string => Buffer.from(bytes).toString('base64url');

/** Makes a coach's key pair, unless they have one. Gives whether they have one now: on a full disk who is in stays in without. */
export async function makeSeal(db: Db, { clubId, id }: Member): Promise<boolean> {
  const { publicKey, privateKey } = await webcrypto.subtle.generateKey({ name: 'ECDH', namedCurve: 'P-256' }, true, ['deriveBits']);
  const [to, key] = await Promise.all([webcrypto.subtle.exportKey('raw', publicKey), webcrypto.subtle.exportKey('pkcs8', privateKey)]);
  try {
    await run(db, 'coach-seal-make', clubId, id, base64(to), base64(key));
    return true;
  } catch (error) {
    if (!isFull(error)) throw error;
    return false;
  }
}

/** The private half of one's own. Throws 404 where none was made yet: nothing is sealed to it. */
export async function sealKey(db: Db, { clubId, id }: Member): Promise<{ key: string }> {
  const found = await one<{ key: string }>(db, 'coach-seal-key', clubId, id);
  if (!found) throw notFound('coach');
  return found;
}
