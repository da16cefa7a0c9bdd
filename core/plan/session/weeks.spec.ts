import fc from 'fast-check';
import { holds } from '../../testing/holds.js';
import { sumsOfWeeks, weekdaysFor, weeksOf } from './weeks.js';

const plan = { from: '2027-03-22', weeks: 2, sessionsAWeek: 2, restDays: [7], minutes: 40, risePercent: 10 };

describe('sessions over weeks', () => {
  it('are as far apart as the rest days let them be', () => {
    expect(weekdaysFor(2, [])).toEqual([1, 4]);
    expect(weekdaysFor(3, [])).toEqual([1, 3, 5]);
    expect(weekdaysFor(3, [1, 7])).toEqual([2, 4, 6]);
    expect(weekdaysFor(7, [6, 7])).toEqual([1, 2, 3, 4, 5]);
    expect(weekdaysFor(0, [])).toEqual([]);
    expect(weekdaysFor(2, [1, 2, 3, 4, 5, 6, 7])).toEqual([]);
  });

  it('fall on those days from the first one on, and rise from week to week', () => {
    // 22 March 2027 is a Monday.
    expect(weeksOf(plan)).toEqual([
      { day: '2027-03-22', week: 1, minutes: 40 },
      { day: '2027-03-25', week: 1, minutes: 40 },
      { day: '2027-03-29', week: 2, minutes: 44 },
      { day: '2027-04-01', week: 2, minutes: 44 },
    ]);
    expect(sumsOfWeeks(weeksOf(plan))).toEqual([
      { week: 1, sessions: 2, minutes: 80 },
      { week: 2, sessions: 2, minutes: 88 },
    ]);
    // A week that begins on a Thursday holds the same weekdays, its Thursday first.
    expect(weeksOf({ ...plan, from: '2027-03-25', weeks: 1 }).map((one) => one.day)).toEqual(['2027-03-25', '2027-03-29']);
    expect(weeksOf({ ...plan, from: 'soon' })).toEqual([]);
  });

  it('never fall on a rest day and never fall short of what the days allow', () => {
    holds(
      fc.property(
        fc.integer({ min: 1, max: 7 }),
        fc.uniqueArray(fc.integer({ min: 1, max: 7 }), { maxLength: 6 }),
        fc.integer({ min: 1, max: 12 }),
        (sessionsAWeek, restDays, weeks) => {
          const days = weeksOf({ ...plan, sessionsAWeek, restDays, weeks });
          expect(days.length).toBe(weeks * Math.min(sessionsAWeek, 7 - restDays.length));
          for (const { day } of days) expect(restDays).not.toContain(new Date(`${day}T12:00:00Z`).getUTCDay() || 7);
        },
      ),
    );
  });
});
