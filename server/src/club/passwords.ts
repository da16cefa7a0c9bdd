import { hash, verify } from '@node-rs/argon2';
import { dictionary } from '@zxcvbn-ts/language-common';
import { HttpProblem } from '../http/problem.js';

/** Passwords that many people choose, in small letters: a list that is shipped. */
const COMMON: ReadonlySet<string> = new Set(dictionary['passwords-common']);

/** Different characters that a password has at least. */
const LEAST_DIFFERENT = 5;

/**
 * Whether others would try a password first: one of the common ones, with whatever figures and signs around it, or the same over and over.
 */
function isCommon(password: string): boolean {
  const small = password.toLowerCase();
  const characters = [...small];
  const letter = (one: string): boolean => /\p{L}/u.test(one);
  const bare = characters.slice(characters.findIndex(letter), characters.findLastIndex(letter) + 1).join('');
  return COMMON.has(small) || COMMON.has(bare) || new Set(small).size < LEAST_DIFFERENT;
}

/** The hash of a new password: argon2id with the package's defaults (19 MiB, 2 passes), OWASP's first choice for it. Throws 400 for one that others would try first. */
export async function newPassword(password: string): Promise<string> {
  if (!isCommon(password)) return hash(password);
  throw new HttpProblem(400, { code: 'bad-input', values: {} }, { fields: [{ path: 'password', code: 'common', values: {} }] });
}

/** Checked in place of a hash when nobody has that address, so that the answer takes as long. */
const decoy = hash('nobody has this password');

export async function passwordFits(hashed: string | null, password: string): Promise<boolean> {
  const fits = await verify(hashed ?? (await decoy), password).catch(() => false);
  return fits && hashed !== null;
}
