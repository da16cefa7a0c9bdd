import fc from 'fast-check';
import { holds } from '../testing/holds.js';
import { anyItem } from '../testing/patterns.js';
import { nextWords } from './next-words.js';
import { strikesOf } from './sport-words.js';
import { parse } from './parse.js';
import { print } from './print.js';

/** The line with one of what is offered put in. */
const taken = (before: string, text: string, from: number): string => before.slice(0, from) + text;

describe('what may come next', () => {
  it('is what the step before the caret may still be told, then the next step; in a word, what it may become', () => {
    expect(nextWords('').texts.slice(0, 2)).toEqual(['split', 'advance']);
    expect(nextWords('split, ').texts).toContain('crossover');
    expect(nextWords('lunge ahead, ').texts[0]).toBe('recover');
    expect(nextWords('split, shu')).toEqual({ from: 7, texts: ['shuffle'] });
    expect(nextWords('shuffle ').texts).toEqual(['left', 'right', 'ahead', 'back']);
    expect(nextWords('pivot ').texts).toEqual(['left', 'right']);
    expect(nextWords('(left: split) ').texts).toEqual([',', '3 times', 'each side']);
    expect(nextWords('shuffle l').texts).toEqual(['left']);
    expect(nextWords('left foot forward')).toEqual({ from: 17, texts: [','] });
    expect(nextWords('shuffle left ').texts).toEqual([',', '20 cm', '40 cm', '60 cm', 'lead foot', 'rear foot', '+ hit', 'quick']);
    expect(nextWords('shuffle left 40 cm ').texts).not.toContain('20 cm');
    expect(nextWords('(split, advance | ').texts).toContain('shuffle');
  });

  it('whatever is taken is understood: none of it is marked or asked about', () => {
    holds(
      fc.property(fc.array(anyItem, { maxLength: 3 }), fc.boolean(), (items, open) => {
        const before = items.length === 0 ? '' : `${print(items)}${open ? ', ' : ' '}`;
        const { from, texts } = nextWords(before);
        for (const text of texts) {
          const line = taken(before, text, from);
          const bad = parse(line).errors.filter(({ code }) => code !== 'needs-way' && code !== 'needs-turn');
          expect(bad.map(({ code }) => code))
            .withContext(line)
            .toEqual([]);
        }
      }),
    );
  });

  it('never throws, and never offers more than a few, whatever stands before', () => {
    holds(
      fc.property(fc.string({ maxLength: 60 }), (before) => {
        const { from, texts } = nextWords(before);
        expect(from >= 0 && from <= before.length && texts.length <= 8).toBeTrue();
      }),
    );
  });

  it('offer the strikes of the line’s own sport, and each is read there', () => {
    expect(nextWords('shuffle left ', 'Squash').texts).toContain('+ forehand');
    expect(nextWords('advance, p', 'fencing').texts.slice(0, 3)).toEqual(['pivot', 'point', 'parry']);
    expect(nextWords('advance, j', 'boxing').texts).toContain('jab');
    expect(nextWords('advance, j', 'squash').texts).not.toContain('jab');
    for (const sport of ['boxing', 'taekwondo', 'fencing', 'tennis', 'mixed rules']) {
      expect(strikesOf(sport).length).toBeGreaterThan(4);
      for (const strike of strikesOf(sport))
        expect(parse(`advance + ${strike} on landing`).errors.map(({ code }) => code))
          .withContext(strike)
          .toEqual([]);
    }
    // One that people typed is theirs, whatever it is called.
    for (const sport of ['', 'our own', 'constructor']) expect(strikesOf(sport)).toEqual([]);
  });
});
