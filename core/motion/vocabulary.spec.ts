import fc from 'fast-check';
import type { Side } from '../body/foot.js';
import { originOf, sizeOf, type Posture } from '../body/stance.js';
import { distance, normalised, sub } from '../body/vec.js';
import { mirrorText } from '../language/mirror.js';
import { MOVE_WORDS, ruleOf } from '../language/moves.js';
import { parse } from '../language/parse.js';
import { print } from '../language/print.js';
import { CASES, holds } from '../testing/holds.js';
import { anyActOf, stepOf } from '../testing/patterns.js';
import { anyPerformer, mirroredPerformer, performer } from '../testing/performers.js';
import { bearingTo } from './bearing-to.js';
import { simulate } from './simulate.js';
import type { Performer, Simulation } from './simulation.js';
import { riseOf, SMALL_SPLITS } from './sizes.js';
import { totalsOf } from './totals.js';

const of = (text: string, who: Performer): Simulation => simulate(parse(text), who);
const staggered = anyPerformer.filter((p) => p.school.staggered);
const guard = performer(1.75, 'staggered-striking', 'left');

function sameStance(a: Posture, b: Posture): void {
  const [x, y] = [sizeOf(a.feet, a.heading), sizeOf(b.feet, b.heading)];
  expect(x.width).toBeCloseTo(y.width, 6);
  expect(x.leftAhead).toBeCloseTo(y.leftAhead, 6);
  for (const foot of ['left', 'right'] as const) expect(a.feet[foot].toe - a.heading).toBeCloseTo(b.feet[foot].toe - b.heading, 6);
}

describe('every move of the vocabulary', () => {
  for (const word of MOVE_WORDS) {
    it(`${word}: mirrored text, hand and lead give the mirrored floor exactly, and time never runs back`, () => {
      holds(
        fc.property(anyPerformer, fc.array(anyActOf(word), { minLength: 1, maxLength: 3 }), (p, acts) => {
          const text = print(acts.map(stepOf));
          const one = of(text, p);
          const other = of(mirrorText(text), mirroredPerformer(p));
          for (const [a, b] of [
            [one.end.feet.left, other.end.feet.right],
            [one.end.feet.right, other.end.feet.left],
          ] as const) {
            expect(b.x).toBeCloseTo(-a.x, 7);
            expect(b.y).toBeCloseTo(a.y, 7);
            expect(normalised(b.toe + a.toe)).toBeCloseTo(0, 6);
          }
          expect(other.end.heading).toBeCloseTo(-one.end.heading, 6);
          expect(other.end.lead).toBe(mirroredPerformer({ ...p, lead: one.end.lead }).lead);
          expect(other.seconds).toBeCloseTo(one.seconds, 9);
          for (const action of one.actions) expect(action.end).toBeGreaterThanOrEqual(action.start);
        }),
        // A word needs fewer cases than an invariant of its own: together they are many more.
        Math.ceil(CASES / 10),
      );
    });

    it(`${word}: its example can be typed as it stands`, () => {
      const parsed = parse(ruleOf(word).example);
      expect(parsed.errors).toEqual([]);
      expect(parsed.items.map((item) => item.kind === 'step' && item.act.word)).toEqual([word]);
    });
  }
});

describe('turns by name', () => {
  const turn = fc.integer({ min: 1, max: 170 });
  const sideOf = fc.constantFrom<Side>('left', 'right');

  it('cut, side step and turn, and step-out quarter end in the stance from before, turned the other way', () => {
    const named = [
      ['cut', 45],
      ['side step and turn', 90],
      ['step-out quarter', 90],
    ] as const;
    holds(
      fc.property(anyPerformer, fc.constantFrom(...named), sideOf, fc.integer({ min: 10, max: 60 }), (p, [word, usual], side, size) => {
        const sim = of(`${word} ${side} ${size} cm`, p);
        sameStance(sim.end, sim.start);
        expect(sim.end.heading).toBe(side === 'right' ? -usual : usual);
        // The first foot goes out at the named angle, by the size.
        const out = sim.actions[0];
        expect(distance(out?.from ?? { x: 0, y: 0 }, out?.to ?? { x: 0, y: 0 })).toBeCloseTo(size / 100, 9);
      }),
    );
  });

  it('with an opponent on the floor they end facing them', () => {
    holds(
      fc.property(anyPerformer, fc.constantFrom('cut', 'side step and turn'), sideOf, (p, word, side) => {
        const sim = of(`partner at 2 m ahead, ${word} ${side} 40 cm`, p);
        // The stance turns on the foot that stepped, so that its own origin may lie a little off the line.
        expect(Math.abs(bearingTo(sim.end, { x: 0, y: 2 }))).toBeLessThan(15);
      }),
    );
  });

  it('a quarter pivots on the lead foot to the named side; four are the identity (common practice, no source)', () => {
    holds(
      fc.property(staggered, sideOf, fc.constantFrom('quarter', 'slip-side quarter'), (p, side, word) => {
        const one = of(`${word} ${side}`, p);
        const lead = one.start.lead as Side;
        expect(one.end.heading).toBe(side === 'right' ? 90 : -90);
        expect(distance(one.end.feet[lead], one.start.feet[lead])).toBeCloseTo(0, 9);
        const four = of(`${word} ${side} 4`, p);
        for (const foot of ['left', 'right'] as const) expect(distance(four.end.feet[foot], four.start.feet[foot])).toBeCloseTo(0, 9);
      }),
    );
  });

  it('an orbit keeps its distance and faces the opponent; right by δ turns −δ; the straight line is 2 r sin(δ/2)', () => {
    holds(
      fc.property(anyPerformer, turn, sideOf, fc.integer({ min: 80, max: 300 }), (p, degrees, side, far) => {
        const sim = of(`partner at ${far} cm ahead, orbit ${side} ${degrees}°`, p);
        const r = far / 100;
        const there = { x: 0, y: r };
        expect(distance(originOf(sim.end.feet), there)).toBeCloseTo(r, 9);
        expect(bearingTo(sim.end, there)).toBeCloseTo(0, 6);
        expect(sim.end.heading).toBeCloseTo(side === 'right' ? -degrees : degrees, 9);
        const line = sub(originOf(sim.end.feet), originOf(sim.start.feet));
        expect(Math.hypot(line.x, line.y)).toBeCloseTo(2 * r * Math.sin((degrees * Math.PI) / 360), 9);
        expect(Math.sign(line.x)).toBe(side === 'right' ? 1 : -1);
        sameStance(sim.end, sim.start);
      }),
    );
  });

  it('an orbit by a size goes as far in a straight line', () => {
    const sim = of('partner at 2 m ahead, orbit left 60 cm', guard);
    expect(distance(originOf(sim.end.feet), originOf(sim.start.feet))).toBeCloseTo(0.6, 9);
  });
});

describe('passing and crossing', () => {
  it('crossovers and runs keep the lead until the stance is squared up', () => {
    holds(
      fc.property(
        anyPerformer,
        fc.constantFrom('crossover right', 'cross behind left', 'run ahead'),
        fc.integer({ min: 1, max: 4 }),
        (p, step, n) => {
          const gone = of(`${step} 50 cm ${n}`, p);
          expect(gone.end.lead).toBe(gone.start.lead);
          const back = of(`${step} 50 cm ${n}, square up`, p);
          const [is, was] = [sizeOf(back.end.feet, back.end.heading), sizeOf(back.start.feet, 0)];
          expect(Math.abs(is.width - was.width)).toBeLessThan(0.021);
          expect(Math.abs(is.leftAhead - was.leftAhead)).toBeLessThan(0.021);
        },
      ),
    );
  });

  it('a crossover swings ahead of the standing foot, a cross behind behind it', () => {
    const who = performer(1.7);
    const middle = (text: string): number => {
      const sim = of(text, who);
      const [action] = sim.actions;
      return action?.bow?.y ?? 0;
    };
    expect(middle('crossover right')).toBeGreaterThan(0);
    expect(middle('cross behind right')).toBeLessThan(0);
    expect(middle('run right')).toBe(0);
  });

  it('a running attack ends in the stance and the lead that it began with', () => {
    holds(
      fc.property(staggered, (p) => {
        const sim = of('running attack ahead', p);
        expect(sim.end.lead).toBe(sim.start.lead);
        const [is, was] = [sizeOf(sim.end.feet, 0), sizeOf(sim.start.feet, 0)];
        expect(is.leftAhead).toBeCloseTo(was.leftAhead, 6);
        expect(is.width).toBeCloseTo(was.width, 6);
        expect(originOf(sim.end.feet).y).toBeGreaterThan(0);
      }),
    );
  });

  it('the other lead is the same stance the other way round; twice is where it began', () => {
    holds(
      fc.property(staggered, (p) => {
        const once = of('other lead', p);
        expect(once.end.lead).not.toBe(once.start.lead);
        expect(sizeOf(once.end.feet, 0).leftAhead).toBeCloseTo(-sizeOf(once.start.feet, 0).leftAhead, 1);
        const twice = of('other lead, other lead', p);
        for (const foot of ['left', 'right'] as const) expect(distance(twice.end.feet[foot], twice.start.feet[foot])).toBeLessThan(0.03);
      }),
    );
    expect(of('other lead', performer(1.7)).problems.map((problem) => problem.code)).toEqual(['refused']);
  });
});

describe('moves that leave the floor', () => {
  it('a scissor jump exchanges the legs and turns the body; two turned back are where it began', () => {
    holds(
      fc.property(staggered, fc.integer({ min: 10, max: 180 }), (p, degrees) => {
        const one = of(`scissor jump left ${degrees}°`, p);
        expect([one.end.heading, one.end.lead]).toEqual([-degrees, one.start.lead === 'left' ? 'right' : 'left']);
        const two = of(`scissor jump left ${degrees}°, scissor jump right ${degrees}°`, p);
        for (const foot of ['left', 'right'] as const) expect(distance(two.end.feet[foot], two.start.feet[foot])).toBeCloseTo(0, 9);
      }),
    );
    expect(of('scissor jump', performer(1.7)).problems.map((problem) => problem.code)).toEqual(['refused']);
  });

  it('rise and flight go together: 5 cm is 0.202 s (h = g t²/8; standard gravity)', () => {
    expect(riseOf(0.202)).toBeCloseTo(0.05, 3);
    const sim = of('block jump right 40 cm slow', guard);
    expect(sim.actions[0]?.airborneUntil).toBeCloseTo(0.3, 9);
    sameStance(sim.end, sim.start);
  });

  it('landings are told apart: splits, hops, gallops, jumps', () => {
    const { landings } = totalsOf(of('split several, preload hop, gallop left 50 cm, jump, side jump right 40 cm, scissor jump', guard));
    expect(landings).toEqual({ split: 1 + SMALL_SPLITS, hop: 1, gallop: 1, jump: 3 });
  });

  it('a directional split lands one foot ahead by the size', () => {
    const sim = of('split right foot ahead 20 cm', performer(1.7));
    expect(sim.end.feet.right.y - sim.start.feet.right.y).toBeCloseTo(0.2, 9);
    expect(distance(sim.end.feet.left, sim.start.feet.left)).toBe(0);
  });
});

describe('moves of two parts', () => {
  it('a step-lunge is a small gather and a lunge, a jump-lunge a small jump into guard and a lunge', () => {
    const [whole, parts] = [of('step-lunge ahead', guard), of('advance small, lunge ahead', guard)];
    expect(distance(whole.end.feet.left, parts.end.feet.left)).toBeCloseTo(0, 9);
    expect(totalsOf(of('jump-lunge ahead', guard)).lunges).toEqual({ left: 1, right: 0 });
    // What is recovered is the lunge alone: the step before it stays gone.
    const back = of('step-lunge ahead, recover back', guard);
    expect(originOf(back.end.feet).y).toBeCloseTo(0.15 * guard.body.leg.metres, 9);
  });

  it('a step in and its pull back move nothing, however long one stands and hits between', () => {
    holds(
      fc.property(anyPerformer, fc.integer({ min: 10, max: 60 }), (p, size) => {
        const sim = of(`step in ahead ${size} cm, hit, hold 1 s, pull back`, p);
        for (const foot of ['left', 'right'] as const) expect(distance(sim.end.feet[foot], sim.start.feet[foot])).toBeCloseTo(0, 9);
        expect(sim.problems).toEqual([]);
      }),
    );
  });

  it('a drop step opens the hips to its side and goes back', () => {
    const sim = of('drop step right 40 cm', performer(1.7));
    expect(sim.end.heading).toBe(45);
    expect(sim.end.feet.right.y - sim.start.feet.right.y).toBeCloseTo(-0.4 * Math.SQRT1_2, 9);
    expect(normalised(sim.end.feet.left.toe)).toBeCloseTo(35, 9);
  });

  it('weight goes where it is shifted', () => {
    expect(of('weight shift right foot', performer(1.7)).end.leftShare).toBe(0.25);
  });
});
