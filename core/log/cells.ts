import { inOrder, type FaultEvent, type Source } from './event.js';
import type { Placed, Tally } from './count.js';
import type { Part, Where } from './details.js';
import type { Seen } from './seen.js';

type Draft = { -readonly [K in keyof Part]: Part[K] };

/** A tap with the athlete it was given to, and the exercise it was made in. */
export interface Tap {
  readonly event: FaultEvent;
  readonly exercise: number;
}

/** What the taps of one occasion come to, and each tap's part in it. */
export interface Judged {
  readonly cells: readonly Part[];
  readonly as: ReadonlyMap<string, Placed['as']>;
}

export const NOWHERE: Where = { exercise: 0, set: 0, round: 0, third: 0, way: '', direction: '' };
const NONE_SAID: Judged['as'] = new Map();

/** A cell of nothing yet. Written out: a run of twenty minutes has some thousands of them. */
const cellAt = (at: Where, athlete: string, fault: string, exercise: number, source: Source): Draft => ({
  exercise,
  set: at.set,
  round: at.round,
  third: at.third,
  way: at.way,
  direction: at.direction,
  athlete,
  fault,
  view: null,
  source,
  devices: [],
  attempts: 0,
  faulty: 0,
  again: 0,
  noted: 0,
  left: 0,
  right: 0,
  shared: 0,
  disagree: 0,
});

/** What was seen, as far as no tap speaks of it: whoever watches while the clock runs watches the floor. */
function cellOf(at: Where, { athlete, fault, chances, view, devices }: Seen): Draft {
  const cell = cellAt(at, athlete, fault, at.exercise, 'floor');
  cell.attempts = chances;
  cell.view = view;
  cell.devices = [...devices.keys()].sort();
  return cell;
}

/** Those who watched all of it alike. */
const alikeIn = ({ chances, devices }: Seen): string[] => [...devices].flatMap(([device, n]) => (n === chances ? [device] : []));

const byTime = (a: Tap, b: Tap): number => a.event.m - b.event.m || inOrder(a.event, b.event);
const keyOf = (athlete: string, fault: string, exercise: number): string => `${athlete} ${fault} ${exercise}`;
const cellKey = (athlete: string, fault: string, exercise: number, source: Source): string =>
  `${keyOf(athlete, fault, exercise)} ${source}`;
const counterOf = (athlete: string, fault: string, device: string): string => `${athlete} ${fault} ${device}`;

/**
 * Taps of one fault in one occasion are as many as its chances at most, those over are 'again'; they count where the device that
 * tapped had watched. Where several did, the one that saw most says how many.
 * @param at where the occasion is; null for taps that belong to none.
 */
export function judge(seen: readonly Seen[], taps: readonly Tap[], at: Where | null): Judged {
  const here = at ?? NOWHERE;
  const looked = seen.map((one) => cellOf(here, one));
  if (taps.length === 0) {
    seen.forEach((one, i) => {
      if (one.devices.size > 1 && alikeIn(one).length > 1) (looked[i] as Draft).shared = one.chances;
    });
    return { cells: looked, as: NONE_SAID };
  }
  const cells = new Map(looked.map((one) => [cellKey(one.athlete, one.fault, one.exercise, one.source), one]));
  const cell = (athlete: string, fault: string, exercise: number, source: Source): Draft => {
    const key = cellKey(athlete, fault, exercise, source);
    const known = cells.get(key) ?? cellAt(here, athlete, fault, exercise, source);
    cells.set(key, known);
    return known;
  };
  const watched = new Map(seen.map((one) => [keyOf(one.athlete, one.fault, here.exercise), one]));
  const as = new Map<string, Placed['as']>();
  const times = new Map<string, number>();
  for (const { event, exercise: its } of [...taps].sort(byTime)) {
    const { athlete, fault, side, device } = event;
    if (athlete === null) {
      as.set(event.id, 'noted');
      continue;
    }
    const chance = at === null ? undefined : watched.get(keyOf(athlete, fault, at.exercise));
    const watches = chance?.devices.has(device) === true;
    const row = cell(athlete, fault, at?.exercise ?? its, watches ? 'floor' : event.source);
    const counter = counterOf(athlete, fault, device);
    const n = (times.get(counter) ?? 0) + 1;
    if (chance === undefined || !watches) as.set(event.id, 'noted');
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
  for (const one of seen) {
    // Those who watched all of it alike can be held against each other.
    const alike = alikeIn(one);
    if (alike.length < 2) continue;
    const { athlete, fault, chances } = one;
    const taps = alike.map((device) => Math.min(times.get(counterOf(athlete, fault, device)) ?? 0, chances));
    Object.assign(cell(athlete, fault, here.exercise, 'floor'), { shared: chances, disagree: Math.max(...taps) - Math.min(...taps) });
  }
  return { cells: [...cells.values()], as };
}

/** Tallies added up from what the occasions say, one of them changed at a time. */
export class Tallies {
  private readonly of = new Map<number | string, readonly Tally[]>();
  private readonly sums = new Map<string, { -readonly [K in keyof Tally]: Tally[K] }>();

  /** @param occasion its place in the plan, or the id of the ball or of what was told. */
  set(occasion: number | string, cells: readonly Tally[]): void {
    for (const old of this.of.get(occasion) ?? []) this.add(old, -1);
    for (const one of cells) this.add(one, 1);
    this.of.set(occasion, cells);
  }

  /** What was tapped or could be seen, by athlete and fault. */
  rows(): Tally[] {
    return [...this.sums.values()]
      .filter(({ attempts, again, noted, faulty }) => attempts + again + noted + faulty > 0)
      .map((sum) => ({ ...sum }));
  }

  private add(one: Tally, sign: 1 | -1): void {
    const { athlete, fault } = one;
    const key = keyOf(athlete, fault, 0);
    const sum = this.sums.get(key) ?? { athlete, fault, attempts: 0, faulty: 0, again: 0, noted: 0, left: 0, right: 0 };
    for (const name of ['attempts', 'faulty', 'again', 'noted', 'left', 'right'] as const) sum[name] += sign * one[name];
    this.sums.set(key, sum);
  }
}
