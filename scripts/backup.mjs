import { join, resolve } from 'node:path';
import { parseArgs } from 'node:util';
import { backup } from './lib/backup.mjs';
import { withDatabase } from './lib/postgres.mjs';
import { dataFolder, failed, Plain } from './lib/project.mjs';

const help = `npm run backup -- [options]
  --data FOLDER   the data folder (.data); DATABASE_URL names a PostgreSQL of the club's own instead
  --to FOLDER     where the backups go (the data folder's backups)
  --keep N        keep the newest N (14)`;

async function main() {
  const { values } = parseArgs({
    options: { data: { type: 'string' }, to: { type: 'string' }, keep: { type: 'string', default: '14' }, help: { type: 'boolean' } },
  });
  if (values.help) return console.log(help);
  const keep = Number(values.keep);
  if (!Number.isInteger(keep) || keep < 1 || keep > 10_000) throw new Plain(`--keep takes a whole number from 1 to 10000.\n\n${help}`);
  const data = values.data ? resolve(values.data) : dataFolder;
  const { file, bytes, gone } = await withDatabase(data, (url) =>
    backup(url, values.to ? resolve(values.to) : join(data, 'backups'), keep),
  );
  console.log(`${file} (${(bytes / 1e6).toFixed(1)} MB)${gone.length > 0 ? `; older ones taken away: ${gone.join(', ')}` : ''}`);
}

main().catch(failed);
