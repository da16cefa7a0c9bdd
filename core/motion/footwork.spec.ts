import fc from 'fast-check';
import { otherSide, outlineOf, type Side } from '../body/foot.js';
import { overlap } from '../body/polygon.js';
import { movedFoot, originOf, sizeOf, standIn, type Posture } from '../body/stance.js';
import { distance, dot, scale, sub, wayOf } from '../body/vec.js';
import { study } from '../judge/study.js';
import { parse } from '../language/parse.js';
import { print } from '../language/print.js';
import { holds } from '../testing/holds.js';
import { anyPerformer, performer } from '../testing/performers.js';
import { nearFoot } from './foot-choice.js';
import { halfStep, LEAST, meeting, pendulum, separation } from './meeting.js';
import { feetAt } from './motion.js';
import { fullPass, pass, switchFeet } from './passing.js';
import { simulate } from './simulate.js';
import type { Performer, Simulation } from './simulation.js';
import { riseOf } from './sizes.js';
import { squareUp } from './square-up.js';
import { totalsOf } from './totals.js';

const side = fc.constantFrom<Side>('left', 'right');
const staggered = anyPerformer.filter((p) => p.school.staggered);
const bearing = fc.integer({ min: -180, max: 180 });
const metres = fc.double({ min: 0.05, max: 0.9, noNaN: true });
const stance = (p: Performer): Posture => standIn(p.school, p.body, p.lead);
const of = (text: string, who: Performer): Simulation => simulate(parse(text), who);

function sameStance(a: Posture, b: Posture): void {
  const [x, y] = [sizeOf(a.feet, a.heading), sizeOf(b.feet, b.heading)];
  expect(x.width).toBeCloseTo(y.width, 6);
  expect(x.leftAhead).toBeCloseTo(y.leftAhead, 6);
  expect(a.feet.left.toe - a.heading).toBeCloseTo(b.feet.left.toe - b.heading, 6);
  expect(a.feet.right.toe - a.heading).toBeCloseTo(b.feet.right.toe - b.heading, 6);
}

describe('chassé and gallop', () => {
  it('bring both feet as far, restore the stance, and bring the separation to touching at most, never reversed', () => {
    holds(
      fc.property(anyPerformer, bearing, metres, fc.constantFrom(0, 0.1), (p, b, d, flight) => {
        const before = stance(p);
        const near = nearFoot(before, b, p.playing);
        const result = meeting(before, near, b, d, 0.4, flight, p.body);
        sameStance(result.after, before);
        const gone = sub(originOf(result.after.feet), originOf(before.feet));
        expect(dot(gone, wayOf(b))).toBeCloseTo(d, 6);
        expect(Math.hypot(gone.x, gone.y)).toBeCloseTo(d, 6);
        // After each action both feet may be down: their outlines share nothing, and the near foot is still the near one.
        const feet = { ...before.feet };
        const apart = separation(before, near, b);
        // Outlines that share less than that little are still only touching.
        const brushes = (stood: typeof feet): boolean =>
          [0, LEAST].every((by) =>
            overlap(outlineOf(movedFoot(stood[near], scale(wayOf(b), by)), p.body), outlineOf(stood[otherSide(near)], p.body)),
          );
        const brushed = brushes(before.feet) || overlap(outlineOf(before.feet.left, p.body), outlineOf(before.feet.right, p.body));
        for (const action of result.actions) {
          feet[action.foot] = action.to;
          expect(separation({ ...before, feet }, near, b)).toBeGreaterThanOrEqual(Math.min(apart, 0) - 1e-6);
          // A stance whose outlines lie within that little already may brush by it.
          if (!brushed) expect(brushes(feet)).toBeFalse();
        }
      }),
    );
  });

  it('a gallop has both feet off the floor for a tenth of a second, a chassé never (common practice, no source)', () => {
    const airborne = (text: string): number =>
      study(text, performer(1.7), false)
        .states.filter((span) => span.state === 'airborne')
        .reduce((sum, span) => sum + span.to - span.from, 0);
    expect(airborne('chassé right 40 cm')).toBe(0);
    expect(airborne('gallop right 40 cm')).toBeCloseTo(0.1, 6);
    expect(
      ['chassé', 'gallop'].map((word) => of(`tempo flat, ${word} right 40 cm`, performer(1.7)).seconds).map((s) => Math.round(s * 100)),
    ).toEqual([40, 36]);
  });

  it('another spelling of the word is the same move', () => {
    expect(print(parse('chasse left 30 cm').items)).toBe('chassé left 30 cm');
  });
});

describe('pendulum', () => {
  it('puts the far foot to the near foot’s place along the bearing only, and by default restores the stance', () => {
    holds(
      fc.property(staggered, fc.constantFrom(0, 180), (p, b) => {
        const before = stance(p);
        const near = nearFoot(before, b, p.playing);
        const far = otherSide(near);
        const apart = separation(before, near, b);
        const result = pendulum(before, near, b, null, 0.4, p.body);
        if (apart < p.body.breadth.metres / 2) return expect(result).toBeNull();
        const way = wayOf(b);
        expect(dot(result?.after.feet[far] ?? { x: 0, y: 0 }, way)).toBeCloseTo(dot(before.feet[near], way), 9);
        expect(result?.after.feet[far].x).toBeCloseTo(before.feet[far].x, 9);
        sameStance(result?.after ?? before, before);
        expect(distance(originOf(result?.after.feet ?? before.feet), originOf(before.feet))).toBeCloseTo(apart, 9);
      }),
    );
  });

  it('with another travel the changed stance is what is asked: the separation is that travel', () => {
    holds(
      fc.property(staggered, metres, (p, d) => {
        const before = stance(p);
        const near = nearFoot(before, 0, p.playing);
        const result = pendulum(before, near, 0, d, 0.4, p.body);
        if (result) expect(separation(result.after, near, 0)).toBeCloseTo(d, 9);
      }),
    );
  });

  it('is refused where there is nothing to swing into, and the athlete stands', () => {
    const seen = study('pendulum ahead', performer(1.7), true);
    expect(seen.findings.map((finding) => [finding.code, finding.level])).toEqual([['refused', 'stop']]);
    expect(seen.drift.furthestMark).toBe(0);
    expect(study('pendulum ahead', performer(1.7, 'staggered-striking', 'left'), false).findings).toEqual([]);
  });
});

describe('passing step, shift and back step', () => {
  it('without a size gives the same stance with the other lead, its origin a stance length further', () => {
    holds(
      fc.property(staggered, (p) => {
        const before = stance(p);
        const rear = otherSide(p.lead ?? 'left');
        const after = pass(before, rear, 0, fullPass(before, rear, 0), 0.35, p.school, p.body).after;
        expect(after.lead).toBe(rear);
        sameStance(after, { ...standIn(p.school, p.body, rear) });
        expect(originOf(after.feet).y).toBeCloseTo(Math.abs(sizeOf(before.feet, 0).leftAhead), 9);
        expect(after.leftShare).toBeCloseTo(1 - before.leftShare, 12);
      }),
    );
  });

  it('a shift and a back step are where they began; two shifts are the same lead, two lengths on', () => {
    holds(
      fc.property(staggered, (p) => {
        const there = of('shift, back step', p);
        sameStance(there.end, there.start);
        expect(there.end.lead).toBe(there.start.lead);
        expect(distance(there.end.feet.left, there.start.feet.left)).toBeLessThan(1e-9);
        const on = of('shift 2', p);
        sameStance(on.end, on.start);
        expect(on.end.lead).toBe(on.start.lead);
        expect(originOf(on.end.feet).y).toBeCloseTo(2 * Math.abs(sizeOf(on.start.feet, 0).leftAhead), 9);
      }),
    );
  });

  it('one that does not get past by half a foot breadth leaves the lead, and says so', () => {
    const who = performer(1.7, 'staggered-striking', 'left');
    const length = sizeOf(standIn(who.school, who.body, 'left').feet, 0).leftAhead;
    const breadth = who.body.breadth.metres;
    const codes = (cm: number): [string | null, string[]] => {
      const seen = study(`shift ${cm} cm`, who, false);
      return [seen.simulation.end.lead, seen.findings.map((finding) => finding.code)];
    };
    const just = Math.ceil((length + breadth / 2) * 100);
    expect(codes(just)[0]).toBe('right');
    expect(codes(just - 2)).toEqual(['left', ['short-pass']]);
  });

  it('in a square stance the first passing step makes a lead', () => {
    expect(of('pass ahead 50 cm right foot', performer(1.7)).end.lead).toBe('right');
    expect(of('back step 50 cm', performer(1.7)).end.lead).toBe('left');
    expect(of('pass ahead 50 cm right foot, pass back 60 cm right foot', performer(1.7)).end.lead).toBe('left');
  });

  it('gathers never change the lead', () => {
    for (const text of ['advance', 'retreat 40 cm', 'shuffle left', 'chassé ahead', 'gallop back', 'half step ahead', 'pendulum ahead']) {
      expect(of(text, performer(1.7, 'staggered-striking', 'left')).end.lead)
        .withContext(text)
        .toBe('left');
    }
  });
});

describe('switch', () => {
  it('exchanges the feet about the same origin, each on its own side; twice it is the identity', () => {
    holds(
      fc.property(staggered, bearing, metres, (p, b, d) => {
        const before = stance(p);
        const still = switchFeet(before, 0, 0, 0.3, p.school);
        expect(still?.after.lead).toBe(otherSide(p.lead ?? 'left'));
        expect(distance(originOf(still?.after.feet ?? before.feet), originOf(before.feet))).toBeLessThan(1e-9);
        expect(still?.after.feet.left.x).toBeCloseTo(before.feet.left.x, 9);
        const twice = still && switchFeet(still.after, 0, 0, 0.3, p.school);
        sameStance(twice?.after ?? before, before);
        const drifted = switchFeet(before, b, d, 0.3, p.school);
        expect(distance(originOf(drifted?.after.feet ?? before.feet), originOf(before.feet))).toBeCloseTo(d, 9);
      }),
    );
  });

  it('is refused in a square stance', () => {
    expect(study('switch', performer(1.7), true).findings.map((finding) => finding.code)).toEqual(['refused']);
  });
});

describe('half step, jump and square up', () => {
  it('a half step and back moves nothing and has two contacts of one foot', () => {
    holds(
      fc.property(anyPerformer, bearing, metres, side, (p, b, d, foot) => {
        const before = stance(p);
        const result = halfStep(before, foot, b, d, 0.4);
        expect(result.after).toEqual(before);
        expect(result.actions.map((action) => [action.foot, action.contact])).toEqual([
          [foot, true],
          [foot, true],
        ]);
        expect(distance(result.actions[0]?.to ?? before.feet.left, before.feet[foot])).toBeCloseTo(d, 9);
      }),
    );
  });

  it('a jump keeps the stance; 0.30 s in the air rise 11 cm (h = g t²/8, g = 9.81)', () => {
    const who = performer(1.7, 'long-bladed', 'left');
    const sim = of('jump ahead 30 cm', who);
    sameStance(sim.end, sim.start);
    expect(originOf(sim.end.feet).y).toBeCloseTo(0.3, 9);
    expect(feetAt(sim, 0.15).left.inAir && feetAt(sim, 0.15).right.inAir).toBeTrue();
    expect(feetAt(sim, 0.31).left.inAir).toBeFalse();
    expect(riseOf(0.3)).toBeCloseTo(0.11, 3);
    expect(totalsOf(sim).contacts).toEqual({ left: 1, right: 1 });
    expect(of('jump slow', who).actions[0]?.airborneUntil).toBeCloseTo(0.3, 9);
  });

  it('squaring up brings any stance back to the school’s, about where it is', () => {
    holds(
      fc.property(
        anyPerformer,
        fc.double({ min: -0.3, max: 0.3, noNaN: true }),
        fc.double({ min: -0.3, max: 0.3, noNaN: true }),
        fc.integer({ min: -90, max: 90 }),
        (p, dx, dy, heading) => {
          const ready = stance(p);
          const spoiled: Posture = {
            ...ready,
            heading,
            feet: { ...ready.feet, right: { x: ready.feet.right.x + dx, y: ready.feet.right.y + dy, toe: 0 } },
          };
          const { after } = squareUp(spoiled, () => 0.22, p.school, p.body, spoiled.lead, p.playing);
          const [is, was] = [sizeOf(after.feet, heading), sizeOf(ready.feet, 0)];
          expect(Math.abs(is.width - was.width)).toBeLessThan(0.021);
          expect(Math.abs(is.leftAhead - was.leftAhead)).toBeLessThan(0.021);
          expect(distance(originOf(after.feet), originOf(spoiled.feet))).toBeLessThan(0.011);
        },
      ),
    );
  });

  it('in the stance already, nothing is stepped', () => {
    expect(of('square up', performer(1.7)).actions).toEqual([]);
  });
});

describe('the words of the footwork', () => {
  it('two words begin a step together; one of them alone is named with the whole', () => {
    expect(print(parse('half step ahead 20 cm, back step, square up').items)).toBe('half step ahead 20 cm, back step, square up');
    const [error] = parse('square, split').errors;
    expect([error?.line, error?.column, error?.code]).toEqual([1, 1, 'no-beginning']);
  });

  it('a switch or jump with a direction and no size is a small one; a shift goes ahead only', () => {
    const [small, plain] = ['jump left small', 'jump left'].map((text) => of(text, performer(1.7)).end.feet.left.x);
    expect(plain).toBe(small);
    expect(of('jump', performer(1.7)).end.feet.left.x).toBeGreaterThan(plain ?? 0);
    const shift = parse('shift back');
    expect(print(shift.items)).toBe('shift');
    expect(shift.errors[0]?.nearest).toBe('pass');
    expect(parse('chassé').errors[0]?.code).toBe('needs-way');
    expect(parse('square up 30 cm').errors[0]?.code).toBe('takes-no-size');
  });
});
