import { mkdtempSync, readFileSync, rmSync } from 'node:fs';
import { tmpdir } from 'node:os';
import { join, relative } from 'node:path';
import { buildServer, buildWeb } from './build.mjs';
import { tryFresh } from './fresh.mjs';
import { throwAwayPostgres } from './house.mjs';
import { exec, filesBelow, node, Plain, root, tools } from './project.mjs';

/**
 * The stages of the test command. Each gives `{ passed, failed, output }`; `cores` is how many of the machine's it keeps busy,
 * `chance` says that it is worth repeating: what it does depends on time, order or random cases.
 */

/** What shares its types is one program. The app itself, templates and all, is checked by its build. */
const PROJECTS = ['core', 'tsconfig.node.json', 'tsconfig.browser.json', 'web/tsconfig.checked.json'];
const CRUISED = ['core', 'contract', 'words', 'server/src', 'web/src', 'demo', 'bench', 'cli/src', 'e2e'];

/** A check without specs of its own counts as one. */
async function check(options, ...commands) {
  for (const args of commands) {
    const result = await exec(node, args, { show: options.show });
    if (result.code !== 0) return { passed: 0, failed: 1, output: result.output };
  }
  return { passed: 1, failed: 0 };
}

/** Runs Jasmine or Karma, whose last count of specs and failures is taken. */
async function specs(args, options, counts) {
  const { code, output } = await exec(node, args, options);
  const [all, bad] = counts.map((count) => Number([...output.matchAll(count)].at(-1)?.[1] ?? 0));
  const [, note = null] = /^(slowest: .*)$/m.exec(output) ?? [];
  return { passed: Math.max(0, all - bad), failed: bad || (code === 0 ? 0 : 1), output, note };
}

/** The specs of a folder whose path holds what `--only` said. */
function specsNamed(folder, only, ending) {
  const found = filesBelow(join(root, folder))
    .map((file) => relative(join(root, folder), file))
    .filter((file) => file.endsWith(ending) && file.includes(only));
  if (found.length === 0) throw new Plain(`There is no spec ${only} in ${folder}.`);
  return found;
}

const jasmine =
  (workspace, env = {}) =>
  ({ only, show, order }) =>
    specs(
      [
        ...[
          '--import',
          'tsx',
          tools.jasmine,
          '--config=jasmine.json',
          // A path of its own: Jasmine takes others from where the specs are, and says nothing when there is none.
          `--helper=${join(root, 'scripts/lib/patience.mjs')}`,
          '--no-color',
          `--seed=${order}`,
        ],
        ...(only ? specsNamed(workspace, only, '.spec.ts') : []),
      ],
      { cwd: join(root, workspace), env: { ...process.env, ...env }, show },
      [/(\d+) specs?, \d+ failures?/g, /\d+ specs?, (\d+) failures?/g],
    );

async function serverSpecs(options) {
  // The counting threads of the specs are the server's own.
  await buildServer();
  const postgres = await throwAwayPostgres();
  try {
    return await jasmine('server', { HOPSK_TEST_DATABASE: postgres.address('postgres') })(options);
  } finally {
    await postgres.stop();
  }
}

async function webSpecs({ only, show, order }) {
  const result = await specs(
    [tools.ng, 'test', ...(only ? specsNamed('web', only, '.spec.ts').flatMap((file) => ['--include', file]) : [])],
    { cwd: join(root, 'web'), env: { ...process.env, NG_CLI_ANALYTICS: 'false', HOPSK_ORDER: order }, show },
    [/Executed \d+ of (\d+)/g, /\((\d+) FAILED\)/g],
  );
  return { ...result, output: `${result.output}\nThe same order again: HOPSK_ORDER=${order}` };
}

/** Each test of the real interface with what came of it. */
function resultsOf(report) {
  const specsOf = (suite) => [...(suite.specs ?? []), ...(suite.suites ?? []).flatMap(specsOf)];
  return report.suites.flatMap(specsOf).flatMap((spec) => spec.tests.flatMap((test) => test.results.map((result) => ({ spec, result }))));
}

/** Where the time goes: the files by how long their tests took together. */
function slowestOf(report) {
  const files = new Map();
  for (const { spec, result } of resultsOf(report)) files.set(spec.file, (files.get(spec.file) ?? 0) + result.duration / 1000);
  const slowest = [...files].sort(([, a], [, b]) => b - a);
  return slowest.map(([file, seconds]) => `${file.replace('.e2e.ts', '')} ${seconds.toFixed(0)}`).join(', ');
}

/** What is said of all failures together: what is printed of a stage is cut at its front. */
const SAID = 12_000;

/** Where each test of the real interface failed, its picture, what the page showed then; and the list of them last. */
function failuresOf(report) {
  const failed = resultsOf(report).filter(({ result }) => !['passed', 'skipped'].includes(result.status));
  const where = ({ spec, result }) => `${spec.file}:${(result.error?.location ?? spec).line} ‘${spec.title}’`;
  const each = failed.map(({ spec, result }) => {
    const attached = (name) => result.attachments?.find((one) => one.name === name && one.path)?.path;
    const context = attached('error-context');
    return [
      where({ spec, result }),
      `picture: ${attached('screenshot') ?? 'none could be taken'}`,
      ...(context ? [readFileSync(context, 'utf8').slice(0, SAID / failed.length)] : []),
    ].join('\n');
  });
  return [...each, ...failed.map((one) => `failed: ${where(one)}: ${(one.result.error?.message ?? '').split('\n')[0]}`)].join('\n\n');
}

async function endToEnd({ only, show }) {
  const folder = mkdtempSync(join(tmpdir(), 'hopsk-e2e-'));
  const report = join(folder, 'report.json');
  try {
    const files = only ? specsNamed('e2e', only, '.e2e.ts') : [];
    const { code, output } = await exec(node, [tools.playwright, 'test', '--config', 'e2e/playwright.config.ts', ...files], {
      env: { ...process.env, PLAYWRIGHT_JSON_OUTPUT_NAME: report, FORCE_COLOR: '0' },
      show,
    });
    const read = JSON.parse(readFileSync(report, 'utf8'));
    const { expected, unexpected, flaky } = read.stats;
    return {
      passed: expected,
      failed: unexpected + flaky || (code === 0 ? 0 : 1),
      output: `${output.slice(-6000)}\n${failuresOf(read)}`,
      note: `(seconds of two at a time: ${slowestOf(read)})`,
    };
  } finally {
    rmSync(folder, { recursive: true, force: true });
  }
}

export const STAGES = [
  { name: 'lint', cores: 1, run: (options) => check(options, [tools.eslint, '.'], [tools.prettier, '--check', '.']) },
  // It builds a copy of its own and takes longest: it runs beside all that follows on the other core.
  { name: 'fresh', cores: 1, run: tryFresh },
  {
    name: 'types',
    cores: 1,
    run: (options) =>
      check(
        options,
        ['scripts/grammar.mjs', '--check'],
        ['scripts/marked.mjs', '--check'],
        ...PROJECTS.map((project) => [tools.tsc, '-p', project, '--noEmit']),
      ),
  },
  {
    name: 'imports',
    cores: 1,
    run: (options) =>
      check(
        options,
        [tools.depcruise, '--config', '.dependency-cruiser.cjs', ...CRUISED],
        [tools.knip, '--no-progress'],
        ['scripts/docs.mjs'],
        ['scripts/one-word.mjs'],
      ),
  },
  // The longest of those with specs goes first: what is short fills up the other core beside it.
  { name: 'server', cores: 1, chance: true, run: serverSpecs },
  { name: 'core', cores: 1, chance: true, run: jasmine('core') },
  { name: 'contract', cores: 1, chance: true, run: jasmine('contract') },
  { name: 'words', cores: 1, chance: true, run: jasmine('words') },
  { name: 'demo', cores: 1, chance: true, run: jasmine('demo') },
  { name: 'cli', cores: 1, chance: true, run: jasmine('cli') },
  { name: 'web', cores: 1, chance: true, run: webSpecs },
  { name: 'build', cores: 2, run: async () => void (await Promise.all([buildServer(), buildWeb()])) },
  { name: 'end to end', cores: 2, chance: true, run: endToEnd },
];
