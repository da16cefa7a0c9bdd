import type { Tree } from '@lezer/common';
import type { LRParser } from '@lezer/lr';
import { ENGLISH } from './english.js';
import { parser } from './pattern.generated.js';
import type { Vocabulary } from './vocabulary.js';
import { shallow } from './shallow.js';
import { phrases, phrasesOf, wordClass, wordClassOf } from './word-classes.js';

const made = new WeakMap<Vocabulary, LRParser>([[ENGLISH, parser]]);

/** The parser of a line of steps with the words of a vocabulary; made once for each. */
export function parserOf(vocabulary: Vocabulary): LRParser {
  const known = made.get(vocabulary);
  if (known) return known;
  const own = parser.configure({
    tokenizers: [{ from: phrases, to: phrasesOf(vocabulary) }],
    specializers: [{ from: wordClass, to: wordClassOf(vocabulary) }],
  });
  made.set(vocabulary, own);
  return own;
}

/** The grammar's tree of a text. */
export const treeOf = (text: string, vocabulary: Vocabulary): Tree => parserOf(vocabulary).parse(shallow(text));
