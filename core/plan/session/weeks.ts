/** Sessions of a week repeated and raised. Weekdays from 1 (Monday) to 7 (Sunday). */
export interface WeekPlan {
  /** The first day that counts, 'YYYY-MM-DD'. */
  readonly from: string;
  readonly weeks: number;
  readonly sessionsAWeek: number;
  /** Weekdays on which nothing is ever planned. */
  readonly restDays: readonly number[];
  /** Minutes of a session in the first week. */
  readonly minutes: number;
  /** By how much a week's total rises over the week before, in per cent; 0 stays. */
  readonly risePercent: number;
}

export interface PlannedDay {
  readonly day: string;
  /** From 1. */
  readonly week: number;
  readonly minutes: number;
}

export interface WeekSum {
  readonly week: number;
  readonly sessions: number;
  readonly minutes: number;
}

export const WEEK_LIMITS = { weeks: 52, sessions: 7, minutes: 360, rise: 25 } as const;

const DAY_MS = 86_400_000;
const dayOf = (ms: number): string => new Date(ms).toISOString().slice(0, 10);

/**
 * Weekdays for n sessions among those that are no rest days: those whose smallest gap round the week is largest, the earlier in the
 * week where several are as good. At most as many as there are days left.
 * @example weekdaysFor(3, [7]) // [1, 3, 5]
 */
export function weekdaysFor(sessions: number, restDays: readonly number[]): number[] {
  const free = [1, 2, 3, 4, 5, 6, 7].filter((day) => !restDays.includes(day));
  const wanted = Math.min(Math.max(0, Math.floor(sessions)), free.length);
  let best: { days: number[]; gaps: number[] } | null = null;
  for (let mask = 0; mask < 1 << free.length; mask++) {
    const days = free.filter((_, i) => mask & (1 << i));
    if (days.length !== wanted) continue;
    const gaps = days.map((day, i) => (((days[(i + 1) % days.length] ?? day) - day + 6) % 7) + 1).sort((a, b) => a - b);
    if (best === null || isBetter(gaps, best.gaps) || (same(gaps, best.gaps) && days.join('') < best.days.join(''))) best = { days, gaps };
  }
  return best?.days ?? [];
}

const same = (a: readonly number[], b: readonly number[]): boolean => a.every((gap, i) => gap === b[i]);
const isBetter = (a: readonly number[], b: readonly number[]): boolean => {
  const i = a.findIndex((gap, k) => gap !== b[k]);
  return i >= 0 && (a[i] ?? 0) > (b[i] ?? 0);
};

/**
 * Every session of the plan, in order; weeks run from the first day, rest days are kept.
 * @example weeksOf({ from: '2026-11-30', weeks: 2, sessionsAWeek: 1, restDays: [], minutes: 40, risePercent: 10 }).map(({ minutes }) => minutes) // [40, 44]
 */
export function weeksOf({ from, weeks, sessionsAWeek, restDays, minutes, risePercent }: WeekPlan): PlannedDay[] {
  const start = Date.parse(`${from}T00:00:00Z`);
  if (!Number.isFinite(start)) return [];
  const weekdays = weekdaysFor(sessionsAWeek, restDays);
  const count = Math.min(Math.max(0, Math.floor(weeks)), WEEK_LIMITS.weeks);
  return Array.from({ length: count }, (_, week) => week).flatMap((week) =>
    Array.from({ length: 7 }, (_, i) => start + (week * 7 + i) * DAY_MS)
      .filter((ms) => weekdays.includes(new Date(ms).getUTCDay() || 7))
      .map((ms) => ({
        day: dayOf(ms),
        week: week + 1,
        minutes: Math.min(WEEK_LIMITS.minutes, Math.round(minutes * (1 + risePercent / 100) ** week)),
      })),
  );
}

/** What each week adds up to. */
export function sumsOfWeeks(days: readonly PlannedDay[]): WeekSum[] {
  const weeks = new Map<number, WeekSum>();
  for (const { week, minutes } of days) {
    const sum = weeks.get(week) ?? { week, sessions: 0, minutes: 0 };
    weeks.set(week, { week, sessions: sum.sessions + 1, minutes: sum.minutes + minutes });
  }
  return [...weeks.values()];
}
