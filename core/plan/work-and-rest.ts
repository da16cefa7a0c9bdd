import { atEnd, claimOf, roundsOf, turnsOf, type End, type Rest, type Dose } from '../language/dose.js';
import { ms } from './ms.js';
import type { PlannedStretch } from './stretch.js';

/** Seconds of one repetition as written and on the other side or lead; null where there is no pattern to know it from. */
type RepSeconds = readonly [number | null, number | null];

/** What the clock of a dose needs to know besides its dose. */
export interface Pace {
  readonly rep: RepSeconds;
  /** Seconds given to each call, where calls are counted. */
  readonly call: number | null;
  /** How many groups take turns because not all fit at once. */
  readonly waves: number;
}

/** What is still to be decided before the clock can run. */
export type Question = 'rest' | 'set-rest' | 'repetition' | 'sides' | 'call';

export function questionsOf(dose: Dose, pace: Pace): Question[] {
  const open: Question[] = [];
  const high = atEnd(dose, 'high');
  if (roundsOf(high) > 1 && dose.rest === null) open.push('rest');
  if (high.sets.low > 1 && dose.setRest === null) open.push('set-rest');
  const counted = (dose.work.by === 'count' && claimOf(dose) === null) || dose.work.by === 'ladder';
  if (counted && !((pace.rep[0] ?? 0) > 0)) open.push('repetition');
  if (dose.sides && dose.sides.share === null && dose.work.by !== 'open') open.push('sides');
  if (dose.work.by === 'calls' && claimOf(dose) === null && pace.call === null) open.push('call');
  return open;
}

/**
 * Whole repetitions that so many seconds hold; a last unfinished one is none.
 * @example wholeReps(30, 2.28) // 13
 */
export function wholeReps(seconds: number, repSeconds: number | null): number {
  return repSeconds !== null && repSeconds > 0 ? Math.floor(seconds / repSeconds + 1e-9) : 0;
}

interface Amount {
  readonly seconds: number;
  readonly reps: number;
}

/** One way's work of a round. */
function workOf(dose: Dose, pace: Pace, round: number, way: 0 | 1): Amount {
  const { work, sides } = dose;
  const rep = pace.rep[way];
  const twice = dose.challenge ? 2 : 1;
  // Until it is said, ‘both sides’ is so much in all: a sum may say ‘at least’ only of what is the least.
  const together = sides !== null && sides.share !== 'each';
  const shared = (n: number): number => (together ? turnsOf(n)[way] : n);
  const claim = claimOf(dose);
  /** What is claimed for so many of n, or what they take. */
  const claimed = (some: number, n: number, each: number): number =>
    claim === null ? some * each : n === 0 ? 0 : (claim * some * twice) / n;
  switch (work.by) {
    case 'time': {
      const seconds = together ? work.seconds.low / 2 : work.seconds.low;
      return { seconds, reps: wholeReps(seconds, pace.call ?? rep) };
    }
    case 'open':
      return { seconds: work.least, reps: wholeReps(work.least, rep) };
    case 'calls': {
      const calls = shared(work.count.low);
      return { seconds: claimed(calls, work.count.low, twice * (pace.call ?? 0)), reps: calls * twice };
    }
    case 'count': {
      const counts = shared(work.count.low);
      return { seconds: claimed(counts, work.count.low, work.of * twice * (rep ?? 0)), reps: counts * work.of * twice };
    }
    case 'ladder': {
      const reps = shared(work.counts[round - 1] ?? 0) * twice;
      return { seconds: reps * (rep ?? 0), reps };
    }
  }
}

const restSeconds = (rest: Rest, work: number): number =>
  rest === null ? 0 : typeof rest === 'number' ? rest : 'times' in rest ? rest.times * work : rest.low;

/**
 * The stretches of a dose in order, seconds from its start: S sets of R rounds, S(R − 1) rests between rounds, S − 1 between sets (the set rest
 * replaces the round's), nothing after the last. Both sides of a round follow each other. Where groups take turns, the others'
 * work counts as rest. A rest that is not decided takes no time.
 */
export function stretchesOf(whole: Dose, pace: Pace, end: End = 'low'): PlannedStretch[] {
  const dose = atEnd(whole, end);
  const stretches: PlannedStretch[] = [];
  let at = 0;
  const push = (seconds: number, more: Omit<PlannedStretch, 'start' | 'end' | 'exercise'>): void => {
    const end = ms(at + ms(seconds));
    stretches.push({ ...more, exercise: 0, start: at, end });
    at = end;
  };
  const rounds = roundsOf(dose);
  const sets = dose.sets.low;
  const ways = dose.sides ? ([0, 1] as const) : ([0] as const);
  const waves = Math.max(1, pace.waves);
  for (let set = 1; set <= sets; set++) {
    for (let round = 1; round <= rounds; round++) {
      let one = 0;
      for (let wave = 1; wave <= waves; wave++) {
        one = 0;
        for (const way of ways) {
          const { seconds, reps } = workOf(dose, pace, round, way);
          one += seconds;
          if (seconds > 0 || reps > 0) push(seconds, { kind: 'work', set, round, wave, way, reps, open: dose.work.by === 'open' });
        }
      }
      const last = round === rounds;
      if (last && set === sets) break;
      const rest = Math.max(0, restSeconds(last ? dose.setRest : dose.rest, one) - (waves - 1) * one);
      if (rest > 0) push(rest, { kind: last ? 'set-rest' : 'rest', set, round, wave: waves, way: 0, reps: 0, open: false });
    }
  }
  return stretches;
}
