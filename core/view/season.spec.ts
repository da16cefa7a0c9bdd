import { faultBook, type SessionTally } from '../evidence/book.js';
import type { Kept } from '../evidence/decisions.js';
import { daysOf, neverWatched, seasonOf } from './season.js';

const tally = (day: string, fault: string, faulty: number, attempts: number, noted = 0, evening = 0): SessionTally => ({
  ...{ day, fault, faulty, attempts, noted, left: 0, right: 0, evening },
});

const tallies = [
  tally('2026-03-02', 'late', 6, 20),
  tally('2026-03-02', 'late', 2, 10, 1, 5),
  tally('2026-03-09', 'late', 3, 20),
  tally('2026-03-09', 'eyes', 0, 0, 2),
  // Two weeks, and then more than three.
  tally('2026-03-23', 'late', 0, 20),
  tally('2026-03-23', 'narrow', 0, 20),
  tally('2026-04-27', 'late', 4, 4),
];
const entries = faultBook(tallies);
const decision = (day: string, decided: Kept['decided'], takenBack = false): Kept => ({ fault: 'late', day, decided, takenBack });

describe('a season', () => {
  it('has a column a day, with the weeks in between where there were two or more, and what counts as a break', () => {
    expect(daysOf(entries, 99, 21)).toEqual({
      columns: [
        { day: '2026-03-02', gap: 0, broke: false },
        { day: '2026-03-09', gap: 0, broke: false },
        { day: '2026-03-23', gap: 2, broke: false },
        { day: '2026-04-27', gap: 5, broke: true },
      ],
      earlier: 0,
    });
    expect(daysOf(entries, 2, 21)).toEqual({
      columns: [
        { day: '2026-03-23', gap: 0, broke: false },
        { day: '2026-04-27', gap: 5, broke: true },
      ],
      earlier: 2,
    });
    expect(daysOf([], 9, 21)).toEqual({ columns: [], earlier: 0 });
  });

  it('has a row a fault that was seen, in the order of the book; every number of the book is in one of its marks', () => {
    const { columns } = daysOf(entries, 99, 21);
    const rows = seasonOf(entries, columns, []);
    expect(rows.map(({ fault, state }) => [fault, state])).toEqual([
      ['late', 'recurring'],
      ['eyes', 'noted'],
    ]);
    expect(rows[0]?.marks.map((mark) => mark && [mark.faulty, mark.attempts, mark.noted])).toEqual([
      [8, 30, 1],
      [3, 20, 0],
      [0, 20, 0],
      [4, 4, 0],
    ]);
    expect(rows[1]?.marks.map((mark) => mark?.noted ?? null)).toEqual([null, 2, null, null]);
    expect(rows[1]?.marks[1]?.interval).toBeNull();
  });

  it('flags what was decided and stands on its day; what was never seen has a row where something was decided of it', () => {
    const { columns } = daysOf(entries, 99, 21);
    const flags = (decisions: readonly Kept[]) => seasonOf(entries, columns, decisions)[0]?.flags;
    expect(flags([decision('2026-03-23', 'next'), decision('2026-03-09', 'back', true)])).toEqual([null, null, 'next', null]);
    const rows = seasonOf(entries, columns, [{ ...decision('2026-03-23', 'back'), fault: 'narrow' }]);
    expect(rows.map(({ fault }) => fault)).toEqual(['late', 'eyes', 'narrow']);
  });

  it('names what is in focus and was not watched in what is shown, tapped or not', () => {
    const shown = (most: number): string[] => neverWatched(entries, daysOf(entries, most, 21).columns, ['late', 'eyes', 'narrow', 'tall']);
    expect([shown(99), shown(1)]).toEqual([
      ['eyes', 'tall'],
      ['eyes', 'narrow', 'tall'],
    ]);
  });
});
