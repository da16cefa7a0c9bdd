import { takeOverEarlierEvents } from './earlier-events.js';
import { isAway, transaction, type Pool } from './pool.js';
import { migrations, one, run, type Db } from './sql.js';

/** What follows a migration that SQL alone cannot say. */
const STEPS: Readonly<Record<string, (db: Db) => Promise<void>>> = { '0009-events-of-devices.sql': takeOverEarlierEvents };

/**
 * Brings the database up to date; gives the names of what was applied now. Servers that start together wait for one another. Throws with
 * a sentence where a newer version used it, or where it cannot be done: then nothing of it is.
 */
export async function migrate(pool: Pool): Promise<string[]> {
  return transaction(pool, async (db) => {
    await one(db, 'club-lock');
    await run(db, 'migration-table');
    const applied = new Set((await run<{ name: string }>(db, 'migrations-applied')).map((row) => row.name));
    const known = new Set(migrations.map(({ name }) => name));
    const newer = [...applied].filter((name) => !known.has(name));
    if (newer.length > 0)
      throw new Error(
        `This database was last used by a newer Hopsk (it knows ${newer.join(', ')}, this one does not). Start that one; nothing was changed.`,
      );
    const missing = migrations.filter((migration) => !applied.has(migration.name));
    for (const { name, text } of missing) {
      try {
        await db.query(text);
        await STEPS[name]?.(db);
      } catch (error) {
        if (isAway(error)) throw error;
        throw new Error(
          `This database could not be brought up to date (${name}: ${(error as Error).message}). It is as it was; the Hopsk that used it last still opens it.`,
          { cause: error },
        );
      }
      await run(db, 'migration-record', name);
    }
    return missing.map((migration) => migration.name);
  });
}
