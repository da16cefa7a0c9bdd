import { once } from 'node:events';
import type { Response } from 'express';

/** An answer that nobody takes a byte of for so long (ms) is broken off: who stops reading holds no connection to the database for ever. */
const STALLED = 60_000;

/** Sends an answer piece by piece, as fast as it is read; stops where nobody reads it any more. Ending it is the caller's. */
export async function streamed(response: Response, pieces: AsyncIterable<string | Uint8Array>): Promise<void> {
  response.setTimeout(STALLED);
  for await (const piece of pieces) {
    if (response.destroyed) return;
    if (!response.write(piece)) await Promise.race([once(response, 'drain'), once(response, 'close')]);
  }
}
