import type { Session } from '@hopsk/contract/session';

/** How many days before today and after it are shown. */
const AROUND = { before: 3, after: 7 } as const;

/** A session that has its day. */
export interface Planned {
  readonly session: Session;
  readonly day: string;
  readonly time: string;
}

/** So many days from a day, as days of the calendar (YYYY-MM-DD). */
export function daysFrom(day: string, days: number): string {
  const at = new Date(`${day}T12:00:00Z`);
  at.setUTCDate(at.getUTCDate() + days);
  return at.toISOString().slice(0, 10);
}

/** Sessions of a day and of the days around it, in the order in which they are done; templates and those put away are none. */
export function plannedOn(
  day: string,
  sessions: readonly Session[],
): { readonly today: readonly Planned[]; readonly around: readonly Planned[] } {
  const planned = sessions
    .flatMap((session): Planned[] =>
      session.when && !session.template ? [{ session, day: session.when.day, time: session.when.time ?? '' }] : [],
    )
    .sort((a, b) => `${a.day} ${a.time}`.localeCompare(`${b.day} ${b.time}`));
  const [from, to] = [daysFrom(day, -AROUND.before), daysFrom(day, AROUND.after)];
  return {
    today: planned.filter((one) => one.day === day),
    around: planned.filter((one) => one.day !== day && one.day >= from && one.day <= to),
  };
}
