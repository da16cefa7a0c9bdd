import { existsSync } from 'node:fs';
import { join, resolve } from 'node:path';
import { parseArgs } from 'node:util';
import { restore } from './lib/backup.mjs';
import { buildServer } from './lib/build.mjs';
import { withDatabase } from './lib/postgres.mjs';
import { dataFolder, failed, must, node, Plain, root } from './lib/project.mjs';

const help = `npm run restore -- FILE [options]
  --data FOLDER   the data folder (.data); DATABASE_URL names a PostgreSQL of the club's own instead`;

async function main() {
  const { values, positionals } = parseArgs({ allowPositionals: true, options: { data: { type: 'string' }, help: { type: 'boolean' } } });
  if (values.help) return console.log(help);
  const [file] = positionals;
  if (positionals.length !== 1) throw new Plain(`One backup is restored at a time.\n\n${help}`);
  if (!existsSync(file)) throw new Plain(`There is no file ${file}.`);
  const { before, said } = await withDatabase(values.data ? resolve(values.data) : dataFolder, async (url, admin) => {
    const { before } = await restore(url, file, admin);
    await buildServer();
    const said = await must(node, [join(root, 'server/dist/erase-again.mjs')], { env: { ...process.env, DATABASE_URL: url } });
    return { before, said };
  });
  console.log(`${file} is in place. What stood there before is kept as the database ${before}.`);
  if (said.trim() !== '') console.log(said.trim());
}

main().catch(failed);
