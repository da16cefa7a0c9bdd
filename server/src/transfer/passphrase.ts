import { createCipheriv, createDecipheriv, randomBytes, scrypt } from 'node:crypto';
import { Stanza, type Identity, type Recipient } from 'age-encryption';
import { HttpProblem } from '../http/problem.js';

/**
 * How much work a passphrase takes, as the power of two that scrypt is given, with blocks of eight and one lane: 128 MiB each (OWASP's
 * cheat sheet on storing passwords, from memory). Of files from elsewhere at most twice that is done.
 */
export const WORK = { ours: 17, most: 18 } as const;

/** What a passphrase makes of a salt: what the key of a file is wrapped by. */
export interface PassphraseKey {
  readonly salt: Buffer;
  readonly work: number;
  readonly key: Buffer;
}

const LABEL = Buffer.from('age-encryption.org/v1/scrypt');
const NONCE = Buffer.alloc(12);
const TAG = 16;
const bare = (bytes: Buffer): string => bytes.toString('base64').replaceAll('=', '');

let last: Promise<unknown> = Promise.resolve();

/** The work is done out of the server's own thread, and for one passphrase at a time: it takes much memory. */
export function keyOf(passphrase: string, salt: Buffer = randomBytes(16), work: number = WORK.ours): Promise<PassphraseKey> {
  const cost = { N: 2 ** work, r: 8, p: 1, maxmem: 2 ** (work + 11) };
  const made = last.then(
    () =>
      new Promise<PassphraseKey>((done, fail) =>
        scrypt(passphrase.normalize('NFC'), Buffer.concat([LABEL, salt]), 32, cost, (error, key) =>
          error ? fail(error) : done({ salt, work, key }),
        ),
      ),
  );
  last = made.catch(() => undefined);
  return made;
}

/** Seals to a passphrase: the format's own `scrypt` recipient, with its work done elsewhere than in the server's thread. */
export const sealedBy = ({ salt, work, key }: PassphraseKey): Recipient => ({
  wrapFileKey: (fileKey) => {
    const cipher = createCipheriv('chacha20-poly1305', key, NONCE, { authTagLength: TAG });
    const body = Buffer.concat([cipher.update(fileKey), cipher.final(), cipher.getAuthTag()]);
    return [new Stanza(['scrypt', bare(salt), String(work)], body)];
  },
});

/** Opens what was sealed to a passphrase, or throws 400 for a wrong one. What the head may say was looked at before. */
export const openedBy = (passphrase: string): Identity => ({
  unwrapFileKey: async ([stanza]) => {
    const [, salt = '', work = ''] = stanza?.args ?? [];
    const { key } = await keyOf(passphrase, Buffer.from(salt, 'base64'), Number(work));
    const opening = createDecipheriv('chacha20-poly1305', key, NONCE, { authTagLength: TAG });
    const body = stanza?.body ?? Buffer.alloc(TAG);
    opening.setAuthTag(body.subarray(-TAG));
    try {
      return Buffer.concat([opening.update(body.subarray(0, -TAG)), opening.final()]);
    } catch {
      throw new HttpProblem(400, { code: 'wrong-passphrase', values: {} });
    }
  },
});
