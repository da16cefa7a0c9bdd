import { randomBytes } from 'node:crypto';
import { mkdirSync, writeFileSync } from 'node:fs';
import { join } from 'node:path';
import { COACHES } from './people.js';
import { season } from './season.js';

/** Writes the demo club as a club file and its coaches. Usage: write FOLDER [LAST_DAY] */
const [folder = '.', lastDay = process.env['HOPSK_DEMO_DAY'] ?? new Date(Date.now() - 24 * 3600 * 1000).toISOString().slice(0, 10)] =
  process.argv.slice(2);
mkdirSync(folder, { recursive: true, mode: 0o700 });
writeFileSync(join(folder, 'club.json'), JSON.stringify(season(lastDay)));
// Whoever enters a demo needs no password; who signs in to it has one that nobody else's demo has.
const coaches = COACHES.map((coach) => ({ ...coach, password: randomBytes(18).toString('base64url') }));
writeFileSync(join(folder, 'coaches.json'), JSON.stringify(coaches), { mode: 0o600 });
