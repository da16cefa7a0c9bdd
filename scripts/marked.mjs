import { existsSync, mkdirSync, readFileSync, rmSync, writeFileSync } from 'node:fs';
import { join } from 'node:path';
import { markedFiles } from './lib/marked.mjs';
import { root } from './lib/project.mjs';

/**
 * Makes the test language anew; to be run after any change of the English words.
 * Usage: npm run marked [-- --check]  (--check only says whether it is made from the English of today)
 */
const files = await markedFiles();
if (process.argv.includes('--check')) {
  for (const [path, text] of files)
    if (!existsSync(join(root, path)) || readFileSync(join(root, path), 'utf8') !== text) {
      console.error(`${path} is not what English says; run npm run marked.`);
      process.exitCode = 1;
    }
} else {
  rmSync(join(root, 'words/marked'), { recursive: true, force: true });
  mkdirSync(join(root, 'words/marked'));
  for (const [path, text] of files) writeFileSync(join(root, path), text);
}
