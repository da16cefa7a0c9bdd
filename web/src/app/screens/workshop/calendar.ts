import { linesOf, oneLine } from '@hopsk/core/language/one-line';
import { weeksOf, type WeekPlan } from '@hopsk/core/plan/session/weeks';
import ical from 'ical-generator';
import { DateTime } from 'luxon';

/** Sessions over weeks as a calendar keeps them. */
export interface CalendarPlan extends WeekPlan {
  readonly name: string;
  /** Time of day, 'HH:MM', in this time zone (IANA name). */
  readonly time: string;
  readonly zone: string;
  /** Said of each session, under its name. */
  readonly says: string;
  /** Makes the ids of the entries; the same plan written again gives the same entries. */
  readonly id: string;
}

/** The instant at which a session begins. A time that the clocks jump over is an hour later on the wall. */
const beginsAt = (day: string, time: string, zone: string): DateTime => DateTime.fromISO(`${day}T${time}`, { zone });

export const isZone = (zone: string): boolean => DateTime.local({ zone }).isValid;

/** A calendar file (RFC 5545), one entry a session, as instants: every calendar shows them at the hall's time, also after the clocks change. */
export function calendarFile(plan: CalendarPlan): string {
  const name = oneLine(plan.name);
  const calendar = ical({ name, prodId: { company: 'Hopsk', product: 'workshop' } });
  for (const { day, week, minutes } of weeksOf(plan)) {
    const start = beginsAt(day, plan.time, plan.zone).toUTC();
    calendar.createEvent({
      id: `${oneLine(plan.id)}-${day}`,
      start: start.toJSDate(),
      end: start.plus({ minutes }).toJSDate(),
      stamp: start.toJSDate(),
      summary: name,
      description: [`Week ${week}, ${minutes} min.`, ...linesOf(plan.says)].join('\n'),
    });
  }
  return calendar.toString();
}
