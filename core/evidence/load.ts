import { riseOver, STEEP } from '../plan/session/landings.js';
import { grouped } from '../grouped.js';

/**
 * What a run was for one athlete: how hard, 0…10, and for how many minutes, null where nobody said; what was done, null where it is not
 * known. One word may stand for all runs of an evening.
 */
export interface RunLoad {
  /** Which evening it is of, by any name, and that one's day, YYYY-MM-DD. */
  readonly evening: string;
  readonly day: string;
  readonly effort: number | null;
  readonly minutes: number | null;
  readonly landings: number | null;
  readonly lunges: number | null;
}

/** A week from Monday to Sunday of one athlete. */
export interface WeekLoad {
  /** Its Monday, YYYY-MM-DD. */
  readonly from: string;
  /** Evenings, and of how many it was said how hard they were. */
  readonly evenings: number;
  readonly rated: number;
  /** Effort × minutes, added up over those of which it was said; null where it was said of none. */
  readonly load: number | null;
  /** Mean of a day's load ÷ its standard deviation over the seven days; null while not all was said, and where it could be no other number: of one day, or of seven alike. */
  readonly monotony: number | null;
  /** Load × monotony. */
  readonly strain: number | null;
  /** Landings after jumps, hops and gallops, and lunges; null where of no run it is known. */
  readonly landings: number | null;
  readonly lunges: number | null;
  /** Of how many of their runs that is not known. */
  readonly notKept: number;
  /** The most landings of one evening. */
  readonly mostLandings: number;
  /** How far above the mean of the four weeks before, as a factor; null while one of the five is not known whole. */
  readonly loadRise: number | null;
  readonly landingsRise: number | null;
}

const DAY = 86_400_000;
const dayOf = (ms: number): string => new Date(ms).toISOString().slice(0, 10);
const msOf = (day: string): number => Date.parse(`${day}T00:00:00Z`);
/** The Monday of a day's week, ms. */
const mondayOf = (ms: number): number => ms - ((new Date(ms).getUTCDay() + 6) % 7) * DAY;

const sum = (of: readonly number[]): number => of.reduce((a, b) => a + b, 0);
/** The sum of what is known; null where nothing is. */
const known = (of: readonly (number | null)[]): number | null => {
  const there = of.filter((one) => one !== null);
  return there.length === 0 ? null : sum(there);
};

/**
 * Mean ÷ standard deviation (n − 1) of the load of seven days, those of rest with 0 (Foster 1998, Medicine and Science in Sports and
 * Exercise 30:1164); null where each day was the same.
 * @example monotonyOf([300, 0, 300, 0, 300, 0, 0])?.toFixed(2) // '0.80'
 */
export function monotonyOf(days: readonly number[]): number | null {
  const mean = sum(days) / days.length;
  const variance = sum(days.map((day) => (day - mean) ** 2)) / (days.length - 1);
  return variance > 0 ? mean / Math.sqrt(variance) : null;
}

/**
 * The weeks of an athlete from the first to the last in which something was done, those between in which nothing was too. An evening's
 * load is effort × minutes; a week's is the sum (Foster et al. 2001, Journal of Strength and Conditioning Research 15:109).
 */
export function weeksOfLoad(runs: readonly RunLoad[]): WeekLoad[] {
  if (runs.length === 0) return [];
  const byWeek = grouped(runs, ({ day }) => mondayOf(msOf(day)));
  const mondays = [...byWeek.keys()];
  const [first, last] = [Math.min(...mondays), Math.max(...mondays)];
  const weeks: WeekLoad[] = [];
  for (let monday = first; monday <= last; monday += 7 * DAY) {
    const week = weekOf(monday, byWeek.get(monday) ?? []);
    const before = weeks.slice(-STEEP.weeks);
    const riseIn = (value: (of: Week) => number | null): number | null => {
      const [now, then] = [value(week), before.map(value)];
      return now === null || then.length < STEEP.weeks || then.includes(null) ? null : riseOver(now, then as number[]);
    };
    weeks.push({
      ...week,
      loadRise: riseIn((of) => (of.rated === of.evenings ? (of.load ?? 0) : null)),
      landingsRise: riseIn((of) => (of.notKept === 0 ? (of.landings ?? 0) : null)),
    });
  }
  return weeks;
}

/** A week by itself. */
type Week = Omit<WeekLoad, 'loadRise' | 'landingsRise'>;

function weekOf(monday: number, runs: readonly RunLoad[]): Week {
  const loadOf = ({ effort, minutes }: RunLoad): number | null => (effort === null || minutes === null ? null : effort * minutes);
  const byDay = grouped(runs, ({ day }) => day);
  const evenings = [...grouped(runs, ({ evening }) => evening).values()];
  const days = Array.from({ length: 7 }, (_, i) => known((byDay.get(dayOf(monday + i * DAY)) ?? []).map(loadOf)) ?? 0);
  const load = known(runs.map(loadOf));
  const rated = evenings.filter((of) => of.some((one) => loadOf(one) !== null)).length;
  const trained = days.filter((day) => day > 0).length;
  const monotony = rated === evenings.length && trained > 1 ? monotonyOf(days) : null;
  return {
    ...{ from: dayOf(monday), evenings: evenings.length, rated, load, monotony },
    strain: load === null || monotony === null ? null : load * monotony,
    landings: known(runs.map(({ landings }) => landings)),
    lunges: known(runs.map(({ lunges }) => lunges)),
    notKept: runs.filter(({ landings }) => landings === null).length,
    mostLandings: Math.max(0, ...evenings.map((of) => known(of.map(({ landings }) => landings)) ?? 0)),
  };
}
