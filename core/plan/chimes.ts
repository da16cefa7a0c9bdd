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
 * repetition's end starts at once; one during a chimed move waits for its end. 'At cycle end' waits one repetition at most.
 * @param rep seconds of a repetition, above 0.
 * @param takes seconds of each chime's move, in the order of `chimes`.
 */
export function chimedRound(round: number, rep: number, chimes: readonly Chime[], takes: readonly number[]): ChimedRound {
  const due = chimes
    .flatMap((chime, i) => momentsOf(chime, round).map((at) => ({ at, chime, i, takes: takes[i] ?? 0 })))
    .sort((a, b) => a.at - b.at);
  const done: Chimed[] = [];
  const starts: number[] = [];
  let now = 0;
  let cut = 0;
  const repeatUntil = (to: number): void => {
    while (now + rep <= to + 1e-9) {
      starts.push(now);
      now += rep;
    }
  };
  for (const one of due) {
    repeatUntil(one.at);
    let from = Math.max(now, one.at);
    if (now < one.at - 1e-9) {
      // A repetition is under way when it chimes.
      if (one.chime.when === 'at once') cut++;
      else {
        starts.push(now);
        from = now + rep;
      }
    }
    const to = from + one.takes;
    done.push({ chime: one.i, at: one.at, from, to, overrun: Math.max(0, to - round) });
    now = to;
  }
  repeatUntil(round);
  return { chimes: done, starts, cut };
}
