import { BookNumbers, NUMBERS } from '@hopsk/contract/book-numbers';
import { BOOK_RULES } from '@hopsk/core/evidence/book-rules';
import { same } from '../../data/same';
import { flatOf, GROUPS, readsOf, rulesOf } from './flat-numbers';

describe('a club’s numbers, each in a box of its own', () => {
  it('come back as they went in, ours as ours, each in one group', () => {
    expect(same(rulesOf(flatOf(BOOK_RULES)), BOOK_RULES)).toBe(true);
    const theirs = { ...BOOK_RULES, by: 'running' as const, breakDays: 30, running: { ...BOOK_RULES.running, bad: 0.4 } };
    expect(rulesOf(flatOf(theirs))).toEqual(theirs);
    expect(Object.values(GROUPS).flat().sort()).toEqual((Object.keys(NUMBERS) as (keyof typeof NUMBERS)[]).sort());
  });

  it('a box takes what the server takes, to both ends, and no more', () => {
    for (const name of Object.values(GROUPS).flat()) {
      const reads = readsOf(name);
      for (const end of NUMBERS[name]) {
        const read = reads.read(reads.show(end));
        expect('value' in read && Math.abs(read.value - end) < 1e-9)
          .withContext(name)
          .toBe(true);
      }
      expect('wrong' in reads.read('1000'))
        .withContext(name)
        .toBe(true);
    }
    expect(BookNumbers.safeParse(rulesOf(flatOf(BOOK_RULES))).success).toBe(true);
  });
});
