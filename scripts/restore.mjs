import { existsSync } from 'node:fs';
import { resolve } from 'node:path';
import { parseArgs } from 'node:util';
import { restore } from './lib/backup.mjs';
import { withDatabase } from './lib/postgres.mjs';
import { dataFolder, failed, Plain } from './lib/project.mjs';

const help = `npm run restore -- FILE [options]
  --data FOLDER   the data folder (.data); DATABASE_URL names a PostgreSQL of the club's own instead`;

async function main() {
  const { values, positionals } = parseArgs({ allowPositionals: true, options: { data: { type: 'string' }, help: { type: 'boolean' } } });
  if (values.help) return console.log(help);
  const [file] = positionals;
  if (positionals.length !== 1) throw new Plain(`One backup is restored at a time.\n\n${help}`);
  if (!existsSync(file)) throw new Plain(`There is no file ${file}.`);
  const { before } = await withDatabase(values.data ? resolve(values.data) : dataFolder, (url, admin) => restore(url, file, admin));
  console.log(`${file} is in place. What stood there before is kept as the database ${before}.`);
  console.log('Start Hopsk again if the backup was made by an earlier version.');
}

main().catch(failed);
