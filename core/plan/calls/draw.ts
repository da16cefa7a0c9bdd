import { add, turned, type Vec } from '../../body/vec.js';
import { outsideBy, type Placing } from '../../judge/area.js';
import { seeded } from '../../motion/seeded.js';
import { ms } from '../ms.js';
import type { Callable } from './callable.js';
import type { CallMessage } from './messages.js';
import { CALL_LIMITS, FREEZE_SECONDS, sharesOfCalls, SHORTEST_GAP, type Calls } from './calls.js';

/** One call: when, which, and where the athlete then stands. Seconds from the first call's moment; metres on the floor. */
interface DrawnCall {
  readonly at: number;
  readonly which: number;
  /** Frozen so many seconds after the call, and whether they could then go on. */
  readonly freeze: { readonly after: number; readonly couldGoOn: boolean } | null;
  readonly place: Vec;
  readonly heading: number;
}

/** A drawn list with what can be said of it. */
export interface CallList {
  readonly calls: readonly DrawnCall[];
  readonly counts: readonly number[];
  readonly longestRun: number;
  /** Seconds from the first call until the last one's way back is done. */
  readonly seconds: number;
  /** Why the list is other than asked, and the nearest thing that works. */
  readonly problems: readonly CallMessage[];
}

export interface DrawOptions {
  readonly seed: number;
  /** So many calls … */
  readonly number?: number;
  /** … or as many as can be done within so many seconds. */
  readonly within?: number;
  /** No more than so many in any case. */
  readonly most?: number;
  readonly placing?: Placing | null;
}

const standing: Placing['at'] = { x: 0, y: 0 };

/** Seconds from one call to the next that are needed at least. */
export const neededAfter = (one: Callable, reaction: number): number => Math.max(SHORTEST_GAP, one.seconds + reaction);

/**
 * Draws fair calls. What comes first decides: floor and time, then the longest run allowed, then counts (to the weights, within
 * one), then chance. Seeded: the same seed gives the same calls. Never throws; what cannot be kept is said.
 */
export function drawCalls(options: readonly Callable[], calls: Calls, how: DrawOptions): CallList {
  const { seed, number, within, placing = null, most: bound = CALL_LIMITS.number } = how;
  const problems: CallMessage[] = options.flatMap(({ hindrance, alternative: { name } }) =>
    hindrance === null ? [] : [{ code: 'hindered', values: { name, why: hindrance } }],
  );
  const usable = options.map((one, i) => ({ ...one, i })).filter((one) => one.hindrance === null);
  if (usable.length === 0) {
    return {
      calls: [],
      counts: options.map(() => 0),
      longestRun: 0,
      seconds: 0,
      problems: [...problems, { code: 'no-alternatives', values: {} }],
    };
  }
  const shares = sharesOfCalls({ ...calls, alternatives: usable.map((one) => one.alternative) });
  const chance = seeded(seed);
  const longest = Math.max(...usable.map((one) => neededAfter(one, calls.reaction)));
  if (calls.interval && calls.interval.low < longest - 1e-9) {
    const slowest = usable.find((one) => neededAfter(one, calls.reaction) === longest)?.alternative.name ?? '';
    problems.push({ code: 'interval', values: { asked: calls.interval.low, slowest, reaction: calls.reaction, needs: longest } });
  }
  const gap = Math.max(calls.interval ? (calls.interval.low + calls.interval.high) / 2 : 0, meanNeed(usable, shares, calls.reaction));
  const planned = Math.min(number ?? Math.max(1, Math.ceil((within ?? 0) / Math.max(SHORTEST_GAP, gap))), bound);
  const quota = quotas(shares, planned, chance);
  const walk = new Walk(usable, placing);
  const list: DrawnCall[] = [];
  const left = [...quota];
  let at = 0;
  let last = -1;
  let run = 0;
  let longestRun = 0;
  let end = 0;
  const broken = { run: false, counts: false };
  const every = usable.map((_, k) => k);
  const most = Math.min(number ?? Infinity, bound);
  for (;;) {
    const inTime = within === undefined ? every : every.filter((k) => at + (usable[k]?.seconds ?? 0) <= within + 1e-9);
    if (inTime.length === 0 || list.length === number) break;
    if (list.length >= most) {
      problems.push({ code: 'many', values: { most } });
      break;
    }
    const onFloor = placing === null ? inTime : inTime.filter((k) => walk.stays(k));
    if (onFloor.length === 0) {
      problems.push({ code: 'floor', values: { after: list.length, area: placing?.area.code ?? '' } });
      break;
    }
    const offered = calls.order === 'known' ? known(onFloor, list.length % usable.length) : onFloor;
    const short = offered.filter((k) => k !== last || run < calls.longestRun);
    if (short.length === 0 && calls.order === 'random') broken.run ||= usable.length > 1;
    const allowed = short.length > 0 ? short : offered;
    // In a list by time the quotas come round again.
    if (left.every((n) => n <= 0)) quotas(shares, planned, chance).forEach((n, k) => (left[k] = n));
    const fair = allowed.filter((k) => (left[k] ?? 0) > 0 && canFinish(left, k, last, run, calls.longestRun));
    if (fair.length === 0 && calls.order === 'random') broken.counts = true;
    const from = fair.length > 0 ? fair : allowed;
    const k = calls.order === 'known' ? (from[0] ?? 0) : pick(from, left, shares, chance);
    const one = usable[k];
    if (!one) break;
    run = k === last ? run + 1 : 1;
    longestRun = Math.max(longestRun, run);
    last = k;
    left[k] = (left[k] ?? 0) - 1;
    walk.go(k);
    const freeze = freezeOf(one, calls.freezes, chance);
    list.push({ at, which: one.i, freeze, place: walk.place, heading: walk.heading });
    const asked = calls.interval ? calls.interval.low + chance() * (calls.interval.high - calls.interval.low) : 0;
    end = at + one.seconds + (freeze ? FREEZE_SECONDS : 0);
    // A freeze stretches the call it falls into; what is left of the interval after it is not made longer.
    at = ms(at + ms(Math.max(asked, neededAfter(one, calls.reaction) + (freeze ? FREEZE_SECONDS : 0))));
  }
  if (broken.run) problems.push({ code: 'run', values: {} });
  if (broken.counts && number !== undefined) problems.push({ code: 'counts', values: {} });
  if (list.length === 0 && problems.length === 0)
    problems.push({ code: 'short', values: { within: within ?? 0, shortest: Math.min(...usable.map((one) => one.seconds)) } });
  const counts = options.map((_, i) => list.filter((call) => call.which === i).length);
  return { calls: list, counts, longestRun, seconds: end, problems };
}

const meanNeed = (usable: readonly Callable[], shares: readonly number[], reaction: number): number =>
  usable.reduce((sum, one, k) => sum + (shares[k] ?? 0) * neededAfter(one, reaction), 0);

const known = (onFloor: readonly number[], next: number): number[] => (onFloor.includes(next) ? [next] : onFloor.slice(0, 1));

/** Calls per alternative in n of them: to the weights within one; where the rest goes is chance. */
export function quotas(shares: readonly number[], n: number, chance: () => number): number[] {
  const whole = shares.map((share) => Math.floor(share * n + 1e-9));
  let rest = n - whole.reduce((a, b) => a + b, 0);
  const parts = shares.map((share, k) => ({ k, part: share * n - (whole[k] ?? 0) }));
  while (rest > 0) {
    const open = parts.filter(({ k, part }) => part > 1e-9 && (whole[k] ?? 0) < Math.ceil((shares[k] ?? 0) * n - 1e-9));
    const sum = open.reduce((all, { part }) => all + part, 0);
    let draw = chance() * sum;
    const taken = open.find(({ part }) => (draw -= part) < 0) ?? open.at(-1);
    if (!taken) break;
    whole[taken.k] = (whole[taken.k] ?? 0) + 1;
    rest--;
  }
  return whole;
}

/** Whether the rest can still be ordered without too long a run once `k` is called. */
function canFinish(left: readonly number[], k: number, last: number, run: number, longestRun: number): boolean {
  let all = -1;
  for (const n of left) if (n > 0) all += n;
  for (let i = 0; i < left.length; i++) {
    const mine = Math.max(0, left[i] ?? 0) - (i === k ? 1 : 0);
    const begun = i === k ? (i === last ? run + 1 : 1) : 0;
    if (mine > Math.max(0, longestRun - begun) + (all - mine) * longestRun) return false;
  }
  return true;
}

/** One of `from`: as likely as it is still owed. */
function pick(from: readonly number[], left: readonly number[], shares: readonly number[], chance: () => number): number {
  const owed = (k: number): number => ((left[k] ?? 0) > 0 ? (left[k] ?? 0) : (shares[k] ?? 0) * 1e-6);
  const sum = from.reduce((all, k) => all + owed(k), 0);
  let draw = chance() * sum;
  return from.find((k) => (draw -= owed(k)) < 0) ?? from.at(-1) ?? 0;
}

function freezeOf(one: Callable, share: number, chance: () => number): DrawnCall['freeze'] {
  // Drawn whether or not it is used, so that freezes change no other call of the same seed.
  const [frozen, when] = [chance() < share, chance()];
  if (!frozen || one.seconds <= 0 || one.states.length === 0) return null;
  const after = one.seconds * (0.1 + 0.8 * when);
  const state = one.states.find((span) => after < span.to)?.state ?? 'ready';
  return { after, couldGoOn: state === 'ready' || state === 'stepping' };
}

/** Where the athlete stands while calls are drawn, and whether a call keeps them on the floor and leaves a way on. */
class Walk {
  place: Vec;
  heading: number;

  constructor(
    private readonly options: readonly Callable[],
    private readonly placing: Placing | null,
  ) {
    this.place = placing?.at ?? standing;
    this.heading = placing?.facing ?? 0;
  }

  stays(k: number): boolean {
    if (!this.fits(k, this.place, this.heading)) return false;
    const one = this.options[k];
    // Whoever comes back to where they were can do the same again.
    if (one && one.by.x === 0 && one.by.y === 0 && one.turned === 0) return true;
    const { place, heading } = this.after(k, this.place, this.heading);
    return this.options.some((_, next) => this.fits(next, place, heading));
  }

  go(k: number): void {
    const { place, heading } = this.after(k, this.place, this.heading);
    this.place = place;
    this.heading = heading;
  }

  private after(k: number, place: Vec, heading: number): { place: Vec; heading: number } {
    const one = this.options[k];
    return one ? { place: add(place, turned(one.by, heading)), heading: heading + one.turned } : { place, heading };
  }

  private fits(k: number, place: Vec, heading: number): boolean {
    const area = this.placing?.area;
    if (!area) return true;
    // The way right and the way ahead once, instead of turning each corner.
    const [right, ahead] = [turned({ x: 1, y: 0 }, heading), turned({ x: 0, y: 1 }, heading)];
    for (const { x, y } of this.options[k]?.trodden ?? []) {
      const corner = { x: place.x + x * right.x + y * ahead.x, y: place.y + x * right.y + y * ahead.y };
      if (outsideBy(area, corner) > 1e-9) return false;
    }
    return true;
  }
}
