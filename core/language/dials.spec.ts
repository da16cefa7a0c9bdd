import fc from 'fast-check';
import { originOf } from '../body/stance.js';
import { simulate } from '../motion/simulate.js';
import type { Simulation } from '../motion/simulation.js';
import { holds } from '../testing/holds.js';
import { performer } from '../testing/performers.js';
import { dialled } from './dials.js';
import { parse } from './parse.js';

const square = performer(1.7, 'square-ready', null);
const of = (text: string): Simulation => {
  const parsed = parse(text);
  expect(parsed.errors).withContext(text).toEqual([]);
  return simulate(parsed, square);
};
/** Where the middle of the body is after each move, metres. */
const way = (text: string): { x: number; y: number }[] => of(text).moves.map(({ after }) => originOf(after.feet));

const anyLine = fc
  .array(
    fc.constantFrom(
      'split',
      'shuffle right 40 cm',
      'shuffle left 30 cm',
      'shuffle ahead right 40 cm',
      'advance 20 cm',
      'retreat 30 cm 2',
      'hold 0.2 s',
      '(shuffle left 20 cm, advance 10 cm) 2',
      'shuffle 130° left 30 cm',
    ),
    { minLength: 1, maxLength: 6 },
  )
  .map((steps) => steps.join(', '));

describe('the dials of a line', () => {
  it('steps: n there and n back', () => {
    expect(dialled('advance 20 cm, retreat 20 cm', { steps: 3 })).toBe('advance 20 cm 3 times, retreat 20 cm 3 times');
    expect(dialled('advance 20 cm 2, lunge, recover, retreat 20 cm 2', { steps: 1 })).toBe('advance 20 cm, lunge, recover, retreat 20 cm');
    expect(dialled('split, half step ahead 20 cm, shuffle right 40 cm', { steps: 2 })).toBe(
      'split, half step ahead 20 cm, shuffle right 40 cm 2 times',
    );
  });

  it('further and wider: each step’s way along and across, so many times as long', () => {
    holds(
      fc.property(anyLine, fc.constantFrom(0.5, 0.8, 1.2, 2), fc.constantFrom(0.5, 1, 1.5), (line, further, wider) => {
        const [before, after] = [way(line), way(dialled(line, { further, wider }))];
        before.forEach(({ x, y }, i) => {
          expect(after[i]?.x)
            .withContext(line)
            .toBeCloseTo(x * wider, 2);
          expect(after[i]?.y)
            .withContext(line)
            .toBeCloseTo(y * further, 2);
        });
      }),
    );
    // One without a size is of its own.
    expect(dialled('advance, lunge', { further: 1.5 })).toBe('advance 1.5×, lunge 1.5×');
  });

  it('diagonal: all ways are turned by as much, so that what closed closes', () => {
    holds(
      fc.property(anyLine, fc.integer({ min: -90, max: 90 }), (line, diagonal) => {
        const [before, after] = [way(line), way(dialled(line, { diagonal }))];
        const [sin, cos] = [Math.sin((diagonal * Math.PI) / 180), Math.cos((diagonal * Math.PI) / 180)];
        before.forEach(({ x, y }, i) => {
          expect(after[i]?.x)
            .withContext(line)
            .toBeCloseTo(x * cos + y * sin, 3);
          expect(after[i]?.y)
            .withContext(line)
            .toBeCloseTo(y * cos - x * sin, 3);
        });
      }),
    );
    expect(dialled('advance 20 cm, retreat 20 cm', { diagonal: 30 })).toBe('shuffle 30° right 20 cm, shuffle 150° left 20 cm');
  });

  it('leave alone what they do not turn, and a line that cannot be read', () => {
    expect(dialled('lunge to cone "A", recover, face net', { diagonal: 20, wider: 2 })).toBe('lunge to cone "A", recover, face to net');
    expect(dialled('wobble 3', { steps: 2 })).toBe('wobble 3');
    holds(fc.property(anyLine, (line) => expect(way(dialled(line, {}))).toEqual(way(line))));
  });
});
