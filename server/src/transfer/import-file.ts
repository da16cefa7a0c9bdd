import { readFileSync } from 'node:fs';
import * as z from 'zod/mini';
import { addClub, addCoach } from '../club/club.js';
import { CountingThreads } from '../counting/threads.js';
import { makeReady } from '../ready.js';
import { openPool, transaction } from '../db/pool.js';
import { one } from '../db/sql.js';
import { goThrough } from './club-file.js';
import { foundIn } from './read-lines.js';

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
  const counting = new CountingThreads((why) => console.error(`A run could not be counted: ${why}`));
  try {
    await makeReady(pool);
    const door = await one<{ setup: boolean }>(pool, 'door');
    if (!door?.setup) return;
    const [first, ...others] = Coaches.parse(JSON.parse(readFileSync(coachesPath, 'utf8')));
    if (!first) return;
    const name = await nameIn(clubPath);
    const { counts } = await transaction(pool, async (db) => {
      const { clubId } = await addClub(db, name, first, true);
      for (const coach of others) await addCoach(db, clubId, coach);
      return goThrough(
        db,
        clubId,
        foundIn(clubPath, () => undefined),
        {
          adds: true,
          erases: true,
          counts: counting,
          refuse: ({ line, fields }) => {
            throw new Error(`Line ${line} of ${clubPath} cannot be read: ${JSON.stringify(fields)}`);
          },
          counted: () => undefined,
        },
      );
    });
    console.log(`${counts.athletes.added} athletes, ${counts.patterns.added} patterns, ${counts.runs.added} runs`);
  } finally {
    await Promise.all([pool.end(), counting.end()]);
  }
}

async function nameIn(path: string): Promise<string> {
  for await (const found of foundIn(path, () => undefined)) if (found.kind === 'club') return found.name;
  throw new Error(`${path} is no club file.`);
}

const [club, coaches] = process.argv.slice(2);
if (club === undefined || coaches === undefined) {
  console.error('Usage: import-file CLUB.json COACHES.json');
  process.exitCode = 2;
} else await main(club, coaches);
