import { faultsByCode } from '../catalogue/faults.js';
import { faultBook, type SessionTally } from '../evidence/book.js';
import { firstToFix } from '../evidence/first-to-fix.js';
import { holdsOf, workOf } from './plain-report.js';

const weeks = (fault: string, faulty: readonly number[], of = 60): SessionTally[] =>
  faulty.map((hits, i) => ({
    day: new Date(Date.UTC(2026, 0, 5 + 7 * i)).toISOString().slice(0, 10),
    ...{ fault, attempts: of, faulty: hits, noted: 0, left: 0, right: 0 },
  }));
function bookOf(...tallies: readonly SessionTally[][]) {
  const entries = faultBook(tallies.flat());
  return { entries, first: firstToFix(entries, [], faultsByCode(), []) };
}

describe('a report', () => {
  const eight = (first: number, then: number): number[] => [...Array<number>(4).fill(first), ...Array<number>(4).fill(then)];

  it('says what holds: gone, surely less often than before, or surely rare; nothing that is to be worked on, nothing too little known', () => {
    const book = bookOf(
      weeks('split-late', [1, 0, 0, 0, 0, 0, 0, 0]),
      weeks('land-early', eight(30, 4)),
      weeks('eyes', eight(0, 0)),
      weeks('tall', eight(20, 20)),
      weeks('crossed', [0], 5),
    );
    expect(book.first.map(({ fault }) => fault)).toEqual(['tall']);
    expect(holdsOf(book, 0.1)).toEqual([
      { fault: 'land-early', how: 'better', before: 5, now: 1 },
      { fault: 'split-late', how: 'gone' },
      { fault: 'eyes', how: 'rare' },
    ]);
  });

  it('names two things to work on at most, with how often they showed lately, and what can hurt', () => {
    const safety = [...faultsByCode().values()].find((fault) => fault.safety)?.code ?? '';
    const book = bookOf(
      weeks('tall', eight(20, 20)),
      weeks('eyes', eight(30, 6)),
      weeks('crossed', eight(18, 18)),
      weeks(safety, eight(9, 9)),
    );
    const work = workOf(book, faultsByCode());
    expect(work.map(({ fault, hurts }) => [fault, hurts])).toEqual([
      [safety, true],
      [book.first[1]?.fault ?? '', false],
    ]);
    // 9 of 60, and 20 or 18 of 60.
    expect(work.map(({ ofTen }) => ofTen)).toEqual([2, 3]);
  });
});
