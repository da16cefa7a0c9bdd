import fc from 'fast-check';
import { turned, type Vec } from '../body/vec.js';
import { parse } from '../language/parse.js';
import { simulate } from '../motion/simulate.js';
import { seeded } from '../motion/seeded.js';
import { holds } from '../testing/holds.js';
import { anyPerformer, performer } from '../testing/performers.js';
import { againstPlan, plannedFeet, planOnFloor, type Planned } from './against-plan.js';
import type { Stood } from './foot.js';
import { areaOf } from '../judge/area-text.js';

const LINE = 'split, shuffle right 50 cm, shuffle left 50 cm, lunge right forward 90 cm, recover, pivot left 90°, step ahead 60 cm';
/** Feet of a film that stand where a plan has them, turned and shifted on their floor, off by so much. */
const filmed = (planned: readonly Planned[], at: Vec, facing: number, off: () => Vec = () => ({ x: 0, y: 0 })): Stood[] =>
  planned.map(({ foot, at: own }, frame) => {
    const [there, by] = [turned(own, facing), off()];
    const place = { x: at.x + there.x + by.x, y: at.y + there.y + by.y };
    return {
      foot,
      frame,
      place: { at: place, ellipse: { xx: 1e-4, xy: 0, yy: 1e-4 }, within: 0.01 },
      toe: { value: own.toe + facing, within: 5 },
    };
  });

describe('a plan laid over the feet of a film', () => {
  it('is found wherever and whichever way it was done, by whom ever', () => {
    const metres = fc.double({ min: -5, max: 5, noNaN: true });
    holds(
      fc.property(anyPerformer, metres, metres, fc.integer({ min: -179, max: 180 }), (who, x, y, facing) => {
        const sim = simulate(parse(LINE), who);
        const found = againstPlan(sim, filmed(plannedFeet(sim), { x, y }, facing));
        expect(found?.off).toBeLessThan(1e-6);
        expect(found?.at.x).toBeCloseTo(x, 6);
        expect(found?.at.y).toBeCloseTo(y, 6);
        expect(Math.abs(turned({ x: 0, y: 1 }, (found?.facing ?? 0) - facing).y - 1)).toBeLessThan(1e-9);
        for (const { toe } of found?.beside ?? []) expect(toe).toBeCloseTo(0, 6);
      }),
    );
  });

  it('says by how much one foot was off, in the way that the plan looks', () => {
    const sim = simulate(parse(LINE), performer());
    const planned = plannedFeet(sim);
    const lunge = planned.findIndex(({ move }) => sim.moves[move]?.step.act.word === 'lunge');
    let n = 0;
    // Twenty centimetres short of the lunge, on a floor where the plan looks to the right.
    const feet = filmed(planned, { x: 1, y: -3 }, 90, () => (n++ === lunge ? { x: -0.2, y: 0 } : { x: 0, y: 0 }));
    const off = againstPlan(sim, feet)?.beside[lunge]?.off ?? { x: 0, y: 0 };
    expect(off.y).toBeCloseTo(-0.2, 1);
    expect(Math.abs(off.x)).toBeLessThan(0.03);
  });

  it('is not led astray by a foot that was tapped twice, by one that nobody tapped, or by a film that begins later', () => {
    const sim = simulate(parse(LINE), performer());
    const planned = plannedFeet(sim);
    const chance = seeded(3);
    const off = (): Vec => ({ x: (chance() - 0.5) * 0.04, y: (chance() - 0.5) * 0.04 });
    const kinds: Readonly<Record<string, readonly Planned[]>> = {
      twice: planned.flatMap((one, i) => (i === 4 ? [one, one] : [one])),
      missed: planned.filter((_, i) => i !== 6),
      later: planned.slice(4),
      'the start left out': planned.slice(2),
    };
    for (const [kind, some] of Object.entries(kinds)) {
      const found = againstPlan(sim, filmed(some, { x: 2, y: 1 }, 30, off));
      expect(found?.off).withContext(kind).toBeLessThan(0.04);
      expect(found?.beside.length).withContext(kind).toBe(some.length);
      // Places that feet come back to are alike: what counts is where, not which time.
      for (const [i, { planned: one }] of (found?.beside ?? []).entries()) {
        const meant = some[i]?.at ?? one.at;
        expect(Math.hypot(one.at.x - meant.x, one.at.y - meant.y))
          .withContext(`${kind} ${i}`)
          .toBeLessThan(0.03);
      }
    }
  });

  it('is none of one foot', () => {
    const sim = simulate(parse(LINE), performer());
    expect(againstPlan(sim, filmed(plannedFeet(sim).slice(0, 1), { x: 0, y: 0 }, 0))).toBeNull();
  });

  it('lies on the floor where it was laid', () => {
    const area = areaOf('tennis');
    if (!area) throw new Error('tennis');
    const sim = simulate(parse('step ahead 60 cm'), performer());
    const [first] = planOnFloor({ area, at: { x: 2, y: 3 }, facing: 90 }, plannedFeet(sim));
    const left = sim.start.feet.left;
    expect(first?.x).toBeCloseTo(2 + left.y, 9);
    expect(first?.y).toBeCloseTo(3 - left.x, 9);
    expect(first?.toe).toBeCloseTo(left.toe + 90, 9);
  });
});
