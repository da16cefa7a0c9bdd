import { once } from 'node:events';
import { createWriteStream } from 'node:fs';
import { rm } from 'node:fs/promises';
import { pipeline } from 'node:stream/promises';

/** Writes what comes into a new file that only this server's user reads; where it fails, none is left behind. */
export async function toFile(source: AsyncIterable<Uint8Array>, path: string): Promise<void> {
  const file = createWriteStream(path, { flags: 'wx', mode: 0o600 });
  try {
    await pipeline(source, file);
  } catch (error) {
    // A file that is still being opened appears after it was taken away.
    if (!file.closed) await once(file, 'close');
    await rm(path, { force: true });
    throw error;
  }
}
