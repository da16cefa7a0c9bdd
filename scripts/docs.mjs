import { existsSync, readFileSync } from 'node:fs';
import { dirname, join, relative } from 'node:path';
import { filesBelow, root } from './lib/project.mjs';

/** Every path of ours that a document names is there. */
const OURS = /`((?:core|contract|server|web|cli|demo|bench|e2e|scripts|fixtures|docs)\/[\w./-]+)`|\]\((?!https?:|#)([\w./-]+)\)/g;

const wrong = filesBelow(root)
  .filter((file) => file.endsWith('.md'))
  .flatMap((file) =>
    [...readFileSync(file, 'utf8').matchAll(OURS)]
      .filter(([, code, link]) => !existsSync(code ? join(root, code) : join(dirname(file), link)))
      .map(([, code, link]) => `${relative(root, file)} names ${code ?? link}, which is not there`),
  );
for (const one of wrong) console.error(one);
process.exit(wrong.length > 0 ? 1 : 0);
