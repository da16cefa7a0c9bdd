import { takeOverEarlierEvents } from './earlier-events.js';
import { transaction, type Pool } from './pool.js';
import { migrations, one, run, type Db } from './sql.js';

/** What follows a migration that SQL alone cannot say. */
const STEPS: Readonly<Record<string, (db: Db) => Promise<void>>> = { '0009-events-of-devices.sql': takeOverEarlierEvents };

/** Brings the database up to date; gives the names of what was applied now. Servers that start together wait for one another. */
export async function migrate(pool: Pool): Promise<string[]> {
  return transaction(pool, async (db) => {
    await one(db, 'club-lock');
    await run(db, 'migration-table');
    const applied = new Set((await run<{ name: string }>(db, 'migrations-applied')).map((row) => row.name));
    const missing = migrations.filter((migration) => !applied.has(migration.name));
    for (const migration of missing) {
      await db.query(migration.text);
      await STEPS[migration.name]?.(db);
      await run(db, 'migration-record', migration.name);
    }
    return missing.map((migration) => migration.name);
  });
}
