import { readFileSync } from 'node:fs';
import { join } from 'node:path';
import { buildParserFile } from '@lezer/generator';
import { root } from './project.mjs';

const FOLDER = 'core/language';
const HEAD = '/* eslint-disable -- written by scripts/grammar.mjs from pattern.grammar */\n// @ts-nocheck\n';

/** The parser's files as the grammar asks for them, by path. */
export function grammarFiles() {
  const { parser, terms } = buildParserFile(readFileSync(join(root, FOLDER, 'pattern.grammar'), 'utf8'), {
    fileName: 'pattern.grammar',
    typeScript: true,
    moduleStyle: 'es',
  });
  return {
    [`${FOLDER}/pattern.generated.ts`]: HEAD + parser,
    [`${FOLDER}/pattern.terms.generated.ts`]: HEAD + terms,
  };
}
