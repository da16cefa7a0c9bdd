import fc from 'fast-check';
import { holds } from '../testing/holds.js';
import { eveningsOf, type Ran } from './evenings.js';

const HOUR = 3600_000;
const run = (id: string, from: number, to: number, day = '2026-11-20'): Ran => ({ id, day, start: from * HOUR, end: to * HOUR });

describe('evenings of an athlete', () => {
  it('chain runs with less than four hours between them, over midnight too, and are named by their start', () => {
    const evenings = eveningsOf([
      run('late', 24.5, 25, '2026-11-21'),
      run('first', 18, 19),
      run('second', 22.9, 23.5),
      run('next day', 29, 30, '2026-11-21'),
    ]);
    expect(['first', 'second', 'late', 'next day'].map((id) => evenings.get(id)?.day)).toEqual([
      '2026-11-20',
      '2026-11-20',
      '2026-11-20',
      '2026-11-21',
    ]);
    // Two on one day are two; exactly four hours apart too.
    expect(new Set([...eveningsOf([run('morning', 8, 9), run('noon', 13, 14)]).values()]).size).toBe(2);
  });

  it('are the same as joining every two runs that are near enough until nothing more joins', () => {
    const anyRun = fc.tuple(fc.integer({ min: 0, max: 60 }), fc.integer({ min: 0, max: 5 }));
    holds(
      fc.property(fc.array(anyRun, { maxLength: 12 }), (spans) => {
        const runs = spans.map(([from, long], i) => run(`r${i}`, from, from + long));
        const group = runs.map((_, i) => i);
        const near = (a: Ran, b: Ran): boolean => Math.max(a.start, b.start) - Math.min(a.end, b.end) < 4 * HOUR;
        for (let again = true; again;) {
          again = false;
          runs.forEach((a, i) =>
            runs.forEach((b, j) => {
              if (!near(a, b) || group[i] === group[j]) return;
              const [from, to] = [group[j], group[i] as number];
              group.forEach((one, k) => one === from && (group[k] = to));
              again = true;
            }),
          );
        }
        const evenings = eveningsOf(runs);
        runs.forEach((a, i) => runs.forEach((b, j) => expect(evenings.get(a.id) === evenings.get(b.id)).toBe(group[i] === group[j])));
      }),
    );
  });
});
