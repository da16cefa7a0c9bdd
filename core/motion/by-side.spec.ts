import type { Side } from '../body/foot.js';
import { operate, OPERATIONS, type Operation } from '../language/operations.js';
import { parse } from '../language/parse.js';
import { performer } from '../testing/performers.js';
import { simulate } from './simulate.js';

/** Where the middle of the stance ends, metres to the right, and how far the body is turned. */
function ends(text: string, playing: Side, lead: Side): { right: number; turned: number } {
  const parsed = parse(text);
  expect(parsed.errors).withContext(text).toEqual([]);
  const { end } = simulate(parsed, { ...performer(1.7, 'staggered-striking', lead), playing });
  return { right: (end.feet.left.x + end.feet.right.x) / 2, turned: end.heading };
}

describe('directions of the hall', () => {
  it('stay what they are when the body has turned: by hand, 40 cm to the hall’s right and not behind', () => {
    const floor = ends('face left 90°, shuffle right 40 cm on the floor', 'right', 'left');
    const body = ends('face left 90°, shuffle right 40 cm', 'right', 'left');
    const turned = ends('face left 90°', 'right', 'left');
    expect(floor.right - turned.right).toBeCloseTo(0.4, 9);
    expect(body.right - turned.right).toBeCloseTo(0, 9);
    expect(floor.turned).toBe(-90);
    const { text } = operate('other side', { text: 'shuffle right 40 cm on the floor', hand: 'right', lead: 'left', area: '' });
    expect(ends(`face left 90°, ${text}`, 'right', 'left').right - turned.right).toBeCloseTo(-0.4, 9);
  });
});

describe('sides by stroke and by lead', () => {
  it('are those of the hand that plays, and of the foot in front', () => {
    expect(ends('shuffle forehand side 60 cm', 'right', 'left').right).toBeCloseTo(0.6, 9);
    expect(ends('shuffle forehand side 60 cm', 'left', 'left').right).toBeCloseTo(-0.6, 9);
    expect(ends('shuffle backhand side 60 cm', 'left', 'left').right).toBeCloseTo(0.6, 9);
    expect(ends('shuffle lead side 60 cm', 'right', 'left').right).toBeCloseTo(-0.6, 9);
    expect(ends('shuffle rear side 60 cm', 'right', 'right').right).toBeCloseTo(-0.6, 9);
    expect(ends('pivot forehand side 45°', 'left', 'left').turned).toBe(-45);
    // Half way between ahead and the side, by hand: 60 cm × sin 45°.
    expect(ends('shuffle ahead forehand side 60 cm', 'right', 'left').right).toBeCloseTo(0.6 * Math.SQRT1_2, 9);
  });

  it('follow all four operations: whoever does what is written for them goes the way that the operation says', () => {
    const written = { text: 'shuffle forehand side 60 cm, shuffle lead side 20 cm', hand: 'right' as Side, lead: 'left' as Side, area: '' };
    // As written 60 cm right and 20 cm left.
    const goes: Readonly<Record<Operation, number>> = { 'mirror all': -0.4, 'other hand': -0.4, 'other lead': -0.4, 'other side': -0.4 };
    for (const operation of OPERATIONS) {
      const { text, hand, lead } = operate(operation, written);
      expect(ends(text, hand, lead ?? 'left').right)
        .withContext(`${operation}: ${text}`)
        .toBeCloseTo(goes[operation], 9);
      const back = operate(operation, { text, hand, lead, area: '' });
      expect(ends(back.text, back.hand, back.lead ?? 'left').right)
        .withContext(back.text)
        .toBeCloseTo(0.4, 9);
    }
    expect(operate('other side', written).text).toBe('shuffle backhand side 60 cm, shuffle rear side 20 cm');
    expect(operate('other lead', written).text).toBe('shuffle backhand side 60 cm, shuffle lead side 20 cm');
    expect(operate('other hand', written).text).toBe(written.text);
  });

  it('each side of a line by strokes is the same athlete’s other stroke; each lead keeps the side of the lead', () => {
    const both = ends('shuffle forehand side 60 cm each side', 'right', 'left').right;
    expect(both).toBeCloseTo(0, 9);
    const parsed = parse('shuffle lead side 20 cm each lead');
    const moves = simulate(parsed, performer(1.7, 'staggered-striking', 'left')).moves.filter(({ step }) => step.act.word === 'shuffle');
    expect(moves.map(({ step, before }) => [Math.sign(step.act.bearing ?? 0), before.lead])).toEqual([
      [-1, 'left'],
      [1, 'right'],
    ]);
  });
});
