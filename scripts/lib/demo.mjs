import { join } from 'node:path';
import { must, node, root } from './project.mjs';

/** The demo club, generated from its seed and loaded through the import that coaches use; skipped when a club is there. */
export async function loadDemo(url, data, ...day) {
  const folder = join(data, 'demo');
  await must(node, ['--import', 'tsx', join(root, 'demo/src/write.ts'), folder, ...day]);
  const loaded = await must(node, [join(root, 'server/dist/import-file.mjs'), join(folder, 'club.json'), join(folder, 'coaches.json')], {
    env: { ...process.env, DATABASE_URL: url },
  });
  return loaded.trim() || 'a club is there already';
}
