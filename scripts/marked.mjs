import { mkdirSync, rmSync, writeFileSync } from 'node:fs';
import { join } from 'node:path';
import { markedFiles } from './lib/marked.mjs';
import { root } from './lib/project.mjs';

/** Makes the test language anew. */
const folder = join(root, 'words/marked');
rmSync(folder, { recursive: true, force: true });
mkdirSync(folder);
for (const [name, text] of markedFiles()) writeFileSync(join(folder, name), text);
