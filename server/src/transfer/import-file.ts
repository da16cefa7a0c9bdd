import { readFileSync } from 'node:fs';
import { ClubFile } from '@hopsk/contract/club-file';
import * as z from 'zod/mini';
import { addClub, addCoach } from '../club/club.js';
import { migrate } from '../db/migrate.js';
import { openPool, transaction } from '../db/pool.js';
import { one } from '../db/sql.js';
import { importClub } from './club-file.js';

/** People who may sign in to a club made from a file. */
const Coaches = z
  .array(z.object({ name: z.string(), email: z.email(), password: z.string().check(z.minLength(10)) }))
  .check(z.minLength(1));

/**
 * Makes a demo club from a club file and a list of coaches, through the same import that coaches use.
 * Does nothing when the server has a club already. Usage: import-file CLUB.json COACHES.json
 */
async function main(clubPath: string, coachesPath: string): Promise<void> {
  const pool = openPool(process.env['DATABASE_URL'] ?? '', () => undefined);
  try {
    await migrate(pool);
    const door = await one<{ setup: boolean }>(pool, 'door');
    if (!door?.setup) return;
    const file = ClubFile.parse(JSON.parse(readFileSync(clubPath, 'utf8')));
    const [first, ...others] = Coaches.parse(JSON.parse(readFileSync(coachesPath, 'utf8')));
    if (!first) return;
    const imported = await transaction(pool, async (db) => {
      const { clubId } = await addClub(db, file.club.name, first, true);
      for (const coach of others) await addCoach(db, clubId, coach);
      return importClub(db, clubId, file);
    });
    console.log(`${imported.athletes.added} athletes, ${imported.patterns.added} patterns, ${imported.runs.added} runs`);
  } finally {
    await pool.end();
  }
}

const [club, coaches] = process.argv.slice(2);
if (club === undefined || coaches === undefined) {
  console.error('Usage: import-file CLUB.json COACHES.json');
  process.exitCode = 2;
} else await main(club, coaches);
