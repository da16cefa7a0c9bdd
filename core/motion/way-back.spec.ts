import fc from 'fast-check';
import { originOf } from '../body/stance.js';
import { distance } from '../body/vec.js';
import { parse } from '../language/parse.js';
import { mirrorText } from '../language/mirror.js';
import { holds } from '../testing/holds.js';
import { performer } from '../testing/performers.js';
import { simulate } from './simulate.js';
import type { Performer, Simulation } from './simulation.js';

const square = performer(1.7, 'square-ready', null);
const striking = performer(1.7, 'staggered-striking', 'left');
const of = (text: string, who: Performer): Simulation => {
  const parsed = parse(text);
  expect(parsed.errors).withContext(text).toEqual([]);
  return simulate(parsed, who);
};
/** The places of the moves with a chance of the way back. */
const backs = (text: string, who: Performer): number[] =>
  of(text, who)
    .moves.filter(({ units }) => units.includes('back'))
    .map(({ index }) => index);

/** Lines of lessons, and at which of their moves a way back begins (common practice, no source). */
const LINES: readonly (readonly [text: string, backs: readonly number[]])[] = [
  // However one comes home.
  ['split, shuffle right 40 cm, shuffle left 40 cm', [2]],
  ['split, shuffle right 40 cm + hit on landing, chassé left 40 cm', [2]],
  ['split, run right 60 cm 3 + hit on landing, run left 60 cm 3', [4]],
  ['split, shuffle right 40 cm, hit, crossover left 50 cm, shuffle left 20 cm', [3]],
  ['shuffle right 40 cm, shuffle home', [1]],
  ['shuffle right 40 cm, run home 2', [1]],
  ['split, jump right 60 cm + hit on landing, shuffle left 60 cm', [2]],
  // A recovery says it itself, and the steps behind it belong to it.
  ['split, shuffle right 40 cm, lunge ahead 80 cm, recover back, shuffle left 40 cm', [3]],
  ['step in ahead 40 cm + hit on landing, pull back', [1]],
  // The split that closes it is the next ball's; each ball has one.
  ['split, shuffle right 40 cm, shuffle left 40 cm, split', [2]],
  ['split, shuffle right 40 cm, shuffle left 40 cm, split, shuffle left 40 cm, shuffle right 40 cm', [2, 5]],
  ['split, (shuffle right 40 cm, shuffle left 40 cm) each side', [2, 4]],
  // Nobody who goes on, or to and fro with nothing to do there, comes back.
  ['split, shuffle right 40 cm, shuffle right 40 cm', []],
  ['split, shuffle right 60 cm, shuffle left 20 cm', []],
  ['shuffle right 40 cm, shuffle left 40 cm', []],
  ['split 3', []],
  ['hold 1 s', []],
];

describe('the way back', () => {
  it('begins with the first step home, whatever step it is, once for each ball; the other way round too', () => {
    for (const [text, expected] of LINES) {
      expect(backs(text, square))
        .withContext(text)
        .toEqual([...expected]);
      const other = mirrorText(text);
      expect(backs(other, square))
        .withContext(other)
        .toEqual([...expected]);
    }
  });

  it('after an attack is the step out of it', () => {
    expect(backs('advance 20 cm + "jab", retreat 20 cm', striking)).toEqual([1]);
    expect(backs('(advance 20 cm + "jab", "cross", retreat 20 cm) 3', striking)).toEqual([2, 5, 8]);
    expect(backs('advance 20 cm + "jab", advance 20 cm + "cross"', striking)).toEqual([]);
  });

  it('brings nearer to home, and ends no further from it than half of how far one got', () => {
    const step = fc.constantFrom(
      'shuffle right 40 cm',
      'shuffle left 40 cm',
      'shuffle ahead 30 cm',
      'chassé back 30 cm',
      'crossover left 50 cm',
      'split',
      'hit',
    );
    holds(
      fc.property(fc.array(step, { minLength: 1, maxLength: 9 }), (steps) => {
        const sim = of(steps.join(', '), square);
        const far = (at: Simulation['end']): number => distance(originOf(at.feet), originOf(sim.start.feet));
        for (const { units, before, after } of sim.moves) if (units.includes('back')) expect(far(after)).toBeLessThan(far(before));
        const splits = sim.moves.filter(({ step: { act } }) => act.word === 'split').length;
        if (!steps.includes('hit') && splits === 0) expect(sim.moves.flatMap(({ units }) => units)).not.toContain('back');
      }),
    );
  });
});
