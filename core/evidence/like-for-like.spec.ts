import fc from 'fast-check';
import { evenings } from '../testing/evenings.js';
import { CASES, holds } from '../testing/holds.js';
import { differenceOf } from './difference.js';
import { likeForLike, type Compared } from './like-for-like.js';
import type { Cluster } from './likeness.js';

const rows = (like: string, later: boolean, clusters: readonly Cluster[], first = 0): Compared[] =>
  clusters.map((one, i) => ({ ...one, like, later, evening: `${later} ${first + i}` }));

describe('a comparison of like with like', () => {
  const cluster = fc.nat({ max: 30 }).chain((n) => fc.nat({ max: n }).map((hits) => ({ hits, n })));

  it('under one condition is the difference of two periods', () => {
    holds(
      fc.property(fc.array(cluster, { minLength: 1, maxLength: 8 }), fc.array(cluster, { minLength: 1, maxLength: 8 }), (before, after) => {
        const [one, plain] = [likeForLike([...rows('a', false, before), ...rows('a', true, after)]), differenceOf(before, after)];
        if (one === null || plain === null) return expect(one).toBe(plain as null);
        for (const name of ['earlier', 'later', 'value', 'low', 'high'] as const) expect(one[name]).toBeCloseTo(plain[name], 9);
        expect(one.leftOut).toBe(0);
      }),
    );
  });

  it('is the mean of the conditions’ differences by n₁n₀ / (n₁ + n₀), of what both sides share', () => {
    holds(
      fc.property(fc.array(fc.tuple(cluster, cluster), { minLength: 1, maxLength: 6 }), (strata) => {
        const all = strata.flatMap(([a, b], i) => [...rows(`${i}`, false, [a], i), ...rows(`${i}`, true, [b], i)]);
        const shared = strata.filter(([a, b]) => a.n * b.n > 0);
        const found = likeForLike(all);
        if (shared.length === 0) return expect(found).toBeNull();
        const weights = shared.map(([a, b]) => 1 / (1 / a.n + 1 / b.n));
        const sum = weights.reduce((x, y) => x + y, 0);
        const value = shared.reduce((to, [a, b], i) => to + ((weights[i] as number) / sum) * (b.hits / b.n - a.hits / a.n), 0);
        expect(found?.value).toBeCloseTo(value, 9);
        expect(found?.shared).toBe(shared.length);
        const kept = shared.reduce((to, [a, b]) => to + a.n + b.n, 0);
        expect((found?.of[0] ?? 0) + (found?.of[1] ?? 0)).toBe(kept);
        expect(found?.leftOut).toBe(strata.reduce((to, [a, b]) => to + a.n + b.n, 0) - kept);
        expect((found?.low ?? 1) <= value + 1e-9 && value - 1e-9 <= (found?.high ?? -1)).toBeTrue();
      }),
    );
  });

  it('turned round it is the other way round, and nothing in common cannot be compared', () => {
    const [a, b] = [
      { hits: 4, n: 20 },
      { hits: 9, n: 25 },
    ];
    const there = likeForLike([...rows('x', false, [a]), ...rows('x', true, [b]), ...rows('y', true, [a], 9)]);
    const back = likeForLike([...rows('x', true, [a]), ...rows('x', false, [b]), ...rows('y', false, [a], 9)]);
    expect(there?.value).toBeCloseTo(9 / 25 - 4 / 20, 9);
    expect(there?.low).toBeCloseTo(-(back?.high ?? 0), 9);
    expect(there?.leftOut).toBe(20);
    expect(likeForLike([...rows('x', false, [a]), ...rows('y', true, [b])])).toBeNull();
  });

  // Simulation, ours: shadow at 10 %, fed at 40 %, and from one period to the next nothing changes but how much of each is done.
  for (const rho of [0, 0.05, 0.1])
    it(`what was only made harder is not taken for worse, and what changed is found in 93 % and more of 95, likeness ${rho}`, () => {
      const made = evenings(20_261_129 + rho * 100);
      const [held, crude, truly] = [[] as boolean[], [] as boolean[], 0.12];
      for (let i = 0; i < CASES; i++)
        for (const change of [0, truly]) {
          const period = (later: boolean): Compared[] => {
            const of = { rho, chances: [8, 20] } as const;
            const more = later ? change : 0;
            return [
              ...rows('shadow', later, made({ ...of, rate: 0.1 + more, evenings: later ? 2 : 6 })),
              ...rows('fed', later, made({ ...of, rate: 0.4 + more, evenings: later ? 6 : 2 }), 10),
            ];
          };
          const all = [...period(false), ...period(true)];
          const found = likeForLike(all);
          held.push(found !== null && found.low <= change && change <= found.high);
          const plain = differenceOf(
            all.filter(({ later }) => !later),
            all.filter(({ later }) => later),
          );
          if (change === 0) crude.push((plain?.low ?? 0) > 0);
        }
      const share = (of: readonly boolean[]): number => of.filter(Boolean).length / of.length;
      expect(share(held)).toBeGreaterThan(0.93 - 3 * Math.sqrt((0.93 * 0.07) / held.length));
      // Held against each other as they come, six times as many would be told to be worse as the interval allows.
      expect(share(crude)).toBeGreaterThan(0.15);
    });
});
