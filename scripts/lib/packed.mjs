import { readFileSync, statSync, writeFileSync } from 'node:fs';
import { brotliCompressSync, constants, gzipSync } from 'node:zlib';
import { filesBelow } from './project.mjs';

/** What is worth it: text of some length. */
const TEXT = /\.(?:css|html|js|json|svg|txt|webmanifest)$/;
const LEAST = 1024;
/** The best takes ten times as long for a hundredth less. */
const QUALITY = 9;

/** Packs each text of a folder beside itself, by gzip and by brotli: it is sent so to whoever can read it. */
export function pack(folder) {
  for (const file of filesBelow(folder)) {
    if (!TEXT.test(file) || statSync(file).size < LEAST) continue;
    const text = readFileSync(file);
    writeFileSync(`${file}.gz`, gzipSync(text, { level: 9 }));
    writeFileSync(
      `${file}.br`,
      brotliCompressSync(text, { params: { [constants.BROTLI_PARAM_QUALITY]: QUALITY, [constants.BROTLI_PARAM_SIZE_HINT]: text.length } }),
    );
  }
}
