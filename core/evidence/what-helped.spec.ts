import { cameOf, type Decided, type Evening } from './decisions.js';
import { wilson } from './proportion.js';
import { FEWEST, whatHelped } from './what-helped.js';

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
});
