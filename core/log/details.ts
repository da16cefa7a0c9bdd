import type { Direction } from '../plan/direction.js';
import type { View } from '../catalogue/fault.js';
import type { Tally } from './count.js';
import type { Done } from './done.js';
import type { Result, Source } from './event.js';

/** Which way round a line was done; '': not given. */
type WayDone = 'written' | 'other' | '';

/** Where in a run something was counted: places of the plan, and the third of its round's time; 0 and '': not given. */
export interface Where {
  readonly exercise: number;
  readonly set: number;
  readonly round: number;
  readonly third: number;
  readonly way: WayDone;
  /** Where what was done leads. */
  readonly direction: Direction | '';
}

/** What one athlete showed of one fault in one part of a run. */
export interface Part extends Tally, Where {
  /** From where it was watched; null: not given, or from several places. */
  readonly view: View | null;
  /** Where it was looked at. */
  readonly source: Source;
  /** The devices that watched, by name. */
  readonly devices: readonly string[];
  /** Attempts that several devices watched alike, and in how many of them not all of these tapped the fault. */
  readonly shared: number;
  readonly disagree: number;
}

/** Two faults that were looked for in the same occasions: in how many both showed, one of them, or none. */
export interface Pair {
  readonly athlete: string;
  readonly fault: string;
  readonly other: string;
  readonly both: number;
  readonly one: number;
  readonly second: number;
  readonly neither: number;
}

/**
 * Occasions of an exercise that were watched whole, clean or not; with a result: how many results fell in such ones, and how many
 * in occasions that nobody watched whole, or in none.
 */
export interface Clean {
  readonly athlete: string;
  readonly exercise: number;
  /** Null: the occasions themselves. */
  readonly result: Result | null;
  readonly clean: number;
  readonly faulty: number;
  readonly unwatched: number;
}

/** What a run adds up to, part by part. */
export interface RunDetails {
  readonly parts: readonly Part[];
  readonly pairs: readonly Pair[];
  readonly clean: readonly Clean[];
  readonly done: readonly Done[];
}

/** Of the attempts that several watched alike, in how many not all of them tapped the fault. */
export const agreementOf = ({ parts }: Pick<RunDetails, 'parts'>): Pick<Part, 'shared' | 'disagree'> =>
  parts.reduce((sum, part) => ({ shared: sum.shared + part.shared, disagree: sum.disagree + part.disagree }), { shared: 0, disagree: 0 });

const PART = ['attempts', 'faulty', 'again', 'noted', 'left', 'right', 'shared', 'disagree'] as const;
const PAIR = ['both', 'one', 'second', 'neither'] as const;
const CLEAN = ['clean', 'faulty', 'unwatched'] as const;

/** Rows that are of the same, added up. */
function summed<R extends object, N extends keyof R>(rows: readonly R[], numbers: readonly N[]): R[] {
  const sums = new Map<string, R>();
  for (const row of rows) {
    const key = JSON.stringify(Object.entries(row).filter(([name]) => !(numbers as readonly string[]).includes(name)));
    const sum = sums.get(key);
    if (sum === undefined) sums.set(key, { ...row });
    else for (const name of numbers) (sum[name] as number) += row[name] as number;
  }
  return [...sums.values()].filter((row) => numbers.some((name) => row[name] !== 0));
}

/** What the occasions of a run say, one after the other. */
export class Details {
  private readonly parts: Part[] = [];
  private readonly pairs: Pair[] = [];
  private readonly clean: Clean[] = [];

  constructor(private readonly done: readonly Done[] = []) {}

  /**
   * One occasion, or what belongs to none.
   * @param cells what it adds to the tallies, each athlete and fault once.
   * @param whole who was watched all through it.
   * @param faulty who showed a fault that counts.
   * @param results where the ball went, each with the exercise it was noted in.
   * @param exercise of the occasion; null for what belongs to none.
   */
  add(
    cells: readonly Part[],
    whole: ReadonlySet<string>,
    faulty: ReadonlySet<string>,
    results: readonly { readonly athlete: string; readonly exercise: number; readonly result: Result }[],
    exercise: number | null,
  ): void {
    this.parts.push(...cells);
    const watched = cells.filter(({ attempts }) => attempts > 0).sort((a, b) => (a.fault < b.fault ? -1 : 1));
    watched.forEach((a, i) => {
      for (const b of watched.slice(i + 1)) if (a.athlete === b.athlete) this.pairs.push(pairOf(a, b));
    });
    const row = (athlete: string, of: number, result: Result | null): Clean => ({
      ...{ athlete, exercise: of, result },
      clean: Number(whole.has(athlete) && !faulty.has(athlete)),
      faulty: Number(whole.has(athlete) && faulty.has(athlete)),
      unwatched: Number(!whole.has(athlete)),
    });
    for (const athlete of whole) this.clean.push(row(athlete, exercise ?? 0, null));
    for (const { athlete, exercise: its, result } of results) this.clean.push(row(athlete, exercise ?? its, result));
  }

  all(): RunDetails {
    return { parts: summed(this.parts, PART), pairs: summed(this.pairs, PAIR), clean: summed(this.clean, CLEAN), done: this.done };
  }
}

function pairOf(a: Part, b: Part): Pair {
  const [first, second] = [a.faulty > 0, b.faulty > 0];
  return {
    ...{ athlete: a.athlete, fault: a.fault, other: b.fault },
    both: Number(first && second),
    one: Number(first && !second),
    second: Number(second && !first),
    neither: Number(!first && !second),
  };
}
