import type { Definition, Parsed } from '../ast.js';
import type { Dose } from '../dose.js';
import * as language1 from './language-1.generated.js';
import * as language2 from './language-2.generated.js';
import * as language3 from './language-3.generated.js';

/** How an earlier language read and printed. Its trees have the shape of today's, less what came since. */
export interface EarlierReader {
  readonly parse: (text: string, own: readonly Definition[]) => Parsed;
  readonly printPattern: (parsed: Omit<Parsed, 'errors'>) => string;
  readonly readDose: (text: string) => { readonly dose: Dose | null; readonly errors: readonly unknown[] };
  readonly printDose: (dose: Dose) => string;
}

/** By number; those that are not here are today's. */
const READERS: ReadonlyMap<number, EarlierReader> = new Map(
  [language1, language2, language3].map((one, i) => [i + 1, one as unknown as EarlierReader]),
);

/** The reader of an earlier language; undefined for today's. */
export const readerOf = (language: number): EarlierReader | undefined => READERS.get(language);
