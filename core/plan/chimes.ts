import type { Chime } from '../language/dose.js';

/** One chimed move in a round of a repeating pattern. Seconds of the round. */
export interface Chimed {
  /** Which of the round's chimes. */
  readonly chime: number;
  /** When the clock chimes. */
  readonly at: number;
  /** When the chimed move starts and ends. */
  readonly from: number;
  readonly to: number;
  /** How far beyond the bell it ends: shown, never dropped. */
  readonly overrun: number;
}

/** What chimes make of a round: the chimed moves, and the stretches in which the pattern repeats. */
export interface ChimedRound {
  readonly chimes: readonly Chimed[];
  /** Whole repetitions, and each one's start. */
  readonly starts: readonly number[];
  /** Repetitions that a chime cut off: the athlete is somewhere on the way then. */
  readonly cut: number;
}

/**
 * Moments of a chime in a round of so many seconds: every c s; one on the bell only if the plan says so.
 * @example momentsOf({ every: 20, onBell: false }, 60) // [20, 40]
 */
export function momentsOf(chime: Pick<Chime, 'every' | 'onBell'>, round: number): number[] {
  const moments: number[] = [];
  for (let k = 1; k * chime.every <= round + 1e-9; k++) {
    const at = k * chime.every;
    if (at < round - 1e-9 || chime.onBell) moments.push(at);
  }
  return moments;
}

/**
 * How a round with chimes goes. 'At once' interrupts the running repetition, which starts afresh after the chimed move; one on a
 * repetition's end starts at once; one during a chimed move waits for its end. 'At cycle end' waits one
 * repetition at most, and no longer for one that another chime has cut off. A repetition that ends after the bell is no whole one.
 * @param rep seconds of a repetition, above 0.
 * @param takes seconds of each chime's move, in the order of `chimes`.
 */
export function chimedRound(round: number, rep: number, chimes: readonly Chime[], takes: readonly number[]): ChimedRound {
  const due = chimes
    .flatMap((chime, i) => momentsOf(chime, round).map((at) => ({ at, chime, i, takes: takes[i] ?? 0 })))
    .sort((a, b) => a.at - b.at);
  const done: Chimed[] = [];
  const starts: number[] = [];
  /** Chimes that wait for the end of the repetition that is under way. */
  let waiting: typeof due = [];
  let now = 0;
  let cut = 0;
  const repeatUntil = (to: number): void => {
    while (now + rep <= to + 1e-9) {
      starts.push(now);
      now += rep;
    }
  };
  const chimeNow = (from: number, one: (typeof due)[number]): void => {
    const to = from + one.takes;
    done.push({ chime: one.i, at: one.at, from, to, overrun: Math.max(0, to - round) });
    now = to;
  };
  const waitingNow = (): void => {
    for (const one of waiting) chimeNow(now, one);
    waiting = [];
  };
  /** Ends the repetition under way, for which chimes wait; it is a whole one if it ends before the bell. */
  const endOfCycle = (): void => {
    if (now + rep <= round + 1e-9) starts.push(now);
    now += rep;
    waitingNow();
  };
  for (const one of due) {
    if (waiting.length > 0 && now + rep <= one.at + 1e-9) endOfCycle();
    repeatUntil(one.at);
    const underWay = now < one.at - 1e-9;
    if (underWay && one.chime.when === 'at cycle end') waiting.push(one);
    else {
      if (underWay) cut++;
      chimeNow(Math.max(now, one.at), one);
      // What waited for the end of a repetition that was cut off waits no longer.
      waitingNow();
    }
  }
  if (waiting.length > 0) endOfCycle();
  repeatUntil(round);
  return { chimes: done, starts, cut };
}
