import { execFileSync } from 'node:child_process';
import { existsSync, mkdtempSync, rmSync, symlinkSync, writeFileSync } from 'node:fs';
import { tmpdir } from 'node:os';
import { join } from 'node:path';
import { build } from 'esbuild';
import { root } from './lib/project.mjs';

/**
 * Keeps the language of a revision as it was, so that lines which were saved with it can be read as they were meant: its readers and
 * printers in one file, as data. To be run with the last revision before a change by which anything that could be typed before is read
 * otherwise; LANGUAGE is raised with that change. An engine is kept for the specs alone: today's code does what an earlier one did, behind
 * its number, and is held against it.
 * Usage: npm run freeze -- language|engine NUMBER REVISION
 */
const [what, number, revision] = process.argv.slice(2);
if (!['language', 'engine'].includes(what) || !/^\d+$/.test(number ?? '') || !revision)
  throw new Error('What is kept, its number and a revision are needed: language 1 402e2a8, say.');
const commit = execFileSync('git', ['rev-parse', '--verify', `${revision}^{commit}`], { cwd: root, encoding: 'utf8' }).trim();
const folder = mkdtempSync(join(tmpdir(), 'hopsk-freeze-'));
try {
  const sources = execFileSync('git', ['archive', commit, 'core', 'tsconfig.base.json'], { cwd: root, maxBuffer: 2 ** 28 });
  execFileSync('tar', ['x', '-C', folder], { input: sources });
  symlinkSync(join(root, 'node_modules'), join(folder, 'node_modules'));
  const printed = existsSync(join(folder, 'core/language/dose-print.ts')) ? 'dose-print' : 'dose-text';
  const engine = ["export { parse } from './core/language/parse.js';", "export { simulate } from './core/motion/simulate.js';"];
  const language = [
    "export { parse } from './core/language/parse.js';",
    "export { printPattern } from './core/language/print.js';",
    "export { readDose } from './core/language/dose-text.js';",
    `export { printDose } from './core/language/${printed}.js';`,
  ];
  writeFileSync(join(folder, 'entry.ts'), (what === 'engine' ? engine : language).join('\n'));
  const made = await build({
    ...{ absWorkingDir: folder, entryPoints: ['entry.ts'], bundle: true, write: false },
    ...{ format: 'esm', target: 'es2022', legalComments: 'none', minifySyntax: true, external: ['@lezer/lr', '@lezer/common'] },
  });
  const head = `// Made by npm run freeze -- ${what} ${number} from ${commit.slice(0, 12)}; never changed afterwards.\n// @ts-nocheck\n`;
  const text = made.outputFiles[0]?.text.replace(/^\/\/ .*\n/gm, '') ?? '';
  const place = what === 'engine' ? 'core/testing/engine' : 'core/language/earlier/language';
  writeFileSync(join(root, `${place}-${number}.generated.ts`), head + text);
  console.log(`${what} ${number}: ${Math.round(text.length / 1024)} kB`);
} finally {
  rmSync(folder, { recursive: true, force: true });
}
