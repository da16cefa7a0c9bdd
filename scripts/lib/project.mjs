import { spawn } from 'node:child_process';
import { createHash } from 'node:crypto';
import { existsSync, mkdirSync, readdirSync, readFileSync, statSync, writeFileSync } from 'node:fs';
import { dirname, join, relative } from 'node:path';
import { fileURLToPath } from 'node:url';

/** The project's own folder, and the ignored one in which it keeps what it makes. */
export const root = dirname(dirname(dirname(fileURLToPath(import.meta.url))));
export const dataFolder = join(root, '.data');
export const isRoot = process.getuid?.() === 0;

/** A failure with a sentence for the person at the terminal; no stack is shown. */
export class Plain extends Error {}

/** Prints one line for a step, with its time when it is done. */
export async function step(name, work) {
  const began = Date.now();
  process.stdout.write(`${name} …`);
  const said = await work();
  const seconds = ((Date.now() - began) / 1000).toFixed(1);
  process.stdout.write(`\r${name}: ${said ?? 'done'} (${seconds} s)\n`);
}

/**
 * Runs a program to its end and gives its exit code and output.
 * With `show`, the output also goes to the terminal as it comes.
 */
export function exec(command, args, { show = false, ...options } = {}) {
  return new Promise((done, fail) => {
    const child = spawn(command, args, { cwd: root, stdio: ['ignore', 'pipe', 'pipe'], ...options });
    let output = '';
    const take = (chunk) => {
      output += chunk;
      if (show) process.stdout.write(chunk);
    };
    child.stdout.on('data', take);
    child.stderr.on('data', take);
    child.once('error', fail);
    child.once('close', (code) => done({ code: code ?? 1, output }));
  });
}

/** As `exec`, but a failure ends with what the program said. */
export async function must(command, args, options) {
  const result = await exec(command, args, options).catch((error) => ({ code: 1, output: error.message }));
  if (result.code !== 0) throw new Plain(`${command} ${args.slice(0, 3).join(' ')} failed:\n${result.output.trim().slice(-4000)}`);
  return result.output;
}

const bin = (path) => join(root, 'node_modules', path);
export const tools = {
  ng: bin('@angular/cli/bin/ng.js'),
  // The compiler that only checks: ten times as fast as the one in JavaScript, which Angular and the linter build with.
  tsc: bin('typescript-7/bin/tsc'),
  jasmine: bin('jasmine/bin/jasmine.js'),
  eslint: bin('eslint/bin/eslint.js'),
  prettier: bin('prettier/bin/prettier.cjs'),
  depcruise: bin('dependency-cruiser/bin/dependency-cruise.mjs'),
  knip: bin('knip/bin/knip.js'),
  playwright: bin('@playwright/test/cli.js'),
};
export const node = process.execPath;

/** All files below a folder, in order, without what tools make. */
export function filesBelow(folder) {
  const skip = new Set(['node_modules', 'dist', '.angular', '.data', 'test-results']);
  return readdirSync(folder, { withFileTypes: true })
    .filter((entry) => !skip.has(entry.name))
    .sort((a, b) => (a.name < b.name ? -1 : 1))
    .flatMap((entry) => (entry.isDirectory() ? filesBelow(join(folder, entry.name)) : [join(folder, entry.name)]));
}

function fingerprint(parts) {
  const hash = createHash('sha256');
  for (const part of parts) {
    const path = join(root, part);
    if (!existsSync(path)) continue;
    for (const file of statSync(path).isDirectory() ? filesBelow(path) : [path]) {
      if (!/\.spec\.ts$/.test(file)) hash.update(relative(root, file)).update('\0').update(readFileSync(file)).update('\0');
    }
  }
  return hash.digest('hex');
}

/** Does `work` unless it was done before with the same contents of `parts`; gives whether it was done now. */
export async function unlessFresh(stampFile, parts, work) {
  const now = fingerprint(parts);
  if (existsSync(stampFile) && readFileSync(stampFile, 'utf8') === now) return false;
  await work();
  mkdirSync(dirname(stampFile), { recursive: true });
  writeFileSync(stampFile, now);
  return true;
}

/** Ends the process with a plain sentence for what is our own, with a stack for what is not. */
export function failed(error) {
  process.stdout.write('\n');
  console.error(error instanceof Plain ? error.message : error);
  process.exit(1);
}
