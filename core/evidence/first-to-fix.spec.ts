import { faultBook, type SessionTally } from './book.js';
import { firstToFix } from './first-to-fix.js';
import type { Together } from './together.js';

const day = (n: number): string => new Date(Date.UTC(2026, 0, 1 + 7 * n)).toISOString().slice(0, 10);
/** Evenings of twenty chances, of which so many showed it. */
const season = (fault: string, faulty: readonly number[]): SessionTally[] =>
  faulty.map((n, i) => ({ day: day(i), fault, attempts: 20, faulty: n, noted: 0, left: 0, right: 0 }));
const pair = (fault: string, other: string, of: Partial<Together> = {}): Together => ({
  ...{ fault, other, runs: 8, both: 15, one: 5, second: 10, neither: 70, chance: 0, found: true },
  ...of,
});
const catalogue = new Map([
  ['root', { causes: [] }],
  ['symptom', { causes: ['root'] }],
  ['other', { causes: [] }],
  ['knee', { causes: [], safety: true as const }],
]);

describe('what to fix first', () => {
  const named = (tallies: readonly SessionTally[], together: readonly Together[] = [], focus: readonly string[] = []): string[] =>
    firstToFix(faultBook(tallies), together, catalogue, focus).map(({ fault }) => fault);
  const [root, symptom] = [season('root', [6, 6, 6, 6]), season('symptom', [7, 7, 7, 7])];
  const other = season('other', [9, 9, 9, 9]);

  it('what is more frequent, and what the coach has in focus', () => {
    expect(named([...root, ...other])).toEqual(['other', 'root']);
    expect(named([...root, ...other], [], ['root'])).toEqual(['root', 'other']);
  });

  it('what goes on for longer, of what is as frequent; what was seen before counts as long, and rates are of the last evenings', () => {
    const late = season('other', [0, 0, 0, 0, 6, 6, 6, 6]);
    expect(named([...late, ...season('root', [6, 6, 6, 6, 6, 6, 6, 6])])).toEqual(['root', 'other']);
    const [first] = firstToFix(faultBook(season('root', [20, 20, 20, 20, 5, 5, 6, 4])), [], catalogue, []);
    // It fades: nothing to fix.
    expect(first).toBeUndefined();
    const [lately] = firstToFix(faultBook(season('root', [8, 8, 8, 8, 7, 7, 6, 8])), [], catalogue, []);
    expect([lately?.rate, lately?.evenings]).toEqual([28 / 80, 8]);
  });

  it('what can hurt comes first, however rare', () => {
    expect(named([...other, ...season('knee', [0, 1, 0, 1])])).toEqual(['knee', 'other']);
  });

  it('a root counts what it drags along, and its symptom is not named beside it', () => {
    const all = [...root, ...symptom, ...other];
    expect(named(all)).toEqual(['other', 'symptom', 'root']);
    expect(named(all, [pair('root', 'symptom')])).toEqual(['root', 'other']);
    const [first] = firstToFix(faultBook(all), [pair('root', 'symptom')], catalogue, []);
    // Of the symptom’s 25 occasions 15 had it; said from either side of the pair.
    expect(first?.drags).toEqual([{ fault: 'symptom', share: 15 / 25 }]);
    const turned = pair('symptom', 'root', { one: 10, second: 5 });
    expect(firstToFix(faultBook(all), [turned], catalogue, [])[0]?.drags).toEqual([{ fault: 'symptom', share: 15 / 25 }]);
  });

  it('coming together alone drags nothing, nor does the catalogue alone', () => {
    const all = [...root, ...symptom, ...other];
    expect(named(all, [pair('other', 'root')])).toEqual(['other', 'symptom', 'root']);
    expect(named(all, [pair('root', 'symptom', { found: false })])).toEqual(['other', 'symptom', 'root']);
  });

  it('no more than three, and nothing of what is not seen, noted only, or gone', () => {
    const many = ['a', 'b', 'c', 'd'].flatMap((fault) => season(fault, [3, 3, 3, 3]));
    expect(named(many)).toEqual(['a', 'b', 'c']);
    expect(named(season('a', [0, 0, 0, 0]))).toEqual([]);
    expect(named([{ day: day(0), fault: 'a', attempts: 0, faulty: 0, noted: 4, left: 0, right: 0 }])).toEqual([]);
  });
});
