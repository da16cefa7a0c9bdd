import { hash, verify } from '@node-rs/argon2';

/** argon2id with the package's defaults (19 MiB, 2 passes), which are OWASP's first choice for argon2id. */
export const hashPassword = (password: string): Promise<string> => hash(password);

/** Checked in place of a hash when nobody has that address, so that the answer takes as long. */
const decoy = hash('nobody has this password');

export async function passwordFits(hashed: string | null, password: string): Promise<boolean> {
  const fits = await verify(hashed ?? (await decoy), password).catch(() => false);
  return fits && hashed !== null;
}
