import { existsSync, mkdirSync, readFileSync, rmSync, writeFileSync } from 'node:fs';
import { join } from 'node:path';
import { markedFiles } from './lib/marked.mjs';
import { root } from './lib/project.mjs';

/**
 * Makes the test language anew; to be run after any change of the English words.
 * Usage: npm run marked [-- --check]  (--check only says whether it is made from the English of today)
 */
const folder = join(root, 'words/marked');
const files = await markedFiles();
if (process.argv.includes('--check')) {
  for (const [name, text] of files)
    if (!existsSync(join(folder, name)) || readFileSync(join(folder, name), 'utf8') !== text) {
      console.error(`words/marked/${name} is not what words/en says; run npm run marked.`);
      process.exitCode = 1;
    }
} else {
  rmSync(folder, { recursive: true, force: true });
  mkdirSync(folder);
  for (const [name, text] of files) writeFileSync(join(folder, name), text);
}
