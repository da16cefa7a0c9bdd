import { inOrder, type FaultEvent } from './event.js';
import type { Placed, Tally } from './count.js';
import type { Seen } from './seen.js';

/** What one occasion adds to the tallies, by exercise. */
export interface Cell extends Tally {
  readonly exercise: number;
}

type Draft = { -readonly [K in keyof Cell]: Cell[K] };

/** A tap with the athlete it was given to, and the exercise it was made in. */
export interface Tap {
  readonly event: FaultEvent;
  readonly exercise: number;
}

/** What the taps of one occasion come to, and each tap's part in it. */
export interface Judged {
  readonly cells: readonly Cell[];
  readonly as: ReadonlyMap<string, Placed['as']>;
}

const byTime = (a: Tap, b: Tap): number => a.event.m - b.event.m || inOrder(a.event, b.event);
const keyOf = (athlete: string, fault: string, exercise: number): string => `${athlete} ${fault} ${exercise}`;

/**
 * Taps of one fault in one occasion are as many as its chances at most, those over are 'again'; they count where the device that
 * tapped had watched. Where several did, the one that saw most says how many.
 * @param exercise of the occasion; null for taps that belong to none.
 */
export function judge(seen: readonly Seen[], taps: readonly Tap[], exercise: number | null): Judged {
  const cells = new Map<string, Draft>();
  const cell = (athlete: string, fault: string, at: number): Draft => {
    const key = keyOf(athlete, fault, at);
    const known = cells.get(key) ?? { athlete, fault, exercise: at, attempts: 0, faulty: 0, again: 0, noted: 0, left: 0, right: 0 };
    cells.set(key, known);
    return known;
  };
  const watched = new Map(seen.map((one) => [keyOf(one.athlete, one.fault, exercise ?? 0), one]));
  for (const { athlete, fault, chances } of seen) cell(athlete, fault, exercise ?? 0).attempts = chances;
  const as = new Map<string, Placed['as']>();
  const times = new Map<string, number>();
  for (const { event, exercise: its } of [...taps].sort(byTime)) {
    const { athlete, fault, side, device } = event;
    if (athlete === null) {
      as.set(event.id, 'noted');
      continue;
    }
    const row = cell(athlete, fault, exercise ?? its);
    const chance = watched.get(keyOf(athlete, fault, exercise ?? its));
    const counter = `${keyOf(athlete, fault, 0)} ${device}`;
    const n = (times.get(counter) ?? 0) + 1;
    if (chance?.devices.has(device) !== true) as.set(event.id, 'noted');
    else {
      times.set(counter, n);
      as.set(event.id, n <= chance.chances ? 'counted' : 'again');
    }
    const said = as.get(event.id);
    if (said === 'counted') row.faulty = Math.max(row.faulty, n);
    else if (said === 'again') row.again++;
    else row.noted++;
    if (side !== null && said !== 'again') row[side]++;
  }
  return { cells: [...cells.values()], as };
}

/** Tallies added up from what the occasions say, one of them changed at a time. */
export class Tallies {
  private readonly of = new Map<number | string, readonly Cell[]>();
  private readonly sums = new Map<string, Draft>();

  /** @param occasion its place in the plan, or the ball's id. */
  set(occasion: number | string, cells: readonly Cell[]): void {
    for (const old of this.of.get(occasion) ?? []) this.add(old, -1);
    for (const one of cells) this.add(one, 1);
    this.of.set(occasion, cells);
  }

  clear(): void {
    this.of.clear();
    this.sums.clear();
  }

  /** What was tapped or could be seen, by athlete and fault, of one exercise or of all. */
  rows(exercise: number | null): Tally[] {
    const rows = new Map<string, Draft>();
    for (const sum of this.sums.values()) {
      if ((exercise !== null && sum.exercise !== exercise) || sum.attempts + sum.again + sum.noted + sum.faulty === 0) continue;
      const key = keyOf(sum.athlete, sum.fault, 0);
      const row = rows.get(key);
      if (row) accrue(row, sum, 1);
      else rows.set(key, { ...sum });
    }
    return [...rows.values()].map(({ exercise: _, ...tally }) => tally);
  }

  private add(one: Cell, sign: 1 | -1): void {
    const key = keyOf(one.athlete, one.fault, one.exercise);
    const sum = this.sums.get(key) ?? { ...one, attempts: 0, faulty: 0, again: 0, noted: 0, left: 0, right: 0 };
    accrue(sum, one, sign);
    this.sums.set(key, sum);
  }
}

function accrue(sum: Draft, one: Tally, sign: 1 | -1): void {
  for (const key of ['attempts', 'faulty', 'again', 'noted', 'left', 'right'] as const) sum[key] += sign * one[key];
}
