import type { Book } from '@hopsk/contract/book';
import { faultsByCode } from '@hopsk/core/catalogue/faults';
import { faultBook, type SessionTally } from '@hopsk/core/evidence/book';
import { firstToFix } from '@hopsk/core/evidence/first-to-fix';
import { words } from '@hopsk/words/words';
import { holdsOf, workOf } from './report-of';

const weeks = (fault: string, faulty: readonly number[], of = 60): SessionTally[] =>
  faulty.map((hits, i) => ({
    day: new Date(Date.UTC(2026, 0, 5 + 7 * i)).toISOString().slice(0, 10),
    ...{ fault, attempts: of, faulty: hits, noted: 0, left: 0, right: 0 },
  }));
function bookOf(...tallies: readonly SessionTally[][]): Pick<Book, 'entries' | 'first'> {
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
    expect(holdsOf(book)).toEqual([
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
    expect(work[0]?.rate).toBeCloseTo(9 / 60, 9);
  });

  it('tells how often in tries of ten', () => {
    const { often } = words.report;
    expect([0.02, 0.26, 0.97].map(often)).toEqual(['hardly ever lately', 'about 3 of 10 tries lately', 'nearly every time lately']);
  });
});
