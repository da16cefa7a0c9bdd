import type { Simulation } from '../motion/simulation.js';
import { FREE_LOAD, stateBetween, statesOf, UNWEIGHTING_SECONDS, type StateSpan } from './state.js';

/** A stretch in which the athlete is ready (from = to for the instant between two moves), and what must still be unweighted there. */
interface ReadySpan {
  readonly from: number;
  readonly to: number;
  readonly extra: number;
}

/** How long until the athlete could answer: worst over the pattern and from which moment, mean over time. Null: never in this pattern. */
export interface AnswerTime {
  readonly worst: number | null;
  readonly worstAt: number;
  readonly mean: number | null;
}

function readySpans(sim: Simulation, states: readonly StateSpan[]): ReadySpan[] {
  const spans: ReadySpan[] = [];
  const extra = (leftShare: number): number => (Math.max(leftShare, 1 - leftShare) > FREE_LOAD ? UNWEIGHTING_SECONDS : 0);
  const ready = states.filter(({ state }) => state === 'ready');
  let next = 0;
  for (let i = 0; i <= sim.moves.length; i++) {
    if (stateBetween(sim, i) !== 'ready') continue;
    const at = sim.moves[i]?.start ?? sim.seconds;
    const posture = sim.moves[i]?.before ?? sim.end;
    // Both are in the order of time.
    while ((ready[next]?.to ?? Infinity) <= at + 1e-9) next++;
    const standing = (ready[next]?.from ?? Infinity) <= at + 1e-9 ? ready[next] : undefined;
    spans.push({ from: at, to: standing?.to ?? at, extra: extra(posture.leftShare) });
  }
  return spans;
}

/** Time to answer at t: until the next ready instant, and an unweighting if one foot carries too much there. Null: never. */
export function timeToAnswer(sim: Simulation, t: number): number | null {
  const next = readySpans(sim, statesOf(sim)).find((span) => span.to >= t - 1e-9);
  return next ? Math.max(0, next.from - t) + next.extra : null;
}

/** Worst and mean time to answer over one repetition. The mean is exact: the wait falls evenly to each ready instant. */
export function answerTimes(sim: Simulation, states: readonly StateSpan[] = statesOf(sim)): AnswerTime {
  const ready = readySpans(sim, states);
  if (ready.length === 0 || sim.seconds === 0)
    return { worst: sim.seconds === 0 ? 0 : null, worstAt: 0, mean: sim.seconds === 0 ? 0 : null };
  let worst = 0;
  let worstAt = 0;
  let sum = 0;
  let done = 0;
  for (const span of ready) {
    const gap = Math.max(0, span.from - done);
    if (gap + span.extra > worst + 1e-9) {
      worst = gap + span.extra;
      worstAt = done;
    }
    sum += (gap * gap) / 2 + gap * span.extra + (span.to - span.from) * span.extra;
    done = Math.max(done, span.to);
  }
  if (done < sim.seconds - 1e-9) return { worst: null, worstAt: done, mean: null };
  return { worst, worstAt, mean: sum / sim.seconds };
}
