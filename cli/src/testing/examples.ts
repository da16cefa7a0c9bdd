import { readdirSync, readFileSync } from 'node:fs';

/** An example of a docstring: what is written, and what it is said to give. */
export interface Example {
  readonly file: string;
  readonly line: number;
  readonly code: string;
  readonly gives: string;
}

const EXAMPLE = /^\s*\/?\*+ @example (.*?)(?: \/\/ (.*?))?(?: \*\/)?$/;

/** TypeScript of a folder without its specs and what was made by a program, as paths below it. */
export function sourcesOf(folder: URL, below = ''): string[] {
  return readdirSync(new URL(below, folder), { withFileTypes: true }).flatMap((entry) => {
    const path = `${below}${entry.name}`;
    if (entry.isDirectory()) return ['node_modules', 'testing'].includes(entry.name) ? [] : sourcesOf(folder, `${path}/`);
    return path.endsWith('.ts') && !path.endsWith('.spec.ts') && !path.includes('.generated.') ? [path] : [];
  });
}

/** Every example in these files. One without what it gives has '' there. */
export const examplesOf = (folder: URL, files: readonly string[]): Example[] =>
  files.flatMap((file) =>
    readFileSync(new URL(file, folder), 'utf8')
      .split('\n')
      .flatMap((text, i) => {
        const [found, code = '', gives = ''] = EXAMPLE.exec(text) ?? [];
        return found === undefined ? [] : [{ file, line: i + 1, code, gives }];
      }),
  );

/** The value of an expression in which these names mean something. */
export const valueOf = (code: string, names: Readonly<Record<string, unknown>>): unknown =>
  // The expressions are our own docstrings.
  // eslint-disable-next-line @typescript-eslint/no-implied-eval, @typescript-eslint/no-unsafe-call
  new Function(...Object.keys(names), `return (${code});`)(...Object.values(names)) as unknown;

/** Numbers are compared to a billionth, all else as it is. */
export function nearly(a: unknown, b: unknown): boolean | undefined {
  return typeof a === 'number' && typeof b === 'number' ? a === b || Math.abs(a - b) < 1e-9 : undefined;
}
