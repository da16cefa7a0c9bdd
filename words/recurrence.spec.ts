import type { FaultState, Why } from '@hopsk/core/evidence/recurrence';
import { recurrence } from './en/recurrence.js';

describe('what is said of a fault’s state', () => {
  const gone = { code: 'gone', evenings: 4, n: 120, high: 0.062, below: 0.1 } as const;
  const rarer = { code: 'rarer', seen: 1, of: 4, asked: 2 } as const;
  const lower = { code: 'lower', earlier: 0.48, later: 0.1, value: -0.38, low: -0.55, high: -0.18 } as const;
  const said: readonly (readonly [FaultState, Why, string])[] = [
    ['clear', { code: 'unseen', evenings: 1, n: 30 }, 'Looked for: not seen in 30 attempts on 1 evening.'],
    ['new', { code: 'first', evenings: 2, more: 1 }, 'New: seen on 2 evenings.'],
    ['new', rarer, 'New: seen in 1 of the last 4 evenings that could show it.'],
    ['recurring', { code: 'seen', seen: 3, of: 4, asked: 2 }, 'It recurs: seen in 3 of the last 4 evenings that could show it.'],
    ['fading', lower, 'It fades, more than by chance: was 48 per 100, now 10: fewer by 38, between 18 and 55.'],
    ['cleared', gone, 'Cleared: not seen in the last 120 attempts on 4 evenings: at most 6 per 100, and under 10 counts as gone.'],
    ['cleared', rarer, 'It stays cleared: seen in 1 of the last 4 evenings that could show it.'],
    [
      'recurring',
      rarer,
      'It recurs still, since too little was looked at to say that it fades: seen in 1 of the last 4 evenings that could show it.',
    ],
  ];
  for (const [state, why, sentence] of said)
    it(`${state}, ${why.code}`, () => expect(recurrence.recurrence.why(why, state)).toBe(sentence));

  it('a difference that holds nothing is no difference that can be told, with both ends', () => {
    const of = { earlier: 0.28, later: 0.21, value: -0.07, low: -0.18, high: 0.04 };
    expect(recurrence.recurrence.lately(of)).toContain('no difference that can be told from chance (−18 to +4)');
    expect(recurrence.recurrence.lately({ ...of, later: 0.4, value: 0.12, low: 0.02, high: 0.2 })).toContain(
      'higher by 12, between 2 and 20',
    );
    expect(
      recurrence.recurrence.sinceBreak({
        ...of,
        later: 0.4,
        value: 0.12,
        low: 0.02,
        high: 0.2,
        from: '2026-09-03',
        to: '2026-10-01',
        days: 28,
      }),
    ).toBe(
      'Since the break of 4 weeks, 2026-09-03 to 2026-10-01, 40 per 100, in the evenings before it 28: higher by 12, between 2 and 20.',
    );
  });
});
