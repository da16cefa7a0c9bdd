import fc from 'fast-check';
import { otherSide, SIDES, type Side } from '../body/foot.js';
import { SCHOOLS } from '../body/school.js';
import { originOf, sizeOf, stanceTarget } from '../body/stance.js';
import { distance } from '../body/vec.js';
import { mirrorText } from '../language/mirror.js';
import { parse } from '../language/parse.js';
import { printPattern } from '../language/print.js';
import { holds } from '../testing/holds.js';
import { performer } from '../testing/performers.js';
import { bearingTo } from './bearing-to.js';
import { simulate } from './simulate.js';
import type { Performer, Simulation } from './simulation.js';
import { OWN_STEP, USUAL_TIME } from './sizes.js';
import { totalsOf } from './totals.js';

const staggered = SCHOOLS.filter((school) => school.staggered);
const anybody = fc
  .record({
    height: fc.integer({ min: 110, max: 200 }),
    school: fc.constantFrom(...SCHOOLS),
    lead: fc.constantFrom<Side[]>(...SIDES),
    playing: fc.constantFrom<Side[]>(...SIDES),
  })
  .map(({ height, school, lead, playing }): Performer => performer(height / 100, school.code, school.staggered ? lead : null, playing));

/** Shoulders of 0.60 m and hips of 0.40 m, as the numbers below are worked out for; a left lead. */
const striking: Performer = (() => {
  const who = performer(1.7, 'staggered-striking', 'left');
  const measured = (metres: number) => ({ metres, origin: 'measured' as const });
  return { ...who, body: { ...who.body, hip: measured(0.4), shoulder: measured(0.6) } };
})();
const square = performer(1.7);
const of = (line: string, who: Performer = striking): Simulation => simulate(parse(line), who);
const seconds = (line: string, who: Performer = striking): number => of(line, who).seconds;
/** Feet that landed, in order. */
const feet = (line: string, who: Performer = striking): string =>
  of(line, who)
    .actions.flatMap(({ foot, contact }) => (contact ? [foot.charAt(0)] : []))
    .join('');
const mirrored = (who: Performer): Performer => ({ ...who, lead: who.lead && otherSide(who.lead), playing: otherSide(who.playing) });
const even = (who: Performer): number => OWN_STEP.even * who.body.leg.metres;

describe('the foot that goes', () => {
  it('in a cut is the one of that side, in every stance, unless one is named', () => {
    for (const { code } of SCHOOLS)
      for (const lead of SIDES)
        for (const way of SIDES) {
          const who = performer(1.7, code, lead);
          expect(of(`cut ${way} 30 cm`, who).actions[0]?.foot)
            .withContext(`${code} ${lead} ${way}`)
            .toBe(way);
          expect(of(`cut ${way} 30 cm ${otherSide(way)} foot`, who).actions[0]?.foot).toBe(otherSide(way));
        }
  });

  it('in a run or a crossing never lands twice running, whoever goes wherever', () => {
    expect([feet('run left 60 cm 2', square), feet('crossover right 60 cm 3', square), feet('run ahead 30 cm 6')]).toEqual([
      'rl',
      'lrl',
      'rlrlrl',
    ]);
    const moves = fc.constantFrom('run', 'crossover', 'cross behind', 'drop step', 'back step', 'hold');
    holds(
      fc.property(
        anybody,
        fc.array(fc.tuple(moves, fc.constantFrom('left', 'right'), fc.integer({ min: 20, max: 90 })), { minLength: 2, maxLength: 8 }),
        (who, steps) => {
          const line = steps.map(([move, way, cm]) => (/hold|back/.test(move) ? move : `${move} ${way} ${cm} cm`)).join(', ');
          const { moves: done } = of(line, who);
          let landed: string | null = null;
          for (const { step, actions } of done) {
            const foot: string | null = actions.find(({ contact }) => contact)?.foot ?? null;
            if (foot === null) continue;
            if (/run|cross/.test(step.act.word))
              expect(foot)
                .withContext(line)
                .not.toBe(landed ?? '');
            landed = foot;
          }
        },
      ),
    );
    // A foot that is named goes; after both feet have gone the far one does.
    expect(feet('run left 60 cm, run left 60 cm right foot', square)).toBe('rr');
    expect(feet('run left, shuffle left, run left', square)).toBe('rlrr');
  });
});

describe('the stance after crossing, running or feet together', () => {
  const restoring = [
    'split',
    'split high hop',
    'shuffle left 30 cm',
    'shuffle right',
    'advance',
    'retreat 20 cm',
    'chassé left',
    'gallop right',
  ];
  const leaving = [
    'crossover left 70 cm',
    'cross behind right',
    'run ahead 60 cm',
    'run left 2',
    'feet together',
    'crossover right, lunge right, recover',
  ];

  it('is the school’s again after a split, a gather, a chassé or a gallop, about the same middle', () => {
    holds(
      fc.property(anybody, fc.constantFrom(...leaving), fc.constantFrom(...restoring), (who, leave, restore) => {
        const sim = of(`${leave}, ${restore}`, who);
        const { width, length } = stanceTarget(who.school, who.body);
        const size = sizeOf(sim.end.feet, sim.end.heading);
        const context = `${who.school.code}: ${leave}, ${restore}`;
        expect(size.width).withContext(context).toBeCloseTo(width, 9);
        expect(Math.abs(size.leftAhead))
          .withContext(context)
          .toBeCloseTo(who.school.staggered ? length : 0, 9);
        // Each foot goes from where it stood: nobody is carried.
        const last = sim.moves.at(-1);
        if (!last) throw new Error(context);
        const { before, actions } = last;
        for (const foot of SIDES) {
          const first = actions.find((one) => one.foot === foot);
          expect(first && distance(first.from, before.feet[foot]))
            .withContext(context)
            .toBeCloseTo(0, 9);
        }
        if (restore.startsWith('split')) expect(distance(originOf(sim.end.feet), originOf(before.feet))).toBeCloseTo(0, 9);
      }),
    );
    // Two splits stand a stance apart; a shuffle brings the body as far as it says.
    expect(of('crossover left 70 cm, split, split', square).moves.at(-1)?.before.feet.right.x).toBeCloseTo(0.264 - 0.35, 3);
    const there = of('crossover left 70 cm, shuffle left 40 cm', square);
    expect(originOf(there.end.feet).x).toBeCloseTo(-0.35 - 0.4, 9);
  });

  it('stays as it is where nothing was left: what gathers have shrunk is not hidden, and a split on the floor moves no foot', () => {
    const base = (line: string): number => Math.abs(sizeOf(of(line).end.feet, 0).leftAhead);
    expect(base('retreat 2 in then 4 in 3, split, advance 20 cm')).toBeCloseTo(0.6 - 3 * 2 * 0.0254, 9);
    expect(of('feet together, split drop', square).moves.at(-1)?.actions).toEqual([]);
    expect(base('crossover left, square up, retreat 2 in then 4 in, split')).toBeCloseTo(0.6 - 2 * 0.0254, 9);
  });
});

describe('time and size', () => {
  it('half of a step’s time goes by itself, half by its way; without a size, to an aim, in a time or with a flat tempo it is the usual one', () => {
    holds(
      fc.property(anybody, fc.integer({ min: 10, max: 90 }), (who, cm) => {
        const g = 0.5 + (0.5 * cm) / 100 / even(who);
        expect(seconds(`shuffle right ${cm} cm`, who)).toBeCloseTo(2 * USUAL_TIME.gatherFoot * g, 9);
        expect(seconds(`advance ${cm} cm then 20 cm`, who)).toBeCloseTo(USUAL_TIME.gatherFoot * (g + 0.5 + 0.1 / even(who)), 9);
        expect(seconds(`chassé left ${cm} cm`, who)).toBeCloseTo(USUAL_TIME.chassé * g, 9);
        const lunge = 0.5 + (0.5 * cm) / 100 / (OWN_STEP.lunge * who.body.leg.metres);
        expect(seconds(`lunge ahead ${cm} cm slow`, who)).toBeCloseTo(2 * USUAL_TIME.lunge * lunge, 9);
        for (const usual of [`tempo flat, shuffle right ${cm} cm`, 'shuffle right', `cone at ${cm} cm right, shuffle to cone`])
          expect(seconds(usual, who))
            .withContext(usual)
            .toBeCloseTo(2 * USUAL_TIME.gatherFoot, 9);
        expect(seconds(`shuffle right ${cm} cm in 0.7 s`, who)).toBeCloseTo(0.7, 9);
      }),
      60,
    );
  });

  it('is by the usual size of that move: once is as without, twice is half as long again', () => {
    for (const { code } of staggered)
      for (const move of [
        'advance',
        'shift',
        'back step',
        'lunge',
        'pendulum ahead',
        'crossover right',
        'run',
        'running attack',
        'orbit right',
      ] as const) {
        const who = performer(1.7, code, 'right');
        const [without, once, twice] = ['', ' 1×', ' 2×'].map((size) => of(`${move}${size}`, who)) as [Simulation, Simulation, Simulation];
        const context = `${code}: ${move}`;
        expect(once.seconds).withContext(context).toBeCloseTo(without.seconds, 9);
        for (const foot of SIDES) expect(distance(once.end.feet[foot], without.end.feet[foot])).withContext(context).toBeCloseTo(0, 6);
        expect(twice.seconds)
          .withContext(context)
          .toBeCloseTo(1.5 * without.seconds, 9);
      }
  });

  it('× again and again is never more than so many times what is usual from the stance: no step makes the next one longer', () => {
    for (const code of ['staggered-striking', 'two-handed-guard', 'square-ready'] as const)
      for (const move of [
        'shift',
        'back step',
        'shift rear foot',
        'pendulum ahead',
        'crossover right',
        'run',
        'run left',
        'cross behind left',
      ]) {
        const who = performer(1.7, code, 'left');
        const longest = (line: string): number => Math.max(0, ...of(line, who).actions.map(({ from, to }) => distance(from, to)));
        expect(longest(`${move} 2× 8`))
          .withContext(`${code}: ${move}`)
          .toBeLessThanOrEqual(2 * longest(`${move} 8`) + 1e-6);
      }
  });

  it('flights keep theirs: nobody hangs longer for jumping further', () => {
    const landing = (line: string): number => of(line).moves[0]?.landing ?? NaN;
    expect(landing('jump ahead 80 cm')).toBe(landing('jump'));
    expect(seconds('split ahead 60 cm')).toBe(seconds('split'));
    expect(seconds('jump ahead 80 cm')).toBeGreaterThan(seconds('jump ahead'));
  });

  it('in a time is all of the step, of both feet and of all its parts', () => {
    for (const move of [
      'orbit right 30°',
      'other lead',
      'running attack',
      'step-lunge',
      'jump-lunge',
      'advance',
      'gallop right',
      'crossover left, square up',
    ])
      expect(of(`${move} in 1 s`).moves.at(-1)?.end)
        .withContext(move)
        .toBeCloseTo(move.startsWith('cross') ? 1 + USUAL_TIME.cross : 1, 9);
    // Flight of 0.2 s, the rest of the jump and the lunge twice as long: 0.2 + 2 × 0.1 + 2 × 0.5.
    expect(seconds('jump-lunge slow')).toBeCloseTo(1.4, 9);
  });
});

describe('numbers that were wrong', () => {
  it('a factor on a part leaves alone what has no size', () => {
    expect(of('a = (orbit right 30°), a 1.2×').end.heading).toBeCloseTo(-30, 9);
    for (const stays of ['jump', 'switch', 'split', 'one-foot hop right foot'])
      expect(originOf(of(`a = (${stays}), a 1.2×`).end.feet))
        .withContext(stays)
        .toEqual(originOf(of(stays).end.feet));
    expect(originOf(of('a = (jump ahead, shift), a 1.5×').end.feet).y).toBeCloseTo(1.5 * originOf(of('jump ahead, shift').end.feet).y, 9);
  });

  it('the other way round is exact, also where two feet are alike', () => {
    const moves = [
      'square up',
      'weight shift',
      'feet together, square up',
      'orbit right 30°',
      'cut left',
      'run left 3',
      'face right 30°',
      'crossover right, split',
    ];
    holds(
      fc.property(anybody, fc.array(fc.constantFrom(...moves), { minLength: 1, maxLength: 4 }), (who, steps) => {
        const line = steps.join(', ');
        const [one, other] = [of(line, who), of(mirrorText(line), mirrored(who))];
        const said = (all: Simulation['actions'], side: (foot: Side) => Side): string[] =>
          all.map(({ foot, start, end }) => `${start.toFixed(9)} ${end.toFixed(9)} ${side(foot)}`).sort();
        expect(said(other.actions, otherSide)).toEqual(said(one.actions, (foot) => foot));
        expect(other.end.leftShare)
          .withContext(line)
          .toBeCloseTo(1 - one.end.leftShare, 9);
      }),
    );
  });

  it('the origin goes nowhere while both feet are in the air, and half a step out and back', () => {
    for (const line of ['switch', 'scissor jump left 90°']) {
      const { path, widest } = totalsOf(of(line));
      expect([...path.right, ...path.ahead].map((n) => Math.round(n * 1e9) + 0))
        .withContext(line)
        .toEqual([0, 0, 0, 0]);
      expect(widest).toBeCloseTo(Math.hypot(0.4, 0.6), 9);
    }
    expect(totalsOf(of('half step ahead 20 cm')).distance).toBeCloseTo(0.2, 9);
    expect(totalsOf(of('advance 20 cm, retreat 20 cm')).distance).toBeCloseTo(0.4, 9);
  });

  it('a chassé of as far as the feet are apart has two contacts, to both sides and on all bodies', () => {
    for (const side of SIDES)
      expect([...feet(`chassé ${side} 40 cm`)].sort().join(''))
        .withContext(side)
        .toBe('lr');
    holds(
      fc.property(anybody, fc.constantFrom('left', 'right'), (who, side) => {
        for (const { from, to } of of(`chassé ${side} 40 cm`, who).actions) expect(distance(from, to)).toBeGreaterThan(1e-6);
      }),
    );
  });

  it('whoever turns to something looks at it afterwards', () => {
    const looks = fc.constantFrom(
      'face partner',
      'cut left 50 cm',
      'cut right 30 cm',
      'step-out quarter left',
      'side step and turn right 40 cm',
    );
    holds(
      fc.property(anybody, looks, fc.integer({ min: -150, max: 150 }), fc.integer({ min: 100, max: 300 }), (who, look, right, ahead) => {
        const line = `partner at ${Math.abs(right)} cm ${right < 0 ? 'left' : 'right'} ${ahead} cm ahead\n${look}`;
        expect(bearingTo(of(line, who).end, { x: right / 100, y: ahead / 100 }))
          .withContext(line)
          .toBeCloseTo(0, 6);
      }),
    );
    // By hand: the lead foot stands at (−0.2, 0.3), the middle 0.36 m from it; the partner a metre to the right is seen at 94.7° from where it comes to.
    expect(of('partner at 1 m right, face partner').end.heading).toBeCloseTo(94.7, 1);
    // A net is faced squarely, from wherever; home is the nearer way round.
    expect(of('net at 3 m ahead, shuffle left 80 cm, pivot left foot left 40°, face net').end.heading).toBeCloseTo(0, 9);
    expect(of('quarter right 4, face home').moves.at(-1)?.step.act.turn).toBeCloseTo(0, 9);
  });

  it('degrees that are typed win over the opponent; without them one turns to whom there is', () => {
    const round = fc.constantFrom('step-out quarter', 'cut', 'side step and turn');
    const side = fc.constantFrom('left', 'right');
    holds(
      fc.property(
        anybody,
        round,
        side,
        fc.integer({ min: 1, max: 180 }),
        fc.integer({ min: 100, max: 300 }),
        (who, move, to, degrees, ahead) => {
          const line = `partner at 40 cm right ${ahead} cm ahead, ${move} ${to} ${degrees}°`;
          // The move goes out to its side and turns the other way.
          expect(of(line, who).end.heading)
            .withContext(line)
            .toBeCloseTo(to === 'right' ? -degrees : degrees, 9);
          expect(of(`${move} ${to} ${degrees}°`, who).end).toEqual(of(line, who).end);
          expect(printPattern(parse(line))).toContain(`${move} ${to} ${degrees}°`);
          expect(printPattern(parse(`${move} ${to}`))).toBe(`${move} ${to}`);
        },
      ),
    );
    expect(of('partner at 1.5 m ahead, step-out quarter left 40 cm').end.heading).not.toBeCloseTo(90, 0);
  });

  it('hands come after those that are still busy', () => {
    const hands = (line: string): number[] => of(`tempo flat, ${line}`).hands.map(({ at }) => Math.round(at * 1000) / 1000);
    expect(hands('retreat 20 cm + "hook" on landing, "cross"')).toEqual([0.44, 0.74]);
    expect(hands('retreat 20 cm + "hook" on landing, hold 1 s, "cross"')).toEqual([0.44, 1.44]);
    expect(hands('"jab", "cross"')).toEqual([0, 0.3]);
  });

  it('something may stand where one begins', () => {
    const { things, problems } = of('cone "centre" at 0 m ahead\nadvance 40 cm, retreat to cone "centre" short 0.1 m');
    expect([things[0]?.at, problems]).toEqual([{ x: 0, y: 0 }, []]);
    expect(parse('cone "A" at 1 m right 0 cm ahead').errors).toEqual([]);
    expect(parse('advance 0 cm').errors.length).toBe(1);
  });
});
