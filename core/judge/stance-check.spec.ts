import fc from 'fast-check';
import { bodyOf } from '../body/body.js';
import { otherSide, type Side } from '../body/foot.js';
import { NO_OVERRIDE, overridden } from '../body/override.js';
import { schoolOf, SCHOOLS } from '../body/school.js';
import { stanceTarget, standIn, type Feet } from '../body/stance.js';
import { holds } from '../testing/holds.js';
import { anyPerformer, performer } from '../testing/performers.js';
import { checkStance } from './stance-check.js';

const square = performer(1.7);
const feet = (width: number, leftAhead: number, toes: readonly [number, number]): Feet => ({
  left: { x: -width / 2, y: leftAhead / 2, toe: toes[0] },
  right: { x: width / 2, y: -leftAhead / 2, toe: toes[1] },
});
const named = (all: ReturnType<typeof checkStance>, name: string) => all.find((one) => one.name === name);

describe('a stance as it is seen', () => {
  it('the school’s own stance has nothing to say against it, whoever stands', () => {
    holds(
      fc.property(anyPerformer, (p) => {
        const checks = checkStance(standIn(p.school, p.body, p.lead).feet, p.school, p.body, p.school.staggered ? p.lead : null);
        expect(checks.map((check) => [check.name, check.level])).toEqual([
          ['width', null],
          ['length', null],
          ['lead toe', null],
          ['rear toe', null],
        ]);
      }),
    );
  });

  it('13 cm narrower than 53 cm: beyond the 7.9 cm that are allowed (common practice, no source)', () => {
    const width = named(checkStance(feet(0.4, 0, [-10, 10]), square.school, square.body, null), 'width');
    expect([width?.value, width?.target.toFixed(3)]).toEqual([0.4, '0.528']);
    expect(width?.off).toBeCloseTo(-(0.1283 - 0.0792), 3);
    expect(width?.level).toBe('note');
  });

  it('limits met exactly are inside; under a centimetre or two degrees beyond nothing is said', () => {
    const target = stanceTarget(square.school, square.body);
    const at = (width: number) => named(checkStance(feet(width, 0, [-10, 10]), square.school, square.body, null), 'width')?.level;
    expect([
      at(target.width + target.tolerance),
      at(target.width + target.tolerance + 0.009),
      at(target.width + target.tolerance + 0.011),
    ]).toEqual([null, null, 'note']);
    const toe = (degrees: number) =>
      named(checkStance(feet(target.width, 0, [-degrees, 10]), square.school, square.body, null), 'lead toe')?.level;
    expect([toe(20), toe(21), toe(23), toe(35), toe(90)]).toEqual([null, null, 'note', 'beware', 'stop']);
  });

  it('toes are outward positive for either foot, and a mirrored stance is judged alike', () => {
    holds(
      fc.property(
        anyPerformer.filter((p) => p.school.staggered),
        fc.double({ min: 0, max: 0.8, noNaN: true }),
        fc.double({ min: 0, max: 0.8, noNaN: true }),
        fc.integer({ min: -30, max: 100 }),
        (p, width, length, toe) => {
          const lead = p.lead as Side;
          const seen = feet(width, lead === 'left' ? length : -length, [-toe, toe]);
          const mirror = feet(width, lead === 'left' ? -length : length, [-toe, toe]);
          const one = checkStance(seen, p.school, p.body, lead);
          const other = checkStance(mirror, p.school, p.body, otherSide(lead));
          one.forEach((check, i) => {
            expect(other[i]?.value).toBeCloseTo(check.value, 9);
            expect(other[i]?.level).toBe(check.level);
          });
        },
      ),
    );
  });

  it('without a lead said, the foot that is ahead leads', () => {
    const guard = schoolOf('mixed-45') ?? SCHOOLS[0];
    const body = bodyOf({ height: 1.75 });
    const right = standIn(guard, body, 'right').feet;
    expect(checkStance(right, guard, body, null).every((check) => check.level === null)).toBeTrue();
    expect(named(checkStance(right, guard, body, 'left'), 'length')?.level).toBe('stop');
  });
});

describe('how one athlete stands other than their school', () => {
  it('what is measured is asked for, the rest stays the school’s', () => {
    const own = overridden(square.school, { ...NO_OVERRIDE, width: 0.6, leadToe: 25 });
    const target = stanceTarget(own, square.body);
    expect([target.width, target.length, own.toes]).toEqual([0.6, 0, { lead: 25, rear: 10 }]);
    expect(overridden(square.school, null)).toBe(square.school);
    expect(stanceTarget(overridden(square.school, NO_OVERRIDE), square.body).width).toBe(stanceTarget(square.school, square.body).width);
  });

  it('a measured width does not grow with a child; the school’s does', () => {
    const [small, grown] = [bodyOf({ height: 1.3 }), bodyOf({ height: 1.4 })];
    const own = overridden(square.school, { ...NO_OVERRIDE, width: 0.45 });
    expect(stanceTarget(own, grown).width).toBe(stanceTarget(own, small).width);
    expect(stanceTarget(square.school, grown).width).toBeGreaterThan(stanceTarget(square.school, small).width);
  });

  it('a club’s own stance goes before one of the same code', () => {
    const mine = { ...square.school, code: 'loft', name: 'Loft' };
    expect(schoolOf('loft', [mine])).toBe(mine);
    expect(schoolOf('loft')).toBeUndefined();
  });
});
