import { splits } from './en/splits.js';

describe('what is said of where a fault shows', () => {
  const text = splits.splits;
  const of = { of: [40, 38], shared: 2, leftOut: 0, earlier: 0.18, later: 0.34, value: 0.16, low: 0.05, high: 0.27 } as const;
  const sides = { of: 'sessions', deff: 1.2, rho: 0.05, left: 11, right: 3, share: 11 / 14, low: 0.52, high: 0.92 } as const;

  it('when tired', () => {
    expect(text.late(of)).toBe('In the last third of a round 34 per 100, in the first 18: higher by 16, between 5 and 27.');
    expect(text.later({ ...of, later: 0.14, value: -0.04, low: -0.12, high: 0.05 })).toBe(
      'In the later half of the rounds 14 per 100, in the earlier 18: no difference that can be told from chance (−12 to +5).',
    );
  });

  it('of sides no more than can be told', () => {
    expect(text.sides(sides)).toBe(
      'More on the left: 11 of 14 taps with a side on the left, 79 of 100 (52 to 92), as if both sides had as many chances.',
    );
    expect(text.sides({ ...sides, low: 0.45 })).toMatch(/^No side more than the other/);
    expect(text.sides({ ...sides, left: 2, right: 12, share: 2 / 14, low: 0.03, high: 0.4 })).toMatch(/^More on the right: 2 of 14/);
  });

  it('what to fix first, by its numbers', () => {
    const first = {
      fault: 'heels-down',
      rate: 0.26,
      safety: false,
      focus: true,
      cost: 1,
      evenings: 11,
      drags: [{ fault: 'slow-first', share: 0.79 }],
    };
    expect(text.firstSays(first, (code) => code.replace('-', ' '))).toBe(
      '26 per 100 lately, for 11 evenings; in focus; 79 of 100 times that slow first showed it was there.',
    );
    expect(text.firstSays({ ...first, safety: true, focus: false, cost: 1, evenings: 1, drags: [] }, String)).toBe(
      '26 per 100 lately, for 1 evening; it can hurt.',
    );
  });

  it('of the running test what it came to, or what would decide it', () => {
    const test = { decision: 'stay', decidedAfter: null, restarts: [], ratio: -1, limits: { next: -3, back: 3 }, more: 14 } as const;
    expect(text.test(test)).toBe('running test: open; 14 more clean attempts in one evening would decide for moving on');
    expect(text.test({ ...test, more: null })).toBe('running test: open, far from moving on');
    expect(text.test({ ...test, decision: 'back', decidedAfter: 1 })).toBe('running test: step back, after 1 evening');
  });

  it('of pairs by the numbers that were found', () => {
    expect(text.comes({ with: 19, ofWith: 30, without: 6, ofWithout: 70 })).toBe(
      'more than by chance: with it in 19 of 30 occasions, without it in 6 of 70.',
    );
    expect(text.noPairs(1)).toBe('With nothing more than by chance (1 fault asked).');
    expect(text.against(of)).toBe('+16 (+5 to +27)');
    expect(text.against({ ...of, value: 0.004, low: -0.05, high: -0.002 })).toBe('0 (−5 to 0)');
  });
});
