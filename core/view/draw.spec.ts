import { distance } from '../body/vec.js';
import { study } from '../judge/study.js';
import { textFor } from '../language/written-for.js';
import { performer } from '../testing/performers.js';
import { CHIP, chipHalfWidth, floorView } from './floor-view.js';
import { lanesOf } from './lanes.js';
import { lineView } from './line-view.js';

const evening = 'split, shuffle right 40 cm, lunge ahead 90 cm right foot, recover back, shuffle left 40 cm';

describe('drawings', () => {
  const { simulation } = study(evening, performer(1.7), true);
  const view = floorView(simulation);

  it('one print where a foot stands twice, with both numbers', () => {
    const right = view.prints.filter((print) => print.foot === 'right');
    expect(right.map((print) => print.numbers)).toEqual([[0, 1, 7], [2, 5], [4]]);
    expect(view.prints.filter((print) => print.foot === 'left').map((print) => print.numbers)).toEqual([[0, 1, 6], [3]]);
    expect(right.map((print) => print.word)).toEqual(['0·1·7', '2·5', '4']);
    expect(view.path.at(-1)?.x).toBeCloseTo(0, 9);
  });

  it('no number hides another', () => {
    view.prints.forEach((a, i) =>
      view.prints
        .slice(i + 1)
        .forEach((b) =>
          expect(
            Math.abs(a.label.y - b.label.y) >= 2 * CHIP - 1e-9 ||
              Math.abs(a.label.x - b.label.x) >= chipHalfWidth(a.word) + chipHalfWidth(b.word) - 1e-9 ||
              distance(a.label, b.label) >= 2 * CHIP,
          ).toBeTrue(),
        ),
    );
  });

  it('the box holds everything', () => {
    for (const print of view.prints)
      for (const p of [...print.outline, print.label])
        expect(p.x > view.box.minX && p.x < view.box.maxX && p.y > view.box.minY && p.y < view.box.maxY).toBeTrue();
  });

  it('lanes have no gaps and show each foot in the air when it steps', () => {
    const lanes = lanesOf(simulation);
    for (const side of ['left', 'right'] as const) {
      let at = 0;
      for (const block of lanes[side]) {
        expect(block.from).toBeCloseTo(at, 9);
        at = block.to;
      }
      expect(at).toBeCloseTo(simulation.seconds, 9);
    }
    expect(lanes.right.filter((block) => block.air).map((block) => block.word)).toEqual([
      'split',
      'shuffle',
      'lunge',
      'recover',
      'shuffle',
    ]);
  });
});

describe('the line of steps', () => {
  it('is cut into pieces that join to the text, each step with its moves, marks where something is wrong', () => {
    const text = '(split, shuffle right 80 cm left foot first) 2, wobble # end';
    const seen = study(text, performer(1.7), false);
    const pieces = lineView(seen);
    expect(pieces.map((piece) => piece.text).join('')).toBe(text);
    expect(pieces.find((piece) => piece.text === 'split')?.moves).toEqual({ first: 0, last: 2 });
    expect(pieces.find((piece) => piece.text.startsWith('shuffle'))?.mark).not.toBeNull();
    expect(pieces.find((piece) => piece.text === 'wobble')?.mark).toBe('unread');
  });

  it('is mirrored for the other hand in a square stance, for the other lead where one leads', () => {
    const written = { hand: 'right', lead: 'left' } as const;
    expect(textFor('lunge right', written, { hand: 'left', lead: 'left' }, false)).toEqual({ text: 'lunge left', mirrored: true });
    expect(textFor('lunge right', written, { hand: 'left', lead: 'left' }, true).mirrored).toBeFalse();
    expect(textFor('lunge right', written, { hand: 'right', lead: 'right' }, true).mirrored).toBeTrue();
    expect(textFor('lunge right', { hand: 'right', lead: 'none' }, { hand: 'right', lead: null }, true).mirrored).toBeFalse();
  });
});
