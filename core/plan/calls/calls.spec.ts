import fc from 'fast-check';
import { chiSquaredDistributionTable } from 'simple-statistics';
import { add, turned } from '../../body/vec.js';
import { placingFrom } from '../../judge/area-text.js';
import { outsideBy } from '../../judge/area.js';
import { seeded } from '../../motion/seeded.js';
import { holds } from '../../testing/holds.js';
import { performer } from '../../testing/performers.js';
import { SESSION_LIMITS } from '../session/session.js';
import { callable } from './callable.js';
import { alternative, CALL_LIMITS, sharesOfCalls, SHORTEST_GAP, USUAL_CALLS, type Alternative, type Calls } from './calls.js';
import { drawCalls, neededAfter, quotas } from './draw.js';
import { foreseen, leastForeseen } from './foresee.js';
import type { CallMessages } from './messages.js';
import { callableOf } from './plain.js';

const ada = performer(1.7);
const corner = (name: string, out: string, back: string) =>
  alternative(name, `tempo flat, split, shuffle ${out} 50 cm, shuffle ${back} 50 cm`);
const FOUR = [
  corner('front left', 'ahead left', 'back right'),
  corner('front right', 'ahead right', 'back left'),
  corner('back left', 'back left', 'ahead right'),
  corner('back right', 'back right', 'ahead left'),
];
const four: Calls = { ...USUAL_CALLS, alternatives: FOUR };
const named = (n: number, more: Partial<Calls> = {}): Calls => ({
  ...USUAL_CALLS,
  alternatives: Array.from({ length: n }, (_, i) => alternative(`c${i}`, 'split')),
  ...more,
});
const list = (calls: Calls, number: number, seed = 1) => drawCalls(calls.alternatives.map(callableOf), calls, { seed, number });

const anyCalls = fc
  .record({
    weights: fc.array(fc.integer({ min: 1, max: 9 }), { minLength: 2, maxLength: 7 }),
    longestRun: fc.integer({ min: 1, max: 4 }),
  })
  .map(({ weights, longestRun }): Calls => ({
    ...USUAL_CALLS,
    longestRun,
    alternatives: weights.map((weight, i) => alternative(`c${i}`, 'split', { weight })),
  }));

describe('fair calls', () => {
  it('keep counts to the weights within one, and the longest run, wherever both can be kept', () => {
    let broken = 0;
    holds(
      fc.property(anyCalls, fc.integer({ min: 1, max: 120 }), fc.integer(), (calls, n, seed) => {
        const drawn = list(calls, n, seed);
        expect(drawn.calls.length).toBe(n);
        expect(drawn.longestRun).toBeLessThanOrEqual(calls.longestRun);
        const possible = !drawn.problems.some((problem) => problem.code === 'counts');
        const shares = sharesOfCalls(calls);
        if (possible) {
          drawn.counts.forEach((count, i) => expect(Math.abs(count - (shares[i] ?? 0) * n)).toBeLessThan(1 + 1e-6));
          return;
        }
        // Counts may only be broken where one alternative is too heavy for the longest run.
        broken++;
        expect(Math.max(...shares) * n).toBeGreaterThan((n / (calls.longestRun + 1)) * calls.longestRun - calls.longestRun - 1);
      }),
    );
    // Both kinds were among the cases.
    expect(broken).toBeGreaterThan(0);
  });

  it('the same seed gives the same calls, another one others', () => {
    const which = (seed: number): string =>
      list(named(4), 40, seed)
        .calls.map((call) => call.which)
        .join('');
    expect(which(5)).toBe(which(5));
    expect(which(5)).not.toBe(which(6));
  });

  it('any place of a list is as likely to be any alternative (χ² against simple-statistics’ table, 3 degrees, 0.005)', () => {
    const counts = [0, 0, 0, 0];
    for (let seed = 0; seed < 2000; seed++) {
      const { which } = list(named(4), 12, seed).calls[7] ?? { which: 0 };
      counts[which] = (counts[which] ?? 0) + 1;
    }
    const chi = counts.reduce((sum, n) => sum + (n - 500) ** 2 / 500, 0);
    expect(chi).toBeLessThan(chiSquaredDistributionTable[3]?.[0.005] ?? 0);
  });

  it('orders without a longest run are all as likely: the 6 of a a b b (χ², 5 degrees, 0.005)', () => {
    const seen = new Map<string, number>();
    for (let seed = 0; seed < 3000; seed++) {
      const key = list(named(2, { longestRun: 20 }), 4, seed)
        .calls.map((call) => call.which)
        .join('');
      seen.set(key, (seen.get(key) ?? 0) + 1);
    }
    expect(seen.size).toBe(6);
    const chi = [...seen.values()].reduce((sum, n) => sum + (n - 500) ** 2 / 500, 0);
    expect(chi).toBeLessThan(chiSquaredDistributionTable[5]?.[0.005] ?? 0);
  });

  it('odd ones go to chance in proportion: a rest of one among three equal ones', () => {
    const got = [0, 0, 0];
    for (let seed = 0; seed < 3000; seed++) quotas([1 / 3, 1 / 3, 1 / 3], 4, seeded(seed)).forEach((n, i) => (got[i] = (got[i] ?? 0) + n));
    expect(got.reduce((a, b) => a + b, 0)).toBe(12_000);
    for (const n of got) expect(Math.abs(n - 4000)).toBeLessThan(120);
  });

  it('a weak side is called more often, by its factor', () => {
    const sides: Calls = {
      ...USUAL_CALLS,
      longestRun: 9,
      alternatives: [alternative('l', 'split', { side: 'left' }), alternative('r', 'split', { side: 'right' })],
      weakSide: { side: 'left', factor: 2 },
    };
    expect(list(sides, 30).counts).toEqual([20, 10]);
  });

  it('in a known order they come as written, again and again', () => {
    expect(list(named(3, { order: 'known' }), 7).calls.map((call) => call.which)).toEqual([0, 1, 2, 0, 1, 2, 0]);
  });
});

describe('calls on a floor', () => {
  const room = placingFrom('room 3.4 × 3.4 m');
  const wander = (name: string, bearing: string) => alternative(name, `shuffle ${bearing} 30 cm 2`);
  const walking: Calls = {
    ...USUAL_CALLS,
    longestRun: 4,
    alternatives: [wander('ahead', 'ahead'), wander('back', 'back'), wander('left', 'left'), wander('right', 'right')],
  };

  it('keep every foot inside, whatever is drawn', () => {
    const options = walking.alternatives.map((one) => callable(one, ada));
    holds(
      fc.property(fc.integer(), (seed) => {
        const drawn = drawCalls(options, walking, { seed, number: 60, placing: room });
        expect(drawn.calls.length).toBe(60);
        let place = { x: 0, y: 0 };
        let heading = 0;
        for (const call of drawn.calls) {
          const one = options[call.which];
          for (const corner of one?.trodden ?? [])
            expect(outsideBy(room!.area, add(place, turned(corner, heading)))).toBeLessThanOrEqual(1e-9);
          place = add(place, turned(one?.by ?? place, heading));
          heading += one?.turned ?? 0;
          expect(call.place.x).toBeCloseTo(place.x, 9);
          expect(call.place.y).toBeCloseTo(place.y, 9);
        }
      }),
      60,
    );
  });

  it('the place and heading of a list are those of the same line simulated at once', () => {
    const turning: Calls = {
      ...USUAL_CALLS,
      alternatives: [alternative('turn', 'shuffle right 30 cm, pivot right foot right 90°'), wander('ahead', 'ahead')],
    };
    const options = turning.alternatives.map((one) => callable(one, ada));
    const drawn = drawCalls(options, turning, { seed: 4, number: 9 });
    const line = drawn.calls.map((call) => `(${turning.alternatives[call.which]?.steps ?? ''})`).join(', ');
    const whole = callable(alternative('all', line), ada);
    expect(drawn.calls.at(-1)?.place.x).toBeCloseTo(whole.by.x, 6);
    expect(drawn.calls.at(-1)?.place.y).toBeCloseTo(whole.by.y, 6);
    expect(drawn.calls.at(-1)?.heading).toBeCloseTo(whole.turned, 6);
  });

  it('say what cannot stay on the floor, and stop there', () => {
    const away: Calls = { ...USUAL_CALLS, alternatives: [wander('ahead', 'ahead')] };
    const drawn = drawCalls(
      away.alternatives.map((one) => callable(one, ada)),
      away,
      { seed: 1, number: 20, placing: room },
    );
    expect(drawn.calls.length).toBeLessThan(4);
    expect(drawn.problems[0]).toEqual(jasmine.objectContaining({ code: 'floor' }));
    expect((drawn.problems[0]?.values as CallMessages['floor']).after).toBe(drawn.calls.length);
    const nowhere = drawCalls(
      FOUR.map((one) => callable(one, ada)),
      four,
      { seed: 1, number: 5, placing: placingFrom('room 1 × 1 m') },
    );
    expect(nowhere.calls).toEqual([]);
    expect(nowhere.problems[0]).toEqual(jasmine.objectContaining({ code: 'floor', values: { after: 0, area: 'room 1 × 1 m' } }));
  });
});

describe('calls and time', () => {
  const options = FOUR.map((one) => callable(one, ada));

  it('never come before the last one and its way back are done, with time to react', () => {
    holds(
      fc.property(
        fc.integer(),
        fc.double({ min: 0.2, max: 6, noNaN: true }),
        fc.double({ min: 0, max: 3, noNaN: true }),
        (seed, low, more) => {
          const calls: Calls = { ...four, interval: { low, high: low + more } };
          const drawn = drawCalls(options, calls, { seed, within: 60 });
          drawn.calls.forEach((call, i) => {
            const next = drawn.calls[i + 1];
            const one = options[call.which];
            if (next && one) expect(next.at - call.at).toBeGreaterThanOrEqual(neededAfter(one, calls.reaction) - 1e-9);
            expect(call.at + (one?.seconds ?? 0)).toBeLessThanOrEqual(60 + 1e-9);
          });
        },
      ),
    );
  });

  it('come to an end, whatever the settings allow, and no two follow faster than anybody can take them in', () => {
    const kinds = fc.constantFrom<Alternative>(
      alternative('stay', '', { kind: 'stay' }),
      alternative('fake', 'split, shuffle right 60 cm', { kind: 'feint' }),
      alternative('nothing', 'hold 0 s'),
      alternative('right', 'split, shuffle right 60 cm, shuffle left 60 cm', { weight: 0 }),
      alternative('ball', 'ball hit'),
    );
    holds(
      fc.property(
        fc.array(kinds, { minLength: 1, maxLength: CALL_LIMITS.alternatives }),
        fc.record({
          order: fc.constantFrom('random' as const, 'known' as const),
          longestRun: fc.integer({ min: 1, max: CALL_LIMITS.run }),
          interval: fc.option(fc.constant({ low: 0.2, high: 0.2 })),
          reaction: fc.constantFrom(0, 0, 0.1, 5),
          weakSide: fc.constant(null),
          freezes: fc.constantFrom(0, 0.5, 1),
        }),
        fc.constantFrom(60, 3600, SESSION_LIMITS.seconds),
        (alternatives, settings, within) => {
          const calls: Calls = { ...settings, alternatives };
          const most = 2_000;
          const { calls: drawn, problems } = drawCalls(
            alternatives.map((one) => callable(one, ada)),
            calls,
            { seed: 5, within, most },
          );
          expect(drawn.length).toBeLessThanOrEqual(most);
          expect(problems.some(({ code }) => code === 'many')).toBe(drawn.length === most);
          drawn.forEach(({ at }, i) => i > 0 && expect(at - (drawn[i - 1]?.at ?? 0)).toBeGreaterThan(SHORTEST_GAP - 1e-9));
        },
      ),
      60,
    );
  });

  it('say the shortest interval that works', () => {
    const { problems } = drawCalls(options, { ...four, interval: { low: 1, high: 1 } }, { seed: 1, number: 4 });
    expect(problems.map((problem) => problem.code)).toEqual(['interval']);
    const longest = Math.max(...options.map((one) => neededAfter(one, four.reaction)));
    expect((problems[0]?.values as CallMessages['interval']).needs).toBeCloseTo(longest, 9);
    expect(drawCalls(options, four, { seed: 1, within: 0.5 }).problems[0]?.code).toBe('short');
  });

  it('freezes are inside a movement and say whether the athlete could go on', () => {
    const calls: Calls = { ...four, freezes: 1 };
    const drawn = drawCalls(options, calls, { seed: 2, number: 200 });
    const frozen = drawn.calls.flatMap((call) => (call.freeze ? [{ ...call.freeze, one: options[call.which] }] : []));
    expect(frozen.length).toBe(200);
    for (const { after, couldGoOn, one } of frozen) {
      const state = one?.states.find((span) => after >= span.from && after < span.to)?.state;
      expect(couldGoOn).toBe(state === 'ready' || state === 'stepping');
      expect(after).toBeLessThan(one?.seconds ?? 0);
    }
    expect(new Set(frozen.map((one) => one.couldGoOn)).size).toBe(2);
    expect(drawCalls(options, four, { seed: 2, number: 200 }).calls.map((call) => call.which)).toEqual(
      drawn.calls.map((call) => call.which),
    );
  });

  it('stay and feints move nobody', () => {
    const odd: Calls = {
      ...USUAL_CALLS,
      alternatives: [
        alternative('stay', '', { kind: 'stay' }),
        alternative('fake', 'tempo flat, shuffle right 40 cm, shuffle right 40 cm', { kind: 'feint' }),
      ],
    };
    const options2 = odd.alternatives.map((one) => callable(one, ada));
    expect(options2.map((one) => one.by.x)).toEqual([0, 0]);
    expect(options2.every((one) => one.hindrance === null)).toBeTrue();
    expect(options2[1]?.seconds).toBeCloseTo(0.44, 6);
    expect(drawCalls(options2, odd, { seed: 1, number: 10 }).calls.at(-1)?.place).toEqual({ x: 0, y: 0 });
  });

  it('what cannot follow itself is said: the other lead, an open reach, words that are none, nothing at all', () => {
    const striking = performer(1.7, 'staggered-striking', 'left');
    const why = (steps: string): string | null => callable(alternative('x', steps), striking).hindrance?.code ?? null;
    expect(why('shift')).toBe('other-lead');
    expect(why('lunge ahead')).toBe('not-ready');
    expect(why('hopp')).toBe('unread');
    expect(why('')).toBe('no-steps');
    expect(why('advance 20 cm, retreat 20 cm')).toBeNull();
    expect(drawCalls([], { ...USUAL_CALLS, alternatives: [] }, { seed: 1, number: 3 }).problems[0]?.code).toBe('no-alternatives');
  });
});

describe('foreseeability', () => {
  it('of a list of equal calls comes near the least these settings allow, and is never less', () => {
    for (const [n, longestRun] of [
      [2, 2],
      [4, 2],
      [4, 1],
      [6, 3],
    ] as const) {
      const { best, least } = foreseen(named(n, { longestRun }), 200, 40_000);
      expect(best)
        .withContext(`${n}, ${longestRun}`)
        .toBeGreaterThan(least - 0.01);
      expect(best)
        .withContext(`${n}, ${longestRun}`)
        .toBeLessThan(least + 0.03);
    }
  });

  it('is exact where it can be counted by hand', () => {
    // Two calls, never three running: with chance ½ after a change; a third of the pairs are doubles, after which it is certain.
    expect(leastForeseen([0.5, 0.5], 2)).toBeCloseTo(2 / 3, 12);
    // Never the same twice among four: one of three.
    expect(leastForeseen([0.25, 0.25, 0.25, 0.25], 1)).toBeCloseTo(1 / 3, 12);
    expect(leastForeseen([0.7, 0.1, 0.1, 0.1], 9)).toBeCloseTo(0.7, 12);
    expect(leastForeseen([1], 3)).toBe(1);
    expect(foreseen(named(3, { order: 'known' })).best).toBe(1);
  });
});
