import fc from 'fast-check';
import { holds } from '../testing/holds.js';
import { groupCell } from './group.js';
import { clusteredWilson, sumsOf, type Cluster } from './likeness.js';

describe('a cell of the map of a group', () => {
  it('says what the fault book says of the same evenings', () => {
    const evening = fc.nat({ max: 40 }).chain((n) => fc.nat({ max: n }).map((hits): Cluster => ({ hits, n })));
    holds(
      fc.property(fc.array(evening, { maxLength: 12 }), (evenings) => {
        // Added up in another order, and with other sums than core's own.
        const told = evenings.filter(({ n }) => n > 0).reverse();
        const add = (of: (one: Cluster) => number): number => told.map(of).reduce((sum, one) => sum + one, 0);
        const sums = { evenings: told.length, hits: add(({ hits }) => hits), n: add(({ n }) => n), squares: add(({ n }) => n * n) };
        const cell = groupCell({ ...sums, shares: add(({ hits, n }) => (hits * hits) / n), fault: 'late', noted: 2 });
        const own = clusteredWilson(evenings);
        expect([cell.evenings, cell.attempts, cell.faulty, cell.noted]).toEqual([told.length, sums.n, sums.hits, 2]);
        expect(cell.rate).toEqual(sums.n === 0 ? null : sums.hits / sums.n);
        expect(cell.interval?.of).toBe(own?.of);
        for (const end of ['low', 'high', 'rho', 'deff'] as const) expect(cell.interval?.[end] ?? 0).toBeCloseTo(own?.[end] ?? 0, 9);
      }),
    );
  });

  it('evenings without a chance are no evenings', () => {
    expect(sumsOf([{ hits: 0, n: 0 }])).toEqual({ evenings: 0, hits: 0, n: 0, squares: 0, shares: 0 });
  });
});
