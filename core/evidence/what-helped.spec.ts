import { BOOK_RULES } from './book-rules.js';
import { cameOf, type Decided, type Evening } from './decisions.js';
import { differenceOf } from './difference.js';
import { wilson } from './proportion.js';
import { FEWEST, sinceBegun, whatHelped } from './what-helped.js';

const day = (week: number): string => new Date(Date.UTC(2026, 0, 5 + 7 * week)).toISOString().slice(0, 10);
const evenings = (rates: readonly number[]): Evening[] => rates.map((hits, i) => ({ day: day(i), n: 40, hits }));
/** A decision after four evenings with so many, and what came after in four with so many. */
const after = (decided: Decided, before: number, then: number | null) => ({
  decided,
  came: cameOf(
    evenings([...Array<number>(4).fill(before), ...(then === null ? [] : Array<number>(4).fill(then))]),
    { fault: 'tall', day: day(3) },
    [],
  ),
});

describe('what helped', () => {
  it('counts by kind what was surely rarer after it, surely more often, and what cannot be told; what was not watched since is told as neither', () => {
    const decisions = [after('back', 20, 4), after('back', 20, 19), after('back', 4, 20), after('back', 20, null), after('stay', 20, 4)];
    expect(whatHelped(decisions)).toEqual([
      { decided: 'next', times: 0, rarer: 0, oftener: 0, same: 0, share: null },
      { decided: 'stay', times: 1, rarer: 1, oftener: 0, same: 0, share: null },
      { decided: 'back', times: 4, rarer: 1, oftener: 1, same: 1, share: null },
    ]);
  });

  it('says a share only of enough that were watched since', () => {
    const many = Array.from({ length: FEWEST }, (_, i) => after('back', 20, i === 0 ? 20 : 4));
    expect(whatHelped(many)[2]?.share).toEqual(wilson(FEWEST - 1, FEWEST));
    expect(whatHelped([...many.slice(1), after('back', 20, null)])[2]?.share).toBeNull();
  });

  it('holds the last evenings before something new was begun against as many after it, without the day itself', () => {
    const rates = [40, 20, 20, 20, 20, 3, 4, 4, 4, 4, 40, 40];
    const found = sinceBegun(evenings(rates), day(5));
    expect(found).toEqual(differenceOf(evenings(rates).slice(1, 5), evenings(rates).slice(6, 10)));
    expect([found?.earlier, found?.later]).toEqual([0.5, 0.1]);
    expect(found?.high).toBeLessThan(0);
    // Evenings that could not show it are none; without one on either side nothing is told.
    const some = [{ day: day(4), n: 0, hits: 0 }, ...evenings(rates).slice(5)];
    expect(sinceBegun(some, day(5))).toBeNull();
    expect(sinceBegun(evenings(rates), day(11))).toBeNull();
    expect(sinceBegun(evenings(rates), day(6), { recurrence: { ...BOOK_RULES.recurrence, every: 2 } })).toEqual(
      differenceOf(evenings(rates).slice(4, 6), evenings(rates).slice(7, 9)),
    );
  });
});
