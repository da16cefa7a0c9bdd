import ICAL from 'ical.js';
import { calendarFile, isZone, type CalendarPlan } from './calendar';

const plan: CalendarPlan = {
  name: 'Front corner, Tuesday',
  from: '2027-03-22',
  weeks: 2,
  sessionsAWeek: 2,
  restDays: [7],
  minutes: 40,
  risePercent: 10,
  time: '18:30',
  zone: 'Europe/Berlin',
  says: 'Split, then go; 3 × 8, rest 20 s',
  id: 'abc',
};

/** Read back by another package than the one that writes it. */
const entries = (text: string): ICAL.Event[] =>
  new ICAL.Component(ICAL.parse(text) as unknown[]).getAllSubcomponents('vevent').map((one) => new ICAL.Event(one));

describe('a calendar file, read back by an independent package', () => {
  it('holds every session at the hall’s time on both sides of the change of the clocks', () => {
    // In Berlin the clocks go from +1 to +2 on 28 March 2027 (IANA time zone data).
    const read = entries(calendarFile(plan));
    expect(read.map((one) => one.startDate.toJSDate().toISOString())).toEqual([
      '2027-03-22T17:30:00.000Z',
      '2027-03-25T17:30:00.000Z',
      '2027-03-29T16:30:00.000Z',
      '2027-04-01T16:30:00.000Z',
    ]);
    expect(read.map((one) => (one.endDate.toJSDate().getTime() - one.startDate.toJSDate().getTime()) / 60_000)).toEqual([40, 40, 44, 44]);
    expect(read.map((one) => one.summary)).toEqual(Array<string>(4).fill(plan.name));
    expect(read[2]?.description).toBe('Week 2, 44 min.\nSplit, then go; 3 × 8, rest 20 s');
    expect(new Set(read.map((one) => one.uid)).size).toBe(4);
  });

  it('keeps words that a calendar could take for its own', () => {
    const odd = { ...plan, name: 'BEGIN:VEVENT; a, b\\n "c"', says: 'x\r\nEND:VCALENDAR' };
    const read = entries(calendarFile(odd));
    expect(read.length).toBe(4);
    expect(read[0]?.summary).toBe(odd.name);
    for (const end of ['\n', '\r', '\r\n', '\u2028', '\u0085', '\v']) {
      const broken = `a${end}END:VEVENT${end}BEGIN:VEVENT${end}UID:x`;
      const all = entries(calendarFile({ ...plan, name: broken, says: broken }));
      expect([all.length, all[0]?.summary]).toEqual([4, 'a END:VEVENT BEGIN:VEVENT UID:x']);
      expect(all[0]?.description).toContain('\na\nEND:VEVENT\nBEGIN:VEVENT\nUID:x');
    }
  });

  it('is the same when it is written again, and knows its time zones', () => {
    expect(calendarFile(plan)).toBe(calendarFile(plan));
    expect([isZone('Europe/Berlin'), isZone('The Moon')]).toEqual([true, false]);
  });
});
