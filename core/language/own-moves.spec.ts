import { study } from '../judge/study.js';
import { performer } from '../testing/performers.js';
import { definitionsOf, isMoveName, type OwnMove } from './own-moves.js';
import { parse } from './parse.js';
import { printPattern } from './print.js';

const square = performer(1.7);
const own: OwnMove[] = [
  { name: 'corner', steps: 'shuffle ahead right 40 cm, lunge ahead right 80 cm' },
  { name: 'there-and-back', steps: 'corner, recover back, shuffle back left 40 cm' },
  { name: 'broken', steps: 'wobble' },
];

describe('a club’s own moves', () => {
  it('stand in a line like any other, with size, tempo, count and sides, and may use one another', () => {
    const seen = study('split, there-and-back, there-and-back 0.5× quick 2', square, true, { own });
    expect(seen.errors).toEqual([]);
    expect(seen.simulation.moves.length).toBe(1 + 3 * 4);
    expect(seen.drift.closed).toBeTrue();
    const text = 'split, there-and-back';
    const [, first] = study(text, square, true, { own }).simulation.moves;
    expect(text.slice(first?.span.from, first?.span.to)).toBe('there-and-back');
  });

  it('without them the name is not known; a pattern may mean something else by it', () => {
    expect(study('corner', square, false).errors[0]?.code).toBe('no-beginning');
    expect(study('corner = (hold 2 s), corner', square, false, { own }).totals.seconds).toBe(2);
  });

  it('one that cannot be read is left out, the others stay', () => {
    expect(definitionsOf(own).map((one) => one.name)).toEqual(['corner', 'there-and-back']);
  });

  it('a name is one word that means nothing else', () => {
    for (const name of ['corner', 'there-and-back', 'größer', 'a_b']) expect(isMoveName(name)).withContext(name).toBeTrue();
    for (const name of ['split', 'left', 'foot', 'two words', '', '3', 'x', 'Corner', 'cone', 'a=b', 'beat'])
      expect(isMoveName(name)).withContext(name).toBeFalse();
  });

  it('that is a strike and nothing more is a word for what hands do', () => {
    const own = definitionsOf([
      { name: 'teep', steps: '"teep"' },
      { name: 'corner', steps: 'shuffle right 40 cm, lunge ahead' },
      { name: 'combo', steps: '"a", "b"' },
    ]);
    const read = (line: string): string => printPattern(parse(line, own)).replaceAll('\n', ', ');
    expect(read('advance + teep, teep')).toBe('advance + "teep" on landing, teep');
    expect(read('advance + left teep 40 ms after landing')).toBe('advance + "left teep" 40 ms after landing');
    expect(read('advance with a left teep 40 ms after landing')).toBe('advance + "left teep" 40 ms after landing');
    expect(read('advance with the lead foot with the teep, split')).toBe('advance lead foot + "teep" on landing, split');
    expect(read('zap = ("zap"), lunge + zap')).toBe('zap = ("zap"), lunge + "zap" on landing');
    for (const line of ['advance + corner', 'advance + combo', 'advance + elsewhere'])
      expect(parse(line, own).errors.map(({ code }) => code))
        .withContext(line)
        .toEqual(['after-plus']);
  });
});
