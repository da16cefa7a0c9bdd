import fc from 'fast-check';
import { mean } from 'simple-statistics';
import { EVIDENCE } from '../plan/session/evidence-rule.js';
import { holds } from '../testing/holds.js';
import { faultBook, type SessionTally } from './book.js';
import { designEffect, intervalOf, likenessOf } from './likeness.js';
import { wilson } from './proportion.js';

const row = (day: number, faulty: number, attempts: number, more: Partial<SessionTally> = {}): SessionTally => ({
  day: `2026-09-${String(day).padStart(2, '0')}`,
  fault: 'tall',
  attempts,
  faulty,
  noted: 0,
  left: 0,
  right: 0,
  ...more,
});
const only = (...rows: SessionTally[]) => {
  const [entry] = faultBook(rows);
  if (!entry) throw new Error('no entry');
  return entry;
};

describe('one fault across sessions', () => {
  it('n of m attempts in k sessions, whatever the order of the runs', () => {
    const entry = only(row(8, 2, 10), row(1, 3, 20), row(8, 1, 10), row(15, 0, 0, { noted: 2 }));
    expect([entry.faulty, entry.attempts, entry.seenSessions, entry.couldShow, entry.noted]).toEqual([6, 40, 2, 2, 2]);
    expect(entry.sessions.map((session) => [session.day, session.faulty, session.attempts, session.rate])).toEqual([
      ['2026-09-01', 3, 20, 0.15],
      ['2026-09-08', 3, 20, 0.15],
      ['2026-09-15', 0, 0, null],
    ]);
    // Noted on the 15th, though nothing was watched then.
    expect(entry.lastSeen).toBe('2026-09-15');
  });

  it('one session: the plain interval; several: wider by the design effect, and it says by how much', () => {
    const plain = only(row(1, 6, 26)).interval;
    // Source: the worked evening, by hand: 11.0–42.1 per 100.
    expect([plain?.of, Math.round((plain?.low ?? 0) * 1000), Math.round((plain?.high ?? 0) * 1000)]).toEqual(['session', 110, 421]);
    const clusters = [
      { hits: 9, n: 20 },
      { hits: 2, n: 20 },
      { hits: 4, n: 20 },
    ];
    const wide = only(...clusters.map(({ hits, n }, i) => row(i + 1, hits, n))).interval;
    const likeness = likenessOf(clusters);
    expect(wide?.deff).toBeCloseTo(designEffect(clusters, likeness.rho), 12);
    expect(wide).toEqual(jasmine.objectContaining(intervalOf(clusters, likeness)));
    expect((wide?.high ?? 0) - (wide?.low ?? 0)).toBeGreaterThan(wilson(15, 60).high - wilson(15, 60).low);
  });

  it('the rate of sessions of one size is the mean of their rates (simple-statistics)', () => {
    holds(
      fc.property(fc.array(fc.integer({ min: 0, max: 25 }), { minLength: 1, maxLength: 12 }), (hits) => {
        const entry = only(...hits.map((faulty, i) => row(i + 1, faulty, 25)));
        expect(entry.rate).toBeCloseTo(mean(hits.map((faulty) => faulty / 25)), 12);
        expect(entry.interval?.low ?? 1).toBeLessThanOrEqual((entry.rate ?? 0) + 1e-12);
        expect(entry.interval?.high ?? 0).toBeGreaterThanOrEqual((entry.rate ?? 0) - 1e-12);
      }),
    );
  });

  it('its last evenings are held against those before, once there are as many; each evening has the limits of going on as before', () => {
    const season = [9, 8, 10, 9, 2, 1, 2].map((faulty, i) => row(i + 1, faulty, 20));
    expect(only(...season).lately).toBeNull();
    const entry = only(...season, row(8, 1, 20));
    expect([entry.lately?.earlier, entry.lately?.later]).toEqual([36 / 80, 6 / 80]);
    expect(entry.lately?.high ?? 0).toBeLessThan(0);
    expect(entry.sessions.map(({ limits }) => limits !== null)).toEqual([false, false, false, false, true, true, true, true]);
    const { low, high } = entry.sessions[4]?.limits ?? { low: 1, high: 0 };
    expect([low < 0.45, low > 0, high > 0.45, high < 1]).toEqual([true, true, true, true]);
    // What comes later changes nothing of it.
    expect(only(...season.slice(0, 5)).sessions.map(({ limits }) => limits)).toEqual(
      entry.sessions.slice(0, 5).map(({ limits }) => limits),
    );
    expect(only(row(1, 3, 20), row(2, 0, 0, { noted: 1 })).sessions.map(({ limits }) => limits)).toEqual([null, null]);
  });

  it('decides by the last sessions with enough attempts, whatever happened between', () => {
    const [clean, told] = [row(1, 1, 40), EVIDENCE.attempts];
    expect(only(clean, row(2, 1, 40), row(3, 1, 40)).decision).toBe('next');
    // A thin session in between says nothing.
    expect(only(clean, row(2, 5, told - 1), row(3, 1, 40), row(4, 1, 40)).decision).toBe('next');
    expect(only(row(1, 10, told), row(2, 5, told - 1), row(3, 10, told)).decision).toBe('back');
    expect(only(row(1, 10, told), row(2, 1, told)).decision).toBe('stay');
    expect(only(row(1, 5, told - 1)).decision).toBe('not enough');
    // Exactly 70 % stays (limits met exactly are inside).
    expect(only(row(1, 6, 20), row(2, 6, 20)).decision).toBe('stay');
  });
});

describe('the order of the book', () => {
  it('what came back and recurs before what is new, fades, was noted, is gone or was looked for in vain; within, by the lower end', () => {
    const of = (fault: string, ...rows: SessionTally[]): SessionTally[] => rows.map((one) => ({ ...one, fault }));
    const book = faultBook([
      ...of('clear', row(1, 0, 30)),
      ...of('noted twice', row(1, 0, 0, { noted: 2 })),
      ...of('noted once', row(1, 0, 0, { noted: 1 })),
      ...of('once but often', row(1, 20, 20)),
      ...of('often, little seen', row(1, 2, 3), row(2, 2, 3)),
      ...of('often', row(1, 15, 30), row(2, 15, 30)),
      ...of('sometimes', row(1, 3, 30), row(2, 3, 30)),
      ...of('recurs', ...[1, 2, 3, 4].map((day) => row(day, 2, 30))),
      ...of('gone', ...[9, 8, 9, 8, 0, 0, 0, 0].map((faulty, i) => row(i + 1, faulty, 60))),
      ...of('fades', ...[9, 8, 9, 8, 2, 1, 2, 1].map((faulty, i) => row(i + 1, faulty, 20))),
      ...of('came back', ...[9, 8, 9, 8, 0, 0, 0, 0, 9, 8, 9, 8].map((faulty, i) => row(i + 1, faulty, 60))),
    ]);
    expect(book.map((entry) => entry.fault)).toEqual([
      'came back',
      'recurs',
      'often',
      'often, little seen',
      'sometimes',
      'once but often',
      'fades',
      'noted twice',
      'noted once',
      'gone',
      'clear',
    ]);
  });

  it('is empty for nothing', () => {
    expect(faultBook([])).toEqual([]);
  });
});

describe('a book of many years', () => {
  it('tells the last sessions one by one as the whole one does, and says of all else the same', () => {
    const count = fc.record({
      n: fc.integer({ min: 0, max: 12 }),
      hits: fc.integer({ min: 0, max: 12 }),
      noted: fc.integer({ min: 0, max: 2 }),
    });
    const days = fc.uniqueArray(fc.integer({ min: 0, max: 500 }), { maxLength: 40 });
    holds(
      fc.property(days, fc.array(count, { minLength: 40, maxLength: 40 }), fc.integer({ min: 0, max: 520 }), (all, counts, begin) => {
        const dayOf = (n: number): string => new Date(Date.UTC(2025, 0, 1 + n)).toISOString().slice(0, 10);
        const tallies = all.map((n, i): SessionTally => {
          const { n: attempts, hits, noted } = counts[i] as { n: number; hits: number; noted: number };
          const faulty = Math.min(hits, attempts);
          return { ...{ day: dayOf(n), fault: i % 3 === 0 ? 'tall' : 'tell', attempts, faulty, noted, left: 0, right: 0 } };
        });
        const [whole, late] = [faultBook(tallies), faultBook(tallies, [], undefined, dayOf(begin))];
        const cut = whole.map((entry) => {
          const sessions = entry.sessions.filter(({ day }) => day >= dayOf(begin));
          return { ...entry, sessions, earlier: entry.sessions.length - sessions.length };
        });
        expect(late).toEqual(cut);
      }),
    );
  });
});
