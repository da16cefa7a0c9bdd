import { all } from '@hopsk/words/en/all';
import { speak } from '@hopsk/words/words';
import { readFileSync } from 'node:fs';
import { text as readAll } from 'node:stream/consumers';
import { COMMANDS, type Source } from './commands.js';
import { BadInput, HELP, readArguments } from './options.js';

// The command line speaks English.
speak(all);

/** Where a command reads and writes: the terminal, or a test. */
export interface Streams {
  readonly out: (text: string) => void;
  readonly err: (text: string) => void;
  readonly input: () => Promise<string>;
}

const TERMINAL: Streams = {
  out: (text) => void process.stdout.write(`${text}\n`),
  err: (text) => void process.stderr.write(`${text}\n`),
  input: () => readAll(process.stdin),
};

function fileAt(name: string): Source {
  try {
    return { name, text: readFileSync(name, 'utf8') };
  } catch (error) {
    throw new BadInput(`${name} cannot be read: ${(error as NodeJS.ErrnoException).code ?? String(error)}`);
  }
}

/** Runs one command line; the exit code is 0, 1 on findings at or above the level, 2 on bad input. */
export async function main(argv: readonly string[], streams: Streams = TERMINAL): Promise<number> {
  try {
    const { command, files, options } = readArguments(argv);
    const run = COMMANDS[command];
    if (options.help || command === '') {
      streams.out(HELP);
      return options.help ? 0 : 2;
    }
    if (!run) throw new BadInput(`There is no command ‘${command}’: ${Object.keys(COMMANDS).join(', ')}`);
    const stdin = files.length === 0 && command !== 'steps-to-reach' && options.alternatives === undefined;
    const sources = stdin ? [{ name: 'standard input', text: await streams.input() }] : files.map(fileAt);
    const { text, code } = run(sources, options);
    streams.out(text);
    return code;
  } catch (error) {
    if (!(error instanceof BadInput)) throw error;
    streams.err(error.message);
    return 2;
  }
}
