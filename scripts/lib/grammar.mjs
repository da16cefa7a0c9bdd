import { readFileSync } from 'node:fs';
import { join } from 'node:path';
import { buildParserFile } from '@lezer/generator';
import { root } from './project.mjs';

const FOLDER = 'core/language';
const GRAMMARS = ['pattern', 'dose'];

/** The parsers' files as the grammars ask for them, by path. */
export function grammarFiles() {
  const files = GRAMMARS.map((name) => {
    const fileName = `${name}.grammar`;
    const head = `/* eslint-disable -- written by scripts/grammar.mjs from ${fileName} */\n// @ts-nocheck\n`;
    const { parser, terms } = buildParserFile(readFileSync(join(root, FOLDER, fileName), 'utf8'), {
      fileName,
      typeScript: true,
      moduleStyle: 'es',
    });
    const path = `${FOLDER}/${name}`;
    return { [`${path}.generated.ts`]: head + parser, [`${path}.terms.generated.ts`]: head + terms };
  });
  return Object.assign({}, ...files);
}
