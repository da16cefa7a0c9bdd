import { makeReady } from '../ready.js';
import { openPool, transaction } from '../db/pool.js';
import { run } from '../db/sql.js';
import { eraseAgain } from './erasing.js';

/** For a restored database: brings it up to date and erases again whoever was erased since the backup was made. Usage: erase-again */
async function main(): Promise<void> {
  const pool = openPool(process.env['DATABASE_URL'] ?? '', () => undefined);
  try {
    await makeReady(pool);
    let erased = 0;
    for (const { id } of await run<{ id: string }>(pool, 'clubs')) erased += await transaction(pool, (db) => eraseAgain(db, id));
    if (erased > 0) console.log(`People who had been erased since the backup was made, and were erased again: ${erased}.`);
  } finally {
    await pool.end();
  }
}

await main();
