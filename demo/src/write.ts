import { mkdirSync, writeFileSync } from 'node:fs';
import { join } from 'node:path';
import { COACHES } from './people.js';
import { season } from './season.js';

/** Writes the demo club as a club file and its coaches. Usage: write FOLDER [LAST_DAY] */
const [folder = '.', lastDay = process.env['HOPSK_DEMO_DAY'] ?? new Date(Date.now() - 24 * 3600 * 1000).toISOString().slice(0, 10)] =
  process.argv.slice(2);
mkdirSync(folder, { recursive: true });
writeFileSync(join(folder, 'club.json'), JSON.stringify(season(lastDay)));
writeFileSync(join(folder, 'coaches.json'), JSON.stringify(COACHES));
