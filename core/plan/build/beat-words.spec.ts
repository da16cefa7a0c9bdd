import { parse } from '../../language/parse.js';
import { simulate } from '../../motion/simulate.js';
import { performer } from '../../testing/performers.js';
import { beatWords } from './beat-words.js';

const said = (line: string): [string, number][] =>
  beatWords(simulate(parse(line), performer(1.7, 'staggered-striking', 'left'))).map(({ word, at }) => [word, Math.round(at * 100) / 100]);

describe('beats by words', () => {
  it('are the steps of a line with their way, each when it has landed, and strokes when they are struck', () => {
    expect(said('split, shuffle right 40 cm in 0.4 s + "jab" on start, hold 1 s, quarter left, advance')).toEqual([
      ['split', 0.15],
      ['jab', 0.35],
      ['shuffle right', 0.75],
      ['quarter left', 2.15],
      ['advance', 2.59],
    ]);
    expect(said('hold 2 s')).toEqual([]);
  });

  it('fall one after the other within the line, one for each step that lifts a foot', () => {
    const sim = simulate(parse('advance 3, (cut right | cut left), retreat 2 + "hook" on landing'), performer(1.7, 'mixed-45', 'left'));
    const words = beatWords(sim);
    expect(words.length).toBe(sim.moves.length + sim.hands.length);
    for (const [i, { at }] of words.entries()) expect(at).toBeGreaterThanOrEqual(words[i - 1]?.at ?? 0);
    expect(words.at(-1)?.at).toBeLessThanOrEqual(sim.seconds + 1e-9);
  });
});
