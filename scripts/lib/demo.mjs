import { join } from 'node:path';
import { asked } from './postgres.mjs';
import { must, node, root } from './project.mjs';

/**
 * Whom a database is for: whether it has a club, whether that is the demo, and whether there is to be no demo in it ever.
 * @returns {Promise<{ club: boolean, demo: boolean, over: boolean }>}
 */
export function houseOf(url) {
  return asked(url, async (client) => {
    const { rows } = await client.query("select to_regclass('club') is not null as club, to_regclass('house') is not null as house");
    const [has] = rows;
    const said = async (sql) => (await client.query(sql)).rows[0].said;
    return {
      club: has.club && (await said('select exists (select from club) as said')),
      demo: has.club && (await said('select exists (select from club where demo) as said')),
      over: has.house && (await said('select demo_over as said from house')),
    };
  });
}

/** No demo club is made in this database any more. */
export const endDemo = (url) => asked(url, (client) => client.query('update house set demo_over = true'));

/** The demo club, generated from its seed and loaded through the import that coaches use; where a club is, or was, nothing is made. */
export async function loadDemo(url, data, ...day) {
  const { club, over } = await houseOf(url);
  if (club) return 'a club is there already';
  if (over) return 'none: this house is its own';
  const folder = join(data, 'demo');
  await must(node, ['--import', 'tsx', join(root, 'demo/src/write.ts'), folder, ...day]);
  const loaded = await must(node, [join(root, 'server/dist/import-file.mjs'), join(folder, 'club.json'), join(folder, 'coaches.json')], {
    env: { ...process.env, DATABASE_URL: url },
  });
  return loaded.trim();
}
