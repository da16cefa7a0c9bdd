import { session } from '../../testing/sessions';
import { daysFrom, plannedOn } from './planned';

describe('what is planned', () => {
  const on = (name: string, day: string, time: string | null = null) => session({ name, when: { day, time } });

  it('is of today in the order of the hall’s time, and of three days before and a week after', () => {
    const all = [
      on('late', '2026-03-01', '19:00'),
      on('early', '2026-03-01', '08:30'),
      on('any time', '2026-03-01'),
      on('before', '2026-02-26'),
      on('long before', '2026-02-25'),
      on('next week', '2026-03-08'),
      on('later', '2026-03-09'),
      session({ name: 'some day' }),
      session({ name: 'template', template: true, when: { day: '2026-03-01', time: null } }),
    ];
    const { today, around } = plannedOn('2026-03-01', all);
    expect(today.map((one) => one.session.name)).toEqual(['any time', 'early', 'late']);
    expect(around.map((one) => one.session.name)).toEqual(['before', 'next week']);
  });

  it('counts days over the ends of months and years, and over a day of 23 hours', () => {
    expect([daysFrom('2026-02-27', 2), daysFrom('2027-01-01', -1), daysFrom('2026-03-28', 2)]).toEqual([
      '2026-03-01',
      '2026-12-31',
      '2026-03-30',
    ]);
  });
});
