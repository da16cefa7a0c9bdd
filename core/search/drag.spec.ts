import fc from 'fast-check';
import { distance } from '../body/vec.js';
import { parse } from '../language/parse.js';
import { simulate } from '../motion/simulate.js';
import { holds } from '../testing/holds.js';
import { performer } from '../testing/performers.js';
import { dragFoot } from './drag.js';

const square = performer(1.7);
const guard = performer(1.75, 'mixed-45', 'left');

/** The text after dragging the foot of a move. */
function dragged(text: string, move: number, foot: 'left' | 'right', to: { x: number; y: number }, who = square): string | null {
  const edit = dragFoot(text, simulate(parse(text), who), move, foot, to);
  return edit && text.slice(0, edit.from) + edit.insert + text.slice(edit.to);
}

describe('dragging a print', () => {
  it('changes size and direction of its step, and nothing else of the line', () => {
    const text = 'split, # warm\n shuffle right 40 cm slow 2 + hit on landing, split';
    expect(dragged(text, 1, 'right', { x: 0.264 + 0.6, y: 0 })).toBe(
      'split, # warm\n shuffle right 60 cm slow 2 times + hit on landing, split',
    );
    expect(dragged('lunge ahead 24 in', 0, 'right', { x: 0.264, y: 0.762 })).toBe('lunge ahead 30 in');
    expect(dragged('advance 20 cm', 0, 'right', { x: 0.5, y: 0.35 })).toBe('advance 35 cm');
  });

  it('the foot lands where it was put, to the centimetre and five degrees', () => {
    holds(
      fc.property(fc.integer({ min: -90, max: 90 }), fc.integer({ min: -60, max: 90 }), (x, y) => {
        const sim = simulate(parse('lunge ahead 50 cm right foot'), square);
        const from = sim.start.feet.right;
        const to = { x: from.x + x / 100, y: from.y + y / 100 };
        const text = dragged('lunge ahead 50 cm right foot', 0, 'right', to);
        if (text === null) throw new Error('A lunge can be dragged.');
        const gone = distance(from, to);
        expect(distance(simulate(parse(text), square).end.feet.right, to)).toBeLessThan(gone * Math.sin((5.01 * Math.PI) / 180) + 0.0101);
      }),
    );
  });

  it('turns a pivot by its free foot', () => {
    const sim = simulate(parse('pivot lead foot right 30°'), guard);
    const { left, right } = sim.start.feet;
    const turned = { x: left.x + (right.y - left.y), y: left.y - (right.x - left.x) };
    expect(dragged('pivot lead foot right 30°', 0, 'right', turned, guard)).toBe('pivot right 90° lead foot');
  });

  it('says nothing where a drag means nothing', () => {
    const to = { x: 1, y: 1 };
    for (const text of ['hold 1 s', 'square up', 'a = (shuffle right 40 cm), a', 'cone at 1 m ahead, lunge to cone', 'drop step right'])
      expect(dragged(text, 0, 'right', to))
        .withContext(text)
        .toBeNull();
    expect(dragged('shuffle right 40 cm', 7, 'right', to)).toBeNull();
  });
});
