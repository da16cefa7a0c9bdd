import { worthSaying } from './worth-saying.js';

const tally = (fault: string, faulty: number, attempts: number, left = 0, right = 0) => ({ fault, faulty, attempts, left, right });

describe('what is worth saying in a rest', () => {
  it('is the one fault that is surely most frequent, with the side where all of it is on one', () => {
    expect(worthSaying([tally('tall', 3, 30), tally('follow-uneven', 4, 10, 4), tally('split-late', 3, 10, 1, 2)])).toEqual({
      fault: 'follow-uneven',
      attempts: 10,
      faulty: 4,
      only: 'left',
    });
    expect(worthSaying([tally('split-late', 3, 10, 1, 2)])?.only).toBeNull();
    expect(worthSaying([tally('split-late', 3, 10, 0, 1)])?.only).toBeNull();
    expect(worthSaying([tally('split-late', 3, 10, 0, 3)])?.only).toBe('right');
  });

  it('is nothing where little was watched: two of two say less than six of ten', () => {
    expect(worthSaying([tally('tall', 2, 4), tally('split-late', 1, 20)])).toBeNull();
    expect(worthSaying([])).toBeNull();
    expect(worthSaying([tally('tall', 3, 5), tally('split-late', 60, 100)])?.fault).toBe('split-late');
  });
});
