import fc from 'fast-check';
import { cut } from './cut.js';
import { parse } from './parse.js';
import { readPatternFile } from './pattern-file.js';
import { simulate } from '../motion/simulate.js';
import { totalsOf } from '../motion/totals.js';
import { holds } from '../testing/holds.js';
import { performer } from '../testing/performers.js';

describe('a text that is cut', () => {
  it('is cut between what people see as characters, whatever they are made of', () => {
    expect(cut('abc', 3)).toBe('abc');
    expect(cut('ab👩‍🏫', 5)).toBe('ab');
    expect(cut('ab👩‍🏫', 7)).toBe('ab👩‍🏫');
    expect(cut('zoe\u0308x', 3)).toBe('zo');
    holds(
      fc.property(fc.string({ unit: 'grapheme' }), fc.nat(20), (text, most) => {
        const short = cut(text, most);
        expect(short.length).toBeLessThanOrEqual(most);
        expect(text.startsWith(short)).toBeTrue();
        expect(/\p{Cs}/u.test(short)).toBeFalse();
      }),
    );
  });

  it('gives names that can be kept', () => {
    expect(readPatternFile(`== ${'x'.repeat(79)}🤺\nsplit`).patterns[0]?.name).toBe('x'.repeat(79));
  });

  it('is counted under its own name, whatever that is', () => {
    const { hands } = totalsOf(simulate(parse('“constructor”, “constructor”, “__proto__”'), performer(1.7)));
    expect(Object.entries(hands)).toEqual([
      ['constructor', 2],
      ['__proto__', 1],
    ]);
  });
});
