import fc from 'fast-check';
import { originOf, sizeOf } from '../body/stance.js';
import { distance, sub } from '../body/vec.js';
import { parse } from '../language/parse.js';
import { holds } from '../testing/holds.js';
import { anyPerformer, performer } from '../testing/performers.js';
import { simulate } from './simulate.js';
import type { Performer, Simulation } from './simulation.js';
import { totalsOf } from './totals.js';

const square = performer(1.7, 'square-ready', null);
const staggered = performer(1.7, 'staggered-striking', 'left');
const of = (text: string, who: Performer = square): Simulation => {
  const parsed = parse(text);
  expect(parsed.errors).withContext(text).toEqual([]);
  return simulate(parsed, who);
};

describe('one foot', () => {
  it('steps and stays: by hand, 30 cm ahead of where it stood, the other where it was, one contact', () => {
    const sim = of('step left foot ahead 30 cm');
    const gone = sub(sim.end.feet.left, sim.start.feet.left);
    expect(gone.x).toBeCloseTo(0, 9);
    expect(gone.y).toBeCloseTo(0.3, 9);
    expect(sim.end.feet.right).toEqual(sim.start.feet.right);
    expect(totalsOf(sim).contacts).toEqual({ left: 1, right: 0 });
  });

  it('hops: off it and back onto it before the other one is down, both as far, one landing', () => {
    const sim = of('hop ahead 20 cm right foot');
    const [right, left] = sim.actions;
    expect([right?.foot, left?.foot, (right?.end ?? 0) < (left?.end ?? 0)]).toEqual(['right', 'left', true]);
    for (const side of ['left', 'right'] as const) expect(distance(sim.end.feet[side], sim.start.feet[side])).toBeCloseTo(0.2, 9);
    expect(sim.moves[0]?.tally.landing).toBe('jump');
  });

  it('stamps where it stands', () => {
    const sim = of('stamp', staggered);
    expect(sim.end).toEqual(sim.start);
    expect(totalsOf(sim).contacts).toEqual({ left: 1, right: 0 });
  });
});

describe('feet together and apart', () => {
  it('together are level, touching, from any stance; apart again they have the width of the school', () => {
    holds(
      fc.property(anyPerformer, (who) => {
        const together = of('feet together', who).end;
        const { width, leftAhead } = sizeOf(together.feet, together.heading);
        expect(width).toBeCloseTo(who.body.breadth.metres, 9);
        expect(leftAhead).toBeCloseTo(0, 9);
        const sim = of('feet together, feet apart', who);
        expect(sizeOf(sim.end.feet, sim.end.heading).width).toBeCloseTo(sim.target.width, 9);
        expect(of('feet together right foot', who).end.feet.left).toEqual(of('feet together right foot', who).start.feet.left);
      }),
    );
  });
});

describe('how a move is landed', () => {
  it('a stance that goes as a whole stands turned about where it would have stood', () => {
    holds(
      fc.property(
        anyPerformer,
        fc.constantFrom('chassé right 60 cm', 'shuffle back 40 cm', 'advance 30 cm', 'jump ahead 30 cm', 'gallop left 50 cm'),
        fc.integer({ min: 1, max: 180 }),
        fc.constantFrom('left', 'right'),
        (who, line, degrees, side) => {
          const [plain, turned] = [of(line, who), of(`${line} turning ${side} ${degrees}°`, who)];
          const sign = side === 'left' ? -1 : 1;
          expect(turned.end.heading - plain.end.heading).toBeCloseTo(sign * degrees, 9);
          expect(distance(originOf(turned.end.feet), originOf(plain.end.feet))).toBeCloseTo(0, 9);
          const [a, b] = [sizeOf(turned.end.feet, turned.end.heading), sizeOf(plain.end.feet, plain.end.heading)];
          expect(a.width).toBeCloseTo(b.width, 9);
          expect(a.leftAhead).toBeCloseTo(b.leftAhead, 9);
          expect(turned.end.feet.left.toe - turned.end.heading).toBeCloseTo(plain.end.feet.left.toe - plain.end.heading, 9);
          // Each foot's last way ends where it then stands.
          for (const foot of ['left', 'right'] as const)
            expect(turned.actions.filter((one) => one.foot === foot).at(-1)?.to).toEqual(turned.end.feet[foot]);
        },
      ),
    );
  });

  it('with one foot gone the marks stay, both toes and the facing line turn; the standing foot turns in its place', () => {
    const [plain, turned] = [of('lunge ahead 80 cm', staggered), of('lunge ahead 80 cm turning right 30° weight back foot', staggered)];
    for (const side of ['left', 'right'] as const) {
      expect(distance(turned.end.feet[side], plain.end.feet[side])).toBeCloseTo(0, 9);
      expect(turned.end.feet[side].toe - plain.end.feet[side].toe).toBeCloseTo(30, 9);
    }
    expect(turned.end.heading).toBe(30);
    expect(turned.actions.find(({ kind }) => kind === 'turn')?.foot).toBe('right');
    // Left leads: the back foot, the right one, has three quarters of the weight.
    expect(turned.end.leftShare).toBeCloseTo(0.25, 9);
  });

  it('the toe of the foot that goes is out on its own side, or at what it is turned to', () => {
    const toe = (line: string, side: 'left' | 'right'): number => of(line).end.feet[side].toe;
    expect(toe('lunge ahead right foot toe 20° out', 'right')).toBe(20);
    expect(toe('lunge ahead left foot toe 20° out', 'left')).toBe(-20);
    expect(toe('lunge ahead left foot toe in', 'left')).toBe(20);
    // By hand: a right foot level with the net's middle, 1 m to its right and 1 m short of it, points 45° left.
    const sim = of('net at 1 m ahead, single step right 1 m right foot toe to net');
    const foot = sim.end.feet.right;
    expect(foot.toe).toBeCloseTo((Math.atan2(-foot.x, 1 - foot.y) * 180) / Math.PI, 9);
    expect(simulate(parse('lunge toe to cone'), square).problems.map(({ code }) => code)).toEqual(['no-such-thing']);
  });

  it('a hit at the first landing is at the first foot, one at the landing at the last; hands follow each other', () => {
    const sim = of('shuffle right in 1 s + hit on first landing');
    expect(sim.hands.map(({ at }) => at)).toEqual([0.5]);
    expect(of('shuffle right in 1 s + hit').hands.map(({ at }) => at)).toEqual([1]);
    // A hand takes 0.3 s (common practice, no source).
    expect(of('lunge ahead in 1 s + jab + cross').hands.map(({ at }) => Math.round(at * 1000))).toEqual([1000, 1300]);
  });
});
