import { mkdtempSync, readFileSync, rmSync, writeFileSync } from 'node:fs';
import { tmpdir } from 'node:os';
import { join } from 'node:path';
import { keptSteps } from '@hopsk/core/language/earlier/kept';
import { readPatternFile } from '@hopsk/core/language/pattern-file';
import { understand } from '@hopsk/core/language/plain';
import { parse } from '@hopsk/core/language/parse';
import { COMMANDS } from './commands.js';
import { main } from './main.js';
import { HELP } from './options.js';

const page = (name: string): string => readFileSync(new URL(`../../docs/${name}.md`, import.meta.url), 'utf8');
const blocks = (text: string): string[] => [...text.matchAll(/^```\n(.*?)^```/gms)].map(([, block = '']) => block);
const spans = (text: string): string[] => [...text.matchAll(/`([^`]+)`/g)].map(([, span = '']) => span.replaceAll('\\|', '|'));

/** A line for the shell: what is piped in, the arguments, and the file that the output goes to. */
function shellLine(line: string): { readonly input: string; readonly argv: readonly string[]; readonly into: string | null } {
  const [, piped = '', command = ''] = /^(?:echo '(.*)' \| )?npx hopsk (.*)$/.exec(line) ?? [];
  const [typed = '', into = null] = command.split(' > ');
  const argv = [...typed.matchAll(/'([^']*)'|"([^"]*)"|(\S+)/g)].map(([, single, double, bare]) => single ?? double ?? bare ?? '');
  return { input: piped, argv, into };
}

const DRILLS = ['Warm up', 'Front corner']
  .map((name) => `== ${name}\ndose: 2 × 8\n\nsplit, shuffle right 40 cm, lunge ahead 80 cm, recover back, shuffle left 40 cm\n`)
  .join('\n');

describe('docs/cli.md', () => {
  let folder: string;
  let before: string;
  beforeAll(() => {
    folder = mkdtempSync(join(tmpdir(), 'hopsk-docs-'));
    writeFileSync(join(folder, 'drills.txt'), DRILLS);
    // The tables that the page shows.
    for (const [, name = '', rows = ''] of page('cli').matchAll(/^With this as `(\S+)`:\n\n((?: {4}\S+\n)+)/gm))
      writeFileSync(join(folder, name), rows.replaceAll(/^ {4}/gm, ''));
    before = process.cwd();
    process.chdir(folder);
  });
  afterAll(() => {
    process.chdir(before);
    rmSync(folder, { recursive: true });
  });

  it('shows lines that can be typed as they stand, one after the other', async () => {
    const lines = blocks(page('cli')).flatMap((block) => block.trim().split('\n'));
    expect(lines.length).toBeGreaterThan(5);
    for (const line of lines) {
      const { input, argv, into } = shellLine(line);
      const said: string[] = [];
      const wrong: string[] = [];
      const code = await main(argv, {
        out: (text) => void said.push(text),
        err: (text) => void wrong.push(text),
        input: () => Promise.resolve(input),
      });
      expect([code === 2, wrong])
        .withContext(line)
        .toEqual([false, []]);
      expect(said.join('').length).withContext(line).toBeGreaterThan(20);
      if (into !== null) writeFileSync(into, said.join('\n'));
    }
  });

  it('lists every command there is and no other, and so does the help', () => {
    const table = page('cli')
      .split('\n')
      .filter((line) => line.startsWith('| `'))
      .map((line) => spans(line)[0] ?? '')
      .filter((span) => /^[a-z-]+$/.test(span) && !['time', 'splits', 'states', 'closed', 'choices', 'drift', 'floor'].includes(span));
    const known = Object.keys(COMMANDS).sort();
    expect([...new Set(table)].sort()).toEqual(known);
    for (const command of known) expect(HELP).toMatch(new RegExp(`^  ${command} `, 'm'));
  });

  it('names fields that are printed', async () => {
    const printed = async (argv: readonly string[], input = ''): Promise<Record<string, unknown>> => {
      let out = '';
      await main([...argv, '--json'], { out: (text) => (out = text), err: fail, input: () => Promise.resolve(input) });
      return JSON.parse(out) as Record<string, unknown>;
    };
    const rows = page('cli')
      .slice(page('cli').indexOf('| field |'), page('cli').indexOf('`mirror --json`'))
      .split('\n')
      .filter((line) => line.startsWith('| `'));
    const fields = rows.flatMap((row) => spans(row.split(' | ')[0] ?? '')).filter((name) => !name.startsWith('.'));
    const seen = await printed(['simulate', '--repeats', '3'], 'split, shuffle right 40 cm, lunge ahead');
    for (const field of fields) {
      const value = field
        .replace('[]', '')
        .split('.')
        .reduce((part: unknown, name) => (part as Record<string, unknown> | undefined)?.[name], seen);
      expect(value).withContext(field).toBeDefined();
    }
    expect(fields.length).toBeGreaterThan(20);
    // The other way round: what is printed is told.
    for (const field of Object.keys(seen))
      expect(fields.some((told) => told.replace('[]', '').split('.')[0] === field))
        .withContext(field)
        .toBeTrue();
  });
});

describe('docs/notation.md', () => {
  it('shows moves that are read as they stand', () => {
    const rows = page('notation')
      .slice(page('notation').indexOf('| move |'), page('notation').indexOf('**Feet**'))
      .split('\n')
      .filter((line) => line.startsWith('| `'));
    const moves = rows.flatMap((row) => spans(row.split(' | ')[0] ?? ''));
    expect(moves.length).toBeGreaterThan(40);
    for (const move of moves) {
      // Whom one faces stands somewhere.
      const { errors, items } = parse(`${move}, partner at 1 m ahead`);
      expect([errors, items.length]).withContext(move).toEqual([[], 1]);
    }
  });

  it('shows lines that are read as they stand: hands, events, alternatives, named parts, things, what is meant', () => {
    const from = page('notation').indexOf('**Again**');
    const text = page('notation').slice(from, page('notation').indexOf('## For whom'));
    const lines = spans(text).filter((span) => /^[a-z"(]/.test(span) && / /.test(span) && !/^(each|mirrored)/.test(span));
    expect(lines.length).toBeGreaterThan(12);
    let named = '';
    for (const line of lines) {
      if (line.includes(' = (')) named = `${line}, `;
      const { errors } = parse(
        `cone "A" at 1 m ahead, partner at 1 m ahead, ${line.startsWith('out ') && !line.includes('=') ? named : ''}${line}`,
      );
      expect(errors.map(({ code }) => code))
        .withContext(line)
        .toEqual([]);
    }
  });

  it('says what lines of an earlier language said, and how they read today', () => {
    const from = page('notation').indexOf('| saved with language 1');
    const rows = page('notation')
      .slice(from, page('notation').indexOf('`fixtures/v3`', from))
      .split('\n')
      .filter((line) => line.startsWith('| `'))
      .map((row) => row.split(' | ').map((cell) => spans(cell)[0]));
    expect(rows.length).toBe(5);
    for (const [typed = '', said, today] of rows) {
      expect(keptSteps(typed, 1)?.stands).withContext(typed).toBe(said);
      const { plain, parsed } = understand(typed);
      if (today === undefined) expect(parsed.errors[0]?.readings.length).withContext(typed).toBeGreaterThan(1);
      else expect(plain).withContext(typed).toBe(today);
    }
  });

  it('shows a file that is read without an error', () => {
    const file = blocks(page('notation')).find((block) => block.startsWith('# comments')) ?? '';
    // What stands in brackets behind a value explains it.
    const { patterns, errors } = readPatternFile(file.replace(/ +\(.*\)$/gm, '').replace('…', 'split'));
    expect(errors).toEqual([]);
    expect(patterns.map(({ name, tags }) => [name, tags])).toEqual([
      ['Front corner and home', ['lunge', 'front']],
      ['The next one', []],
    ]);
  });
});
