import type { Tally } from '@hopsk/core/log/count';
import { rowsOf } from './summary-rows';

describe('what was seen in a run', () => {
  const tally = (fault: string, faulty: number, noted = 0): Tally => ({
    ...{ athlete: 'a', fault, attempts: 20, faulty, again: 0, noted, left: 0, right: 0 },
  });

  it('is most first, then by name: the same whoever heard of what first', () => {
    const tallies = [tally('tall', 6), tally('rises', 6), tally('eyes', 9), tally('deep', 6, 2)];
    const order = (of: readonly Tally[]): string[] => rowsOf(of).map(({ fault }) => fault);
    expect(order(tallies)).toEqual(['eyes', 'deep', 'rises', 'tall']);
    expect(order([...tallies].reverse())).toEqual(order(tallies));
  });

  it('has a rate where attempts were watched', () => {
    expect(rowsOf([tally('tall', 5), { ...tally('eyes', 0, 3), attempts: 0 }]).map(({ rate, range }) => [rate, range])).toEqual([
      ['25', '11–47'],
      ['', ''],
    ]);
  });
});
