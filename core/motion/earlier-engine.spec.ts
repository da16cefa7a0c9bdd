import fc from 'fast-check';
import { bodyOf } from '../body/body.js';
import { SCHOOLS } from '../body/school.js';
import type { Parsed } from '../language/ast.js';
import { parse } from '../language/parse.js';
import { print } from '../language/print.js';
import * as engine1 from '../testing/engine-1.generated.js';
import { holds } from '../testing/holds.js';
import { anyItem } from '../testing/patterns.js';
import { simulate } from './simulate.js';
import type { Performer, Simulation } from './simulation.js';

/** The engine as it was, kept whole: what today's code does behind its number is held against it. */
const kept = engine1 as unknown as {
  readonly parse: (text: string) => Parsed;
  readonly simulate: (script: Parsed, performer: Performer) => Simulation;
};

/** What could be said in its day: no distance was kept by a step. */
const text = fc
  .array(anyItem, { minLength: 1, maxLength: 6 })
  .map((items) => print(items))
  .filter((line) => !/\bkeep\b/.test(line));
const performer = fc
  .record({
    height: fc.integer({ min: 110, max: 200 }),
    school: fc.constantFrom(...SCHOOLS),
    lead: fc.constantFrom('left' as const, 'right' as const),
    playing: fc.constantFrom('left' as const, 'right' as const),
  })
  .map(({ height, school, lead, playing }): Performer => ({
    body: bodyOf({ height: height / 100 }),
    school,
    lead,
    playing,
  }));

/** What feet and hands do, and the numbers of it: seconds, metres, degrees. */
function stepped({ actions, hands, seconds, end }: Simulation): { readonly what: readonly unknown[]; readonly numbers: readonly number[] } {
  return {
    what: [actions.map(({ foot, kind, contact }) => [foot, kind, contact]), hands.map(({ word }) => word)],
    numbers: [
      ...actions.flatMap(({ start, end: landed, from, to }) => [start, landed, from.x, from.y, from.toe, to.x, to.y, to.toe]),
      ...[...hands.map(({ at }) => at), seconds, end.leftShare],
    ],
  };
}

/** The same but for how numbers are rounded. */
function alike(line: string, now: Simulation, then: Simulation): void {
  const [one, two] = [stepped(now), stepped(then)];
  expect(one.what).withContext(line).toEqual(two.what);
  const furthest = Math.max(...one.numbers.map((n, i) => Math.abs(n - (two.numbers[i] ?? NaN))));
  expect(furthest).withContext(line).toBeLessThan(1e-9);
}

describe('a line of the first engine', () => {
  it('is stepped as that engine stepped it, whoever does it', () => {
    holds(
      fc.property(text, performer, (line, who) => {
        alike(line, simulate(parse(`engine 1\n${line}`), who), kept.simulate(kept.parse(line), who));
      }),
    );
  });

  it('has things and partners that are aimed at as they were', () => {
    const things = fc.constantFrom('partner at 1 m right', 'cone "A" at 2 m right 1 m ahead', 'net at 2 m ahead', 'cone "A" at 1 m left');
    const aims = fc.constantFrom(
      ...[
        'face partner',
        'face cone "A"',
        'face net',
        'cut right 50 cm',
        'run to cone "A" 3',
        'orbit right 40 cm',
        'face home',
        'quarter right 4',
      ],
      ...[
        'shuffle to cone "A"',
        'half = (jump, orbit right 30°, advance), half 1.2×',
        'crossover right',
        'split',
        'retreat 20 cm + "hook" on landing',
        '"cross"',
      ],
    );
    holds(
      fc.property(things, fc.array(aims, { minLength: 1, maxLength: 4 }), performer, (thing, line, who) => {
        const whole = `${thing}\n${line.join(', ')}`;
        alike(whole, simulate(parse(`engine 1\n${whole}`), who), kept.simulate(kept.parse(whole), who));
      }),
    );
  });
});
