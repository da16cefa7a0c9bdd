import { mkdtempSync, readFileSync, rmSync } from 'node:fs';
import { tmpdir } from 'node:os';
import { join } from 'node:path';
import { buildServer, buildWeb } from './lib/build.mjs';
import { ensureChromium } from './lib/chromium.mjs';
import { throwAwayPostgres } from './lib/house.mjs';
import { ensurePackages } from './lib/packages.mjs';
import { ensurePostgres } from './lib/postgres.mjs';
import { exec, node, Plain, root, tools } from './lib/project.mjs';

/**
 * Everything that must hold, stage by stage; stops at the first stage that fails.
 * Usage: npm test [-- STAGE ...] [-- --long]  (all without a name; --long: ten times the cases of each property).
 * Ends with 'N passed, N failed' over all stages run.
 */

/** The app itself, templates and all, is checked by its build. */
const PROJECTS = ['core', 'contract', 'server', 'demo', 'bench', 'cli', 'e2e', 'web/tsconfig.spec.json'];
const CRUISED = ['core', 'contract', 'server/src', 'web/src', 'demo', 'bench', 'cli/src', 'e2e'];

const CORES = 2;
const sum = { passed: 0, failed: 0 };

/** A check without specs of its own counts as one; its commands run two at a time. */
async function check(...commands) {
  for (let at = 0; at < commands.length; at += CORES) {
    const results = await Promise.all(commands.slice(at, at + CORES).map((args) => exec(node, args)));
    const bad = results.find((result) => result.code !== 0);
    if (bad) return { passed: 0, failed: 1, output: bad.output };
  }
  return { passed: 1, failed: 0 };
}

/** Runs Jasmine or Karma, whose last count of specs and failures is taken. */
async function specs(args, options, counts) {
  const { code, output } = await exec(node, args, options);
  const [all, bad] = counts.map((count) => Number([...output.matchAll(count)].at(-1)?.[1] ?? 0));
  return { passed: Math.max(0, all - bad), failed: bad || (code === 0 ? 0 : 1), output };
}

const jasmine = (workspace, env = {}) =>
  specs(
    ['--import', 'tsx', tools.jasmine, '--config=jasmine.json', '--no-color'],
    { cwd: join(root, workspace), env: { ...process.env, ...env } },
    [/(\d+) specs?, \d+ failures?/g, /\d+ specs?, (\d+) failures?/g],
  );

async function serverSpecs() {
  const postgres = await throwAwayPostgres();
  try {
    return await jasmine('server', { HOPSK_TEST_DATABASE: postgres.address('postgres') });
  } finally {
    await postgres.stop();
  }
}

const webSpecs = () =>
  specs([tools.ng, 'test'], { cwd: join(root, 'web'), env: { ...process.env, NG_CLI_ANALYTICS: 'false' } }, [
    /Executed \d+ of (\d+)/g,
    /\((\d+) FAILED\)/g,
  ]);

/** What each page showed when its test failed, so that a failure on another machine can be understood from its print. */
function pagesAtFailure(report) {
  const specs = (suite) => [...(suite.specs ?? []), ...(suite.suites ?? []).flatMap(specs)];
  return report.suites
    .flatMap(specs)
    .flatMap((spec) => spec.tests.flatMap((test) => test.results))
    .flatMap((result) => result.attachments ?? [])
    .filter((attachment) => attachment.name === 'error-context' && attachment.path)
    .map((attachment) => readFileSync(attachment.path, 'utf8').slice(0, 6000))
    .join('\n');
}

async function endToEnd() {
  const folder = mkdtempSync(join(tmpdir(), 'hopsk-e2e-'));
  const report = join(folder, 'report.json');
  try {
    const { code, output } = await exec(node, [tools.playwright, 'test', '--config', 'e2e/playwright.config.ts'], {
      env: { ...process.env, PLAYWRIGHT_JSON_OUTPUT_NAME: report, FORCE_COLOR: '0' },
    });
    const read = JSON.parse(readFileSync(report, 'utf8'));
    const { expected, unexpected, flaky } = read.stats;
    return {
      passed: expected,
      failed: unexpected + flaky || (code === 0 ? 0 : 1),
      output: `${pagesAtFailure(read)}\n${output.slice(-6000)}`,
    };
  } finally {
    rmSync(folder, { recursive: true, force: true });
  }
}

const STAGES = [
  ['lint', () => check([tools.eslint, '.'], [tools.prettier, '--check', '.'])],
  ['grammar', () => check(['scripts/grammar.mjs', '--check'])],
  ['types', () => check(...PROJECTS.map((project) => [tools.tsc, '-p', project, '--noEmit']))],
  ['imports', () => check([tools.depcruise, '--config', '.dependency-cruiser.cjs', ...CRUISED])],
  ['core', () => jasmine('core')],
  ['contract', () => jasmine('contract')],
  ['demo', () => jasmine('demo')],
  ['cli', () => jasmine('cli')],
  ['server', serverSpecs],
  ['web', webSpecs],
  ['build', async () => void (await buildServer(), await buildWeb())],
  ['end to end', endToEnd],
];

async function stage(name, work) {
  const began = Date.now();
  process.stdout.write(`${name} … `);
  const result = (await work()) ?? { passed: 0, failed: 0 };
  const seconds = ((Date.now() - began) / 1000).toFixed(1);
  sum.passed += result.passed;
  sum.failed += result.failed;
  process.stdout.write(`${result.failed > 0 ? 'FAILED' : 'ok'}, ${result.passed} passed, ${result.failed} failed (${seconds} s)\n`);
  if (result.failed > 0)
    throw new Plain(`${(result.output ?? '').trim().slice(-12000)}\n\nThe stage ‘${name}’ failed; later ones were not run.`);
}

async function run(wanted) {
  const unknown = wanted.filter((name) => !STAGES.some(([known]) => known === name));
  if (unknown.length > 0) throw new Plain(`There is no stage ${unknown.join(', ')}. Stages: ${STAGES.map(([name]) => name).join(', ')}.`);
  await stage('tools', async () => {
    await ensurePackages();
    await ensurePostgres();
    process.env.CHROME_BIN = await ensureChromium();
  });
  for (const [name, work] of STAGES) if (wanted.length === 0 || wanted.includes(name)) await stage(name, work);
}

async function main() {
  let trouble = null;
  try {
    const words = process.argv.slice(2);
    if (words.includes('--long')) process.env.HOPSK_CASES = '3000';
    await run(words.filter((word) => word !== '--long'));
  } catch (error) {
    trouble = error;
    // A stage that could not even begin has failed as well.
    sum.failed = Math.max(1, sum.failed);
    console.error(error instanceof Plain ? `\n${error.message}` : error);
  }
  console.log(`\n${sum.passed} passed, ${sum.failed} failed`);
  process.exit(trouble === null ? 0 : 1);
}

await main();
