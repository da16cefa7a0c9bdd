import fc from 'fast-check';
import { holds } from '../testing/holds.js';
import { wilson } from './proportion.js';
import { openPart, watchNext, type Watched } from './watch-next.js';

const cell = (fault: string, hits: number, attempts: number): Watched['cells'][number] => ({
  ...{ fault, attempts },
  interval: attempts === 0 ? null : wilson(hits, attempts),
});
const catalogue = new Map([['knee', { safety: true as const }]]);

describe('whom to watch next, and for what', () => {
  const named = (group: readonly Watched[]): string[] =>
    watchNext(group, catalogue).map(({ id, for: what }) => `${id}: ${what.map(({ fault }) => fault).join(' ')}`);

  it('what is open, what can hurt first, then what is in focus, then what was watched less', () => {
    const group: Watched[] = [
      { id: 'ada', focus: [], cells: [cell('late', 1, 12), cell('knee', 1, 12)] },
      { id: 'bea', focus: ['late'], cells: [cell('heels', 1, 12)] },
      { id: 'cay', focus: [], cells: [cell('late', 1, 12)] },
      { id: 'dov', focus: [], cells: [cell('late', 0, 3)] },
    ];
    expect(named(group)).toEqual(['ada: knee late', 'bea: late heels', 'dov: late', 'cay: late']);
    const [, bea] = watchNext(group, catalogue);
    expect(bea?.for[0]).toEqual({ fault: 'late', attempts: 0, interval: null, open: 1, safety: false, focus: true, cost: 1 });
  });

  it('what is decided either way is not named, and nobody for nothing', () => {
    expect(named([{ id: 'ada', focus: [], cells: [cell('late', 0, 200), cell('heels', 90, 150)] }])).toEqual([]);
    expect(named([{ id: 'ada', focus: [], cells: [] }])).toEqual([]);
  });

  it('a fault that was only noted is as open as one never watched', () => {
    expect(watchNext([{ id: 'ada', focus: [], cells: [cell('late', 0, 0)] }], catalogue)[0]?.for[0]?.open).toBe(1);
  });

  it('the open part is between nothing and all, and more of the same never opens it wider', () => {
    holds(
      fc.property(fc.integer({ min: 1, max: 60 }), fc.double({ min: 0, max: 1, noNaN: true }), (n, share) => {
        const open = (times: number): number => openPart(wilson(Math.round(n * share) * times, n * times));
        const parts = [1, 4, 16, 64, 4096].map(open);
        for (const part of parts) {
          expect(part).toBeGreaterThanOrEqual(0);
          expect(part).toBeLessThanOrEqual(1);
        }
        expect(parts.at(-1)).toBeLessThan(0.35);
        expect((parts.at(-1) ?? NaN) - (parts[0] ?? NaN)).toBeLessThanOrEqual(1e-9);
      }),
    );
  });
});
