import fc from 'fast-check';
import { bodyOf } from '../body/body.js';
import type { Side } from '../body/foot.js';
import { SCHOOLS } from '../body/school.js';
import { originOf, sizeOf, standIn } from '../body/stance.js';
import { distance, dot, normalised, sub, wayOf } from '../body/vec.js';
import { parse } from '../language/parse.js';
import { holds } from '../testing/holds.js';
import { anyPerformer } from '../testing/performers.js';
import { gather } from './gather.js';
import { pivot } from './pivot.js';
import { simulate } from './simulate.js';
import type { Performer } from './simulation.js';

const side = fc.constantFrom<Side>('left', 'right');
const bearing = fc.integer({ min: -180, max: 180 });
const metres = fc.double({ min: 0.05, max: 1.2, noNaN: true });
const stance = (p: Performer) => standIn(p.school, p.body, p.lead);

describe('invariants of the moves', () => {
  it('a gather of both feet by d ends in the stance it began, its origin d further', () => {
    holds(
      fc.property(anyPerformer, bearing, metres, side, (p, b, d, first) => {
        const before = stance(p);
        const { after } = gather(before, first, b, d, d, 0.22);
        expect(sizeOf(after.feet, after.heading).width).toBeCloseTo(sizeOf(before.feet, 0).width, 9);
        expect(sizeOf(after.feet, after.heading).leftAhead).toBeCloseTo(sizeOf(before.feet, 0).leftAhead, 9);
        const gone = sub(originOf(after.feet), originOf(before.feet));
        expect(dot(gone, wayOf(b))).toBeCloseTo(d, 9);
        expect(Math.hypot(gone.x, gone.y)).toBeCloseTo(d, 9);
      }),
    );
  });

  it('first foot d, second f: the separation along the bearing changes by d − f, nothing across, the origin by their mean', () => {
    holds(
      fc.property(anyPerformer, bearing, metres, metres, side, (p, b, d, f, first) => {
        const before = stance(p);
        const { after } = gather(before, first, b, d, f, 0.22);
        const ahead = (feet: typeof before.feet, way: number): number =>
          dot(sub(feet[first], feet[first === 'left' ? 'right' : 'left']), wayOf(way));
        expect(ahead(after.feet, b) - ahead(before.feet, b)).toBeCloseTo(d - f, 9);
        expect(ahead(after.feet, b + 90) - ahead(before.feet, b + 90)).toBeCloseTo(0, 9);
        expect(distance(originOf(after.feet), originOf(before.feet))).toBeCloseTo((d + f) / 2, 9);
      }),
    );
  });

  it('six inches and four ahead: the stance is 2 in longer and the origin 5 in ahead (common practice, no source)', () => {
    const p: Performer = { body: bodyOf({ height: 1.75 }), school: SCHOOLS[1] as Performer['school'], lead: 'left', playing: 'right' };
    const before = stance(p);
    const { after } = gather(before, 'left', 0, 6 * 0.0254, 4 * 0.0254, 0.22);
    expect(sizeOf(after.feet, 0).leftAhead - sizeOf(before.feet, 0).leftAhead).toBeCloseTo(2 * 0.0254, 9);
    expect(originOf(after.feet).y).toBeCloseTo(5 * 0.0254, 9);
  });

  it('second foot 2 in too far on each retreat: 12 in are gone at the sixth (common practice, no source)', () => {
    let posture = stance({ body: bodyOf({ height: 1.75 }), school: SCHOOLS[2] as Performer['school'], lead: 'right', playing: 'right' });
    const length = -sizeOf(posture.feet, 0).leftAhead;
    for (let i = 0; i < 6; i++) posture = gather(posture, 'left', 180, 0.2, 0.2 + 2 * 0.0254, 0.22).after;
    expect(length + sizeOf(posture.feet, 0).leftAhead).toBeCloseTo(12 * 0.0254, 9);
  });

  it('a pivot keeps its foot’s mark and the stance; four quarters are the identity', () => {
    holds(
      fc.property(anyPerformer, fc.integer({ min: -360, max: 360 }), side, (p, turn, on) => {
        const before = stance(p);
        const { after } = pivot(before, on, turn, 0.4);
        expect(distance(after.feet[on], before.feet[on])).toBeCloseTo(0, 12);
        expect(sizeOf(after.feet, after.heading).width).toBeCloseTo(sizeOf(before.feet, 0).width, 9);
        expect(sizeOf(after.feet, after.heading).leftAhead).toBeCloseTo(sizeOf(before.feet, 0).leftAhead, 9);
        let around = before;
        for (let i = 0; i < 4; i++) around = pivot(around, on, 90, 0.4).after;
        for (const foot of ['left', 'right'] as const) expect(distance(around.feet[foot], before.feet[foot])).toBeCloseTo(0, 9);
        expect(normalised(around.heading)).toBeCloseTo(0, 9);
      }),
    );
  });

  it('a lunge and its recovery back move nothing; ahead, the stance goes with the foot', () => {
    holds(
      fc.property(anyPerformer, bearing, fc.integer({ min: 10, max: 120 }), (p, b, centimetres) => {
        const lunge = `lunge ${b}° ${centimetres} cm`;
        const back = simulate(parse(`${lunge}, recover back`), p);
        for (const foot of ['left', 'right'] as const) expect(distance(back.end.feet[foot], back.start.feet[foot])).toBeCloseTo(0, 9);
        const on = simulate(parse(`${lunge}, recover ahead`), p);
        expect(sizeOf(on.end.feet, 0).width).toBeCloseTo(sizeOf(on.start.feet, 0).width, 9);
        expect(distance(originOf(on.end.feet), originOf(on.start.feet))).toBeCloseTo(centimetres / 100, 9);
        expect(on.end.feet.left.toe).toBe(on.start.feet.left.toe);
      }),
    );
  });
});
