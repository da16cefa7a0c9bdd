import { createReadStream } from 'node:fs';
import { open, stat } from 'node:fs/promises';
import { Readable } from 'node:stream';
import { pipeline } from 'node:stream/promises';
import type { ReadableStream } from 'node:stream/web';
import { createGzip } from 'node:zlib';
import { Decrypter, Encrypter } from 'age-encryption';
import { HttpProblem } from '../http/problem.js';
import { openedBy, sealedBy, WORK, type PassphraseKey } from './passphrase.js';
import { toFile } from './to-file.js';

/** First line of a sealed file: https://age-encryption.org/v1, so that whoever has the passphrase opens it without us. */
const MAGIC = 'age-encryption.org/v1\n';
/** A head as a passphrase makes it: one recipient, whose work is the last word of its line. */
const HEAD = /^age-encryption\.org\/v1\n-> scrypt [A-Za-z0-9+/]{22} ([1-9][0-9]?)\n[A-Za-z0-9+/]{43}\n--- [A-Za-z0-9+/]{43}\n/;
/** Bytes that are enough for it. */
const HEAD_BYTES = 256;

type Bytes = ReadableStream<Uint8Array>;
const fromWeb = (stream: unknown): Readable => Readable.fromWeb(stream as Bytes);
const toWeb = (stream: Readable): globalThis.ReadableStream<Uint8Array> => Readable.toWeb(stream);

/** A text, piece by piece, packed and sealed as it comes: no more of it is held than a piece. */
export async function* sealed(pieces: AsyncIterable<string>, key: PassphraseKey): AsyncGenerator<Uint8Array> {
  const to = new Encrypter();
  to.addRecipient(sealedBy(key));
  const packed = createGzip();
  const packing = pipeline(pieces, packed);
  packing.catch(() => undefined);
  try {
    yield* fromWeb(await to.encrypt(toWeb(packed)));
    await packing;
  } finally {
    packed.destroy();
    // Whoever stops in between still waits until nothing more is read for it.
    await packing.catch(() => undefined);
  }
}

async function headOf(path: string): Promise<string> {
  const file = await open(path);
  try {
    const { buffer, bytesRead } = await file.read(Buffer.alloc(HEAD_BYTES), 0, HEAD_BYTES, 0);
    return buffer.toString('latin1', 0, bytesRead);
  } finally {
    await file.close();
  }
}

/** Whether a file is a sealed one. Throws 400 where it is sealed in another way than by a passphrase, or with more work than is done here. */
export async function isSealed(path: string): Promise<boolean> {
  const head = await headOf(path);
  if (!head.startsWith(MAGIC)) return false;
  const work = HEAD.exec(head)?.[1];
  if (work === undefined || Number(work) > WORK.most) throw new HttpProblem(400, { code: 'sealed-otherwise', values: {} });
  return true;
}

/**
 * Opens a sealed file into another. Throws 400: `wrong-passphrase` before anything of it is read, and `sealed-broken` where it was cut or
 * changed since.
 * @param through told how much of the file was gone through, 0 to 1.
 */
export async function unseal(path: string, to: string, passphrase: string, through: (part: number) => void): Promise<void> {
  const { size } = await stat(path);
  const opening = new Decrypter();
  opening.addIdentity(openedBy(passphrase));
  const source = Readable.from(
    told(createReadStream(path), (bytes) => through(bytes / size)),
    { objectMode: false },
  );
  try {
    await toFile(fromWeb(await opening.decrypt(toWeb(source))), to);
  } catch (error) {
    // What the disk says is its own.
    if (error instanceof HttpProblem || (error as NodeJS.ErrnoException).syscall !== undefined) throw error;
    throw new HttpProblem(400, { code: 'sealed-broken', values: {} });
  } finally {
    source.destroy();
  }
}

async function* told(parts: AsyncIterable<Buffer>, gone: (bytes: number) => void): AsyncGenerator<Buffer> {
  let all = 0;
  for await (const part of parts) {
    gone((all += part.length));
    yield part;
  }
}
