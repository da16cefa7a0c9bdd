import { join, resolve } from 'node:path';
import { parseArgs } from 'node:util';
import { buildServer } from './lib/build.mjs';
import { withDatabase } from './lib/postgres.mjs';
import { dataFolder, failed, must, node, Plain, root } from './lib/project.mjs';

const help = `npm run owner-link -- [options]
A way back in for an owner of a club, made on the machine itself: a link that works once, for two days.
  --email ADDRESS  whose; without it, whoever has owned the club of this server for longest
  --url ADDRESS    where others reach this server (http://127.0.0.1:4180)
  --data FOLDER    the data folder (.data); DATABASE_URL names a PostgreSQL of the club's own instead`;

async function main() {
  const { values } = parseArgs({
    options: {
      ...{ email: { type: 'string', default: '' }, url: { type: 'string', default: 'http://127.0.0.1:4180' } },
      ...{ data: { type: 'string' }, help: { type: 'boolean' } },
    },
  });
  if (values.help) return console.log(help);
  if (!URL.canParse(values.url)) throw new Plain(`--url takes an address such as http://127.0.0.1:4180.\n\n${help}`);
  await buildServer();
  const data = values.data ? resolve(values.data) : dataFolder;
  const said = await withDatabase(data, (url) =>
    must(node, [join(root, 'server/dist/owner-link.mjs'), new URL(values.url).origin, values.email], {
      env: { ...process.env, DATABASE_URL: url },
    }),
  );
  console.log(said.trim());
}

main().catch(failed);
