import fc from 'fast-check';
import { evenings } from '../testing/evenings.js';
import { CASES, holds } from '../testing/holds.js';
import type { Cluster } from './likeness.js';
import { outcomes } from './quantiles.js';
import { logRatio, SEQUENTIAL, sequential, type SequentialRule } from './sequential.js';

describe('one running test', () => {
  const cluster = fc.integer({ min: 1, max: 40 }).chain((n) => fc.nat({ max: n }).map((hits) => ({ hits, n })));

  it('an evening’s ratio is that of its chances under both rates', () => {
    holds(
      fc.property(
        cluster,
        fc.constantFrom(0, 0.02, 0.05, 0.2),
        fc.constantFrom([0.1, 0.3], [0.05, 0.5]),
        ({ hits, n }, rho, [good, bad]) => {
          const at = (rate: number): number => outcomes(n, rate, rho)[hits] as number;
          expect(logRatio({ hits, n }, { good: good, bad: bad, rho })).toBeCloseTo(Math.log(at(bad) / at(good)), 6);
        },
      ),
    );
  });

  // Wald’s lines for a share. NIST/SEMATECH 6.2.6, p₁ = 0.01, p₂ = 0.10, α = 0.05, β = 0.10: accept at −0.939 + 0.0397 n and below, reject
  // at 1.205 + 0.0397 n and above (values from memory).
  it('with independent chances decides on Wald’s lines', () => {
    const rule: SequentialRule = { good: 0.01, bad: 0.1, wrongBack: 0.05, wrongNext: 0.1, rho: 0, most: Infinity };
    const [h0, h1, slope] = [-0.939, 1.205, 0.0397];
    for (let n = 1; n <= 120; n++)
      for (let hits = 0; hits <= n; hits++) {
        // Away from the lines by more than their rounding.
        const [below, above] = [h0 + slope * n - hits, hits - h1 - slope * n];
        if (Math.min(Math.abs(below), Math.abs(above)) < 0.007) continue;
        const { decision } = sequential([{ hits, n }], rule);
        expect(decision)
          .withContext(`${hits} of ${n}`)
          .toBe(below > 0 ? 'next' : above > 0 ? 'back' : 'stay');
      }
  });

  it('once decided it stays so; what comes to nothing begins anew, and how many clean attempts would decide it decide it', () => {
    holds(
      fc.property(fc.array(cluster, { maxLength: 30 }), (season) => {
        const found = sequential(season);
        if (found.decidedAfter !== null) {
          expect(sequential(season.slice(0, found.decidedAfter))).toEqual(found);
          expect(sequential(season.slice(0, found.decidedAfter - 1)).decidedAfter).toBeNull();
          return;
        }
        expect(found.restarts.every((at, i) => at === (i + 1) * SEQUENTIAL.most)).toBeTrue();
        if (found.more === null) return;
        const and = (n: number): string => sequential([...season, { hits: 0, n }]).decision;
        expect(and(found.more)).toBe('next');
        if (found.more > 1) expect(and(found.more - 1)).toBe('stay');
      }),
    );
    expect(sequential([{ hits: 0, n: 0 }])).toEqual(jasmine.objectContaining({ decision: 'stay', decidedAfter: null, ratio: 0 }));
  });

  // Simulation, ours. Wald’s bounds, α / (1 − β) and β / (1 − α), and three standard errors of what is drawn.
  for (const rho of [0, SEQUENTIAL.rho])
    it(`is wrong in no more than Wald’s share of seasons, looked at after every evening, likeness ${rho}`, () => {
      const rule = { ...SEQUENTIAL, rho, most: Infinity };
      const made = evenings(20_261_128);
      const wrong = (rate: number, decision: 'next' | 'back'): number => {
        const seasons = Array.from({ length: 2 * CASES }, (): readonly Cluster[] => made({ rate, rho, evenings: 24, chances: [8, 20] }));
        return seasons.filter((season) => sequential(season, rule).decision === decision).length / seasons.length;
      };
      const bound = rule.wrongBack / (1 - rule.wrongNext);
      const room = 3 * Math.sqrt((bound * (1 - bound)) / (2 * CASES));
      expect(wrong(rule.good, 'back')).toBeLessThan(bound + room);
      expect(wrong(rule.bad, 'next')).toBeLessThan(bound + room);
      // And it does decide.
      expect(wrong(rule.good, 'next')).toBeGreaterThan(0.9);
      expect(wrong(rule.bad, 'back')).toBeGreaterThan(0.9);
    });
});
