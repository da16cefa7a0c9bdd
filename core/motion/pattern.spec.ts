import fc from 'fast-check';
import { originOf } from '../body/stance.js';
import { distance } from '../body/vec.js';
import { parse } from '../language/parse.js';
import { holds } from '../testing/holds.js';
import { anyPerformer, performer } from '../testing/performers.js';
import { bearingTo } from './bearing-to.js';
import { seeded } from './seeded.js';
import { simulate, type SimulateOptions } from './simulate.js';
import type { Performer, Simulation } from './simulation.js';
import { facingOf, whereIs } from './things.js';

const square = performer(1.7);
const guard = performer(1.75, 'mixed-45', 'left');
const of = (text: string, who: Performer = square, options: SimulateOptions = {}): Simulation => simulate(parse(text), who, options);
const words = (sim: Simulation): string[] => sim.moves.map((move) => move.step.act.word);

describe('sides, leads, names and alternatives', () => {
  it('each side: what goes right goes left as often, and the origin comes home across', () => {
    holds(
      fc.property(
        anyPerformer,
        fc.constantFrom('shuffle right 30 cm', 'chassé ahead right 40 cm', 'advance 20 cm'),
        fc.integer({ min: 1, max: 4 }),
        (p, step, n) => {
          const sim = of(`(${step}) ${n} each side`, p);
          expect(sim.moves.length).toBe(2 * n);
          expect(originOf(sim.end.feet).x).toBeCloseTo(0, 9);
        },
      ),
    );
  });

  it('each side asks where a foot is named left or right, also inside a named part', () => {
    const codes = (text: string): string[] => of(text).problems.map((problem) => problem.code);
    expect(codes('lunge ahead right foot each side')).toEqual(['names-a-foot']);
    expect(codes('out = (lunge ahead right foot), (out, recover back) each side')).toEqual(['names-a-foot']);
    expect(codes('lunge ahead right playing foot each side')).toEqual([]);
  });

  it('each side asks of steps that have none, also inside brackets and parts', () => {
    const codes = (text: string): string[] => of(text, guard).problems.map((problem) => problem.code);
    for (const none of ['split', 'pass ahead', '(advance 20 cm, retreat 20 cm) 2', 'in = (advance), (in, retreat)'])
      expect(codes(`${none} each side`))
        .withContext(none)
        .toEqual(['no-side']);
    for (const one of [
      'shuffle right',
      'pivot lead foot 20° left',
      '(advance, (hop ahead left | advance))',
      'shuffle playing side',
      'advance turning left 20°',
    ])
      expect(codes(`${one} each side`))
        .withContext(one)
        .toEqual([]);
  });

  it('each lead goes over to the other lead and back', () => {
    const sim = of('(advance 20 cm, retreat 20 cm) each lead', guard);
    expect(words(sim)).toEqual(['advance', 'retreat', 'other lead', 'advance', 'retreat', 'other lead']);
    expect([sim.start.lead, sim.moves[3]?.before.lead, sim.end.lead]).toEqual(['left', 'right', 'left']);
    expect(sim.moves[3]?.actions[0]?.foot).toBe('right');
  });

  it('a named part scales its sizes, takes a tempo, can be mirrored, and points to where it is called', () => {
    const text = 'tempo flat\nout = (shuffle right 40 cm, hold 1 s), out 1.5×, out mirrored slow';
    const sim = of(text);
    expect(sim.end.feet.left.x - sim.start.feet.left.x).toBeCloseTo(0.6 - 0.4, 9);
    expect(sim.seconds).toBeCloseTo(0.44 + 1 + 0.88 + 1, 9);
    expect(text.slice(sim.moves[2]?.span.from, sim.moves[2]?.span.to)).toBe('out mirrored slow');
  });

  it('a pattern that grows without end is cut, and says so', () => {
    const doubling = Array.from({ length: 9 }, (_, i) => `${'abcdefghijk'[i + 1]} = (${'abcdefghijk'[i]} 10)`).join(', ');
    const sim = of(`a = (split), ${doubling}, j`);
    expect(sim.problems.map((problem) => problem.code)).toContain('too-many');
    // Brackets that hold nothing but events come to an end as well.
    expect(of('(((ball hit) 1000) 1000) 1000').moves).toEqual([]);
  });

  it('of alternatives the choices are taken, then the seed, and it says which', () => {
    const text = '(split | hold 1 s | jump) 4';
    const sim = of(text, square, { choices: [2, 0, 1, 9], seed: 5 });
    expect(words(sim).slice(0, 3)).toEqual(['jump', 'split', 'hold']);
    expect(sim.choices.map((choice) => choice.of)).toEqual([3, 3, 3, 3]);
    expect(words(of(text, square, { seed: 5 }))).toEqual(words(of(text, square, { seed: 5 })));
    const seen = new Set(Array.from({ length: 40 }, (_, seed) => words(of(text, square, { seed }))[0]));
    expect(seen.size).toBe(3);
  });

  it('the generator is even: 10,000 draws in ten bins stay within the 99.9 % limit of χ² with 9 degrees of freedom, 27.88 (table value)', () => {
    for (const seed of [1, 2, 77]) {
      const next = seeded(seed);
      const bins = new Array<number>(10).fill(0);
      for (let i = 0; i < 10_000; i++) bins[Math.floor(next() * 10)]!++;
      expect(bins.reduce((sum, n) => sum + (n - 1000) ** 2 / 1000, 0)).toBeLessThan(27.88);
    }
  });
});

describe('things on the floor', () => {
  it('steps to a thing arrive there, several share the way, and stop short where asked', () => {
    holds(
      fc.property(
        anyPerformer,
        fc.integer({ min: -200, max: 200 }),
        fc.integer({ min: 50, max: 300 }),
        fc.integer({ min: 1, max: 5 }),
        (p, x, y, n) => {
          const there = { x: x / 100, y: y / 100 };
          const place = `place "A" at ${Math.abs(x)} cm ${x < 0 ? 'left' : 'right'} ${y} cm ahead`;
          const gone = of(`${place}, shuffle to "A" ${n}`, p);
          expect(distance(originOf(gone.end.feet), there)).toBeCloseTo(0, 6);
          const home = of(`${place}, shuffle to "A" ${n}, shuffle home`, p);
          expect(distance(originOf(home.end.feet), originOf(home.start.feet))).toBeCloseTo(0, 6);
          const lunge = of(`${place}, lunge to "A" short 30 cm`, p);
          const foot = lunge.moves[0]?.actions[0]?.to ?? there;
          expect(distance(foot, there)).toBeCloseTo(Math.min(0.3, distance(lunge.moves[0]?.actions[0]?.from ?? there, there)), 2);
        },
      ),
    );
  });

  it('facing something turns the facing line to it', () => {
    const sim = of('cone at 1 m right 1 m ahead, face cone, face home');
    // The middle of the body goes round the foot it turns on: it looks at the cone from where it is then.
    const [faced] = sim.moves;
    expect(faced && bearingTo(faced.after, { x: 1, y: 1 })).toBeCloseTo(0, 9);
    expect(sim.end.heading).toBeCloseTo(0, 9);
  });

  it('an aim that does not stand there is named; the step is done as far as it can be', () => {
    const [problem] = of('advance to cone "B"').problems;
    expect(problem).toEqual(jasmine.objectContaining({ code: 'no-such-thing', values: { thing: 'cone “B”' } }));
  });

  it('a partner does their own steps on the same clock, facing the athlete', () => {
    const sim = of('partner at 2 m ahead doing (advance 40 cm, hold 5 s)\nhold 1 s');
    const [partner] = sim.things;
    if (!partner) throw new Error('The partner stands on the floor.');
    expect(whereIs(partner, 0)).toEqual({ x: 0, y: 2 });
    expect(Math.abs(facingOf(partner, 0))).toBe(180);
    expect(whereIs(partner, 1).y).toBeCloseTo(1.6, 9);
  });

  it('events happen at a time, again and again, where they stand, or tied to a step', () => {
    const sim = of('ball hit at 0.5 s every 1 s, hold 2 s, call, split + ball released 20 ms before landing, hold 1 s');
    expect(sim.events.map((event) => [event.event, Math.round(event.at * 100) / 100])).toEqual([
      ['ball hit', 0.5],
      ['ball hit', 1.5],
      ['call', 2],
      ['ball released', 2.13],
      ['ball hit', 2.5],
    ]);
  });
});
