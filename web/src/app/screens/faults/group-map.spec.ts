import type { GroupBook } from '@hopsk/contract/group-book';
import { awayOf, columnsOf, inOrder, needsOf, offeredIn, rowsOf, type Order, type Person, type Row, type Whom } from './group-map';

type Book = GroupBook['athletes'][number];
const cell = (fault: string, faulty: number, attempts: number, noted = 0): Book['cells'][number] => ({
  ...{ fault, evenings: 1, attempts, faulty, noted, rate: attempts > 0 ? faulty / attempts : null },
  interval: attempts > 0 ? { low: faulty / attempts / 2, high: 1, of: 'session', deff: 1, rho: 0.05 } : null,
});
const person = (id: string, sport: string, focus: readonly string[] = []): Person => ({ id, name: `Name ${id}`, sport, focus });

describe('the map of a group', () => {
  const people = [person('a', 'squash'), person('b', 'karate', ['late']), person('c', 'squash'), person('d', 'squash')];
  const books: Book[] = [
    { athleteId: 'c', here: 2, last: '2026-03-09', cells: [cell('late', 8, 40), cell('narrow', 0, 40)] },
    { athleteId: 'a', here: 3, last: '2026-03-16', cells: [cell('late', 3, 30), cell('heels', 0, 0, 2)] },
    { athleteId: 'b', here: 1, last: '2026-03-16', cells: [cell('heels', 5, 10)] },
    // Somebody added elsewhere a moment ago.
    { athleteId: 'x', here: 1, last: '2026-03-16', cells: [] },
  ];
  const ids = (rows: readonly Row[]): string => rows.map(({ person: one }) => one.id).join('');
  const of = (whom: Whom): Row[] => rowsOf(books, people, whom);

  it('is of everybody, of a sport, or of those who were here last', () => {
    expect(ids(of({ kind: 'all' }))).toBe('cab');
    expect(ids(of({ kind: 'sport', sport: 'squash' }))).toBe('ca');
    expect(ids(of({ kind: 'last' }))).toBe('ab');
    const away = (whom: Whom): string[] => awayOf(books, people, whom).map(({ id }) => id);
    expect([away({ kind: 'all' }), away({ kind: 'sport', sport: 'karate' }), away({ kind: 'last' })]).toEqual([['d'], [], []]);
  });

  it('has a column for what somebody showed, tapped without a chance too, and names what was looked for in vain', () => {
    expect(columnsOf(of({ kind: 'all' }))).toEqual({ seen: ['late', 'heels'], inVain: ['narrow'] });
    expect(columnsOf([])).toEqual({ seen: [], inVain: [] });
  });

  it('is ordered by name, by what is known least, and by a fault: who surely shows it most first, who was not watched last', () => {
    const by = (order: Order): string => ids(inOrder(of({ kind: 'all' }), order));
    expect([by('name'), by('watched'), by('last')]).toEqual(['abc', 'bac', 'cab']);
    expect([by({ fault: 'late' }), by({ fault: 'heels' })]).toEqual(['cab', 'bac']);
  });

  it('what somebody needs grows with how often it was seen and what it costs; nothing for what was not seen', () => {
    const catalogue = new Map([['heels', { safety: true as const }]]);
    const needs = needsOf(of({ kind: 'all' }), catalogue).map(({ id, faults }) => [id, [...faults]]);
    expect(needs).toEqual([
      ['c', [['late', 0.2]]],
      ['a', [['late', 0.1]]],
      ['b', [['heels', 1.5]]],
    ]);
    // The club counts one four times; one that it hides is asked of nobody.
    const heavy = needsOf(offeredIn(of({ kind: 'all' }), new Set(['late'])), new Map([['late', { cost: 4 }]]));
    expect(heavy.map(({ id, faults }) => [id, [...faults]])).toEqual([
      ['c', [['late', 0.8]]],
      ['a', [['late', 0.4]]],
      ['b', []],
    ]);
  });
});
