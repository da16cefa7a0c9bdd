import { readFileSync } from 'node:fs';
import { extname, join, relative } from 'node:path';
import { filesBelow, root } from './lib/project.mjs';

/**
 * The share of tests in the code, by non-blank lines. Tests are *.spec.ts and what stands in e2e/; demo data, fixtures and what tools make are left out.
 * Usage: npm run ratio [-- --json]
 */
const KINDS = new Set(['.ts', '.mjs', '.html', '.scss', '.sql', '.grammar']);
const DATA = /^fixtures\/|^words\/marked\/|^demo\/src\/(people|patterns|starters)\.ts$|\.generated\.ts$/;

const lines = { code: 0, tests: 0 };
const byFolder = {};
for (const file of filesBelow(root)) {
  const path = relative(root, file);
  if (!KINDS.has(extname(path)) || DATA.test(path) || path.startsWith('.')) continue;
  const kind = /\.spec\.ts$/.test(path) || path.startsWith('e2e/') ? 'tests' : 'code';
  const count = readFileSync(join(root, path), 'utf8')
    .split('\n')
    .filter((line) => line.trim() !== '').length;
  lines[kind] += count;
  const folder = path.split('/')[0];
  byFolder[folder] ??= { code: 0, tests: 0 };
  byFolder[folder][kind] += count;
}
const share = lines.tests / (lines.code + lines.tests);
if (process.argv.includes('--json')) console.log(JSON.stringify({ ...lines, share, byFolder }));
else {
  for (const [folder, { code, tests }] of Object.entries(byFolder))
    console.log(`${folder.padEnd(10)} code ${String(code).padStart(6)}  tests ${String(tests).padStart(6)}`);
  console.log(`tests are ${(share * 100).toFixed(1)} % of ${lines.code + lines.tests} non-blank lines`);
}
