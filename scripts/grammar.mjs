import { readFileSync, writeFileSync } from 'node:fs';
import { join } from 'node:path';
import { grammarFiles } from './lib/grammar.mjs';
import { root } from './lib/project.mjs';

/**
 * Writes the parser that the grammar of the line of steps describes; to be run after any change of the grammar.
 * Usage: npm run grammar [-- --check]  (--check only says whether the written parser is that of the grammar)
 */
for (const [path, text] of Object.entries(grammarFiles())) {
  const file = join(root, path);
  if (!process.argv.includes('--check')) writeFileSync(file, text);
  else if (readFileSync(file, 'utf8') !== text) {
    console.error(`${path} is not what the grammar says; run npm run grammar.`);
    process.exitCode = 1;
  }
}
