import { migrate } from './db/migrate.js';
import type { Pool } from './db/pool.js';
import { bringUp } from './otherwise/bring-up.js';

/** Makes a database ready for this version: its tables first, then what was typed with an earlier language. Throws as `migrate` does. */
export async function makeReady(pool: Pool): Promise<void> {
  await migrate(pool);
  await bringUp(pool);
}
