import fc from 'fast-check';
import { EVIDENCE } from '../plan/session/evidence-rule.js';
import { evenings } from '../testing/evenings.js';
import { CASES, holds } from '../testing/holds.js';
import { decide } from './decide.js';
import type { Cluster } from './likeness.js';

describe('moving on, staying or stepping back by the rule of thumb', () => {
  const of = (...all: readonly (readonly [hits: number, n: number])[]): Cluster[] => all.map(([hits, n]) => ({ hits, n }));

  it('steps back after two evenings running, not after one', () => {
    expect(decide(of([7, 20]))).toBe('stay');
    expect(decide(of([7, 20], [7, 20]))).toBe('back');
    expect(decide(of([7, 20], [6, 20]))).toBe('stay');
    expect(decide(of([7, 20], [6, 20], [7, 20]))).toBe('stay');
    // One that says nothing stands between no others.
    expect(decide(of([7, 20], [0, 19], [7, 20]))).toBe('back');
  });

  it('moves on when the last three together are clean enough, and surely', () => {
    expect(decide(of([1, 40], [1, 40]))).toBe('stay');
    expect(decide(of([1, 40], [1, 40], [1, 40]))).toBe('next');
    expect(decide(of([9, 20], [1, 40], [1, 40], [1, 40]))).toBe('next');
    // Ten of a hundred, but from too few to be sure.
    expect(decide(of([2, 20], [2, 20], [2, 20]))).toBe('stay');
    expect(decide(of([5, 40], [5, 40], [5, 40]))).toBe('stay');
  });

  it('says nothing of nothing, and goes by the coach’s numbers', () => {
    expect([decide([]), decide(of([0, 19]))]).toEqual(['not enough', 'not enough']);
    const own = { next: 0.6, back: 0.3, attempts: 10, sessions: 1 };
    expect(decide(of([6, 30]), own)).toBe('next');
    expect(decide(of([7, 9]), own)).toBe('not enough');
    expect(decide(of([8, 10], [8, 10]), own)).toBe('back');
  });

  it('one fault more in the latest evening never moves on where one fewer did not, and never keeps from stepping back', () => {
    const evening = fc.integer({ min: 20, max: 60 }).chain((n) => fc.nat({ max: n - 1 }).map((hits): Cluster => ({ hits, n })));
    const better = ['back', 'stay', 'next'];
    holds(
      fc.property(fc.array(evening, { maxLength: 4 }), evening, (before, last) => {
        const with_ = (hits: number): number => better.indexOf(decide([...before, { ...last, hits }], { ...EVIDENCE, sessions: 1 }));
        expect(with_(last.hits + 1)).toBeLessThanOrEqual(with_(last.hits));
      }),
    );
  });

  // Simulation, ours: evenings of 20 to 60 chances, looked at after each. What is wrong once in a season is told, not promised: `npm run
  // bench -- --long`. Here what is wrong at one look.
  for (const [rho, nextAt15, backAt25] of [
    [0, 0.04, 0.08],
    [0.05, 0.12, 0.13],
    [0.1, 0.18, 0.15],
  ] as const)
    it(`is wrong in a few of a hundred reviews, likeness ${rho}, and decides where it is plain`, () => {
      const made = evenings(20_261_128);
      const share = (rate: number, decision: string): number => {
        const seasons = Array.from({ length: CASES }, () => made({ rate, rho, evenings: 24, chances: [20, 60] }));
        const said = seasons.flatMap((season) => season.slice(2).map((_, i) => decide(season.slice(0, i + 3))));
        return said.filter((one) => one === decision).length / said.length;
      };
      expect(share(0.15, 'next')).toBeLessThan(nextAt15);
      expect(share(0.25, 'back')).toBeLessThan(backAt25);
      expect(share(0.02, 'next')).toBeGreaterThan(0.85);
      expect(share(0.5, 'back')).toBeGreaterThan(0.7);
    });
});
