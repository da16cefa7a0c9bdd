import { study } from '../judge/study.js';
import { performer } from '../testing/performers.js';
import { unreadableOf } from './readings.js';

describe('what could not be read', () => {
  it('is drawn with each reading where a step asks, as that step alone is done', () => {
    const [one, two] = unreadableOf(study('split, shuffle right 40, lunge ahed', performer(1.7), false));
    expect(one?.meant.map(({ reading, picture }) => [reading, picture?.moves.length])).toEqual([
      ['40 cm', 1],
      ['40 times', 40],
    ]);
    // A mistyped word is offered, and asks nothing.
    expect(two?.meant).toEqual([{ reading: 'ahead', picture: null }]);
  });

  it('draws the first questions only', () => {
    const all = unreadableOf(study(Array.from({ length: 20 }, () => 'shuffle right 40').join(', '), performer(1.7), false));
    expect(all.length).toBe(20);
    expect(all.filter(({ meant }) => meant.some(({ picture }) => picture !== null)).length).toBe(6);
  });
});
