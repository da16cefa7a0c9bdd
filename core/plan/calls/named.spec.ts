import { mirrorText } from '../../language/mirror.js';
import { parse } from '../../language/parse.js';
import { simulate } from '../../motion/simulate.js';
import { performer } from '../../testing/performers.js';
import { aStage, seenOf, sessionOf } from '../../testing/sessions.js';
import { namedAlternatives } from './named.js';

const LINE = 'split, (right: shuffle right 40 cm | left: shuffle left 40 cm | stay: hold 1 s), square up';

describe('alternatives with names', () => {
  it('are what can be called: each with what stands before and behind them', () => {
    expect(namedAlternatives(parse(LINE)).map(({ name, steps, side }) => [name, steps, side])).toEqual([
      ['right', 'split, shuffle right 40 cm, square up', 'right'],
      ['left', 'split, shuffle left 40 cm, square up', 'left'],
      ['stay', 'split, hold 1 s, square up', null],
    ]);
    for (const other of ['split', '(split | lunge)', '(a: split | lunge)', '(a: split | b: lunge) 2', `${LINE}, (a: split | b: lunge)`])
      expect(namedAlternatives(parse(other)))
        .withContext(other)
        .toEqual([]);
  });

  it('a called stage calls them without more; one with calls of its own keeps these, one that is not called has none', () => {
    const stage = (more: Parameters<typeof aStage>[1]) => seenOf(sessionOf([aStage('6 calls, rest 5 s', { steps: LINE, ...more })]))[0];
    expect(stage({ cueing: 'called' })?.stage.calls?.alternatives.map(({ name }) => name)).toEqual(['right', 'left', 'stay']);
    expect(stage({ cueing: 'called' })?.questions).toEqual([]);
    expect(stage({ cueing: 'called in order' })?.stage.calls?.order).toBe('known');
    expect(stage({ cueing: 'beat' })?.stage.calls).toBeNull();
  });

  it('their names go with the sides they say, and are told of what was taken', () => {
    const who = performer(1.7, 'square-ready', null);
    expect(mirrorText('(right: shuffle right | far left: run left)')).toBe('(left: shuffle left | far right: run right)');
    const taken = (line: string): (string | null)[] => simulate(parse(line), who, { choices: [1, 1] }).choices.map(({ name }) => name);
    expect(taken('(right: shuffle right | left: shuffle left) each side')).toEqual(['left', 'right']);
    expect(taken('(split | lunge)')).toEqual([null]);
  });
});
