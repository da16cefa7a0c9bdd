import { printDose } from '../../language/dose-print.js';
import { atEnd, type Range, type Dose, type Work } from '../../language/dose.js';
import { questionsOf } from '../work-and-rest.js';
import type { FitAsk, FitWhy } from './messages.js';
import type { StageSeen } from './seen.js';
import type { Session } from './session.js';
import { sessionStretches } from './timeline.js';

/** What became of a stage when a session was fitted to its time. */
interface FittedStage {
  readonly id: string;
  readonly name: string;
  readonly kept: boolean;
  /** The dose as chosen inside its ranges, as it is typed. */
  readonly dose: string;
  readonly seconds: number;
  /** Why it is shorter than it could be, or left out; null where nothing was taken away. */
  readonly why: FitWhy | null;
}

export interface FittedSession {
  readonly stages: readonly FittedStage[];
  readonly total: number;
  readonly available: number;
  /** What must be decided first; nothing is fitted then. */
  readonly asks: readonly FitAsk[];
  /** Where not even one stage fits: the shortest, and how many seconds it takes. */
  readonly hopeless: { readonly stage: string; readonly seconds: number } | null;
}

/** Grows a range by one step towards its upper end; null when it is there. */
const more = (range: Range, step: number): Range | null =>
  range.low + step <= range.high + 1e-9 ? { ...range, low: range.low + step } : null;

/** Steps by which work grows: whole repetitions, seconds in fives. */
function moreWork(work: Work): Work | null {
  if (work.by === 'time') {
    const left = work.seconds.high - work.seconds.low;
    const seconds = more(work.seconds, Math.min(5, left));
    return left > 0 && seconds ? { ...work, seconds } : null;
  }
  if (work.by === 'count' || work.by === 'calls') {
    const count = more(work.count, 1);
    return count ? { ...work, count } : null;
  }
  return null;
}

/** One more of a dose: work first, then rounds, then sets; null at the top of every range. */
function grown(dose: Dose): Dose[] {
  const work = moreWork(dose.work);
  const rounds = dose.work.by === 'ladder' ? null : more(dose.rounds, 1);
  const sets = more(dose.sets, 1);
  return [...(rounds ? [{ ...dose, rounds }] : []), ...(sets ? [{ ...dose, sets }] : []), ...(work ? [{ ...dose, work }] : [])];
}

/**
 * Chooses doses inside each stage's ranges so that the session fits its time: all at their least first; where even that is too
 * long, stages of the least priority are left out, later ones before earlier; what time is left goes to stages by priority in
 * turns, rounds before sets before longer rounds. Explaining, change-overs and water count. Both sides stay equal, since they
 * belong to one dose. Rests are never invented: what is undecided is asked for. Deterministic; never exceeds the time.
 */
export function fitToTime(seen: readonly StageSeen[], session: Pick<Session, 'settings'>, seconds: number): FittedSession {
  const asks = asksOf(seen, session);
  const none = { stages: [], total: 0, available: seconds, asks, hopeless: null };
  if (asks.length > 0 || seen.length === 0) return none;
  const kept = new Set(seen.keys());
  const doses = seen.map((one) => one.dose);
  const total = (): number => sessionStretches(within(seen, doses, kept), session).at(-1)?.end ?? 0;
  const dropped = new Set<number>();
  while (total() > seconds + 1e-9 && kept.size > 0) {
    const last = [...kept].sort((a, b) => priority(seen, b) - priority(seen, a) || b - a)[0] as number;
    kept.delete(last);
    dropped.add(last);
  }
  if (kept.size === 0) return { ...none, hopeless: shortestOf(seen, session) };
  // A shorter stage that was left out for a longer one may still fit.
  for (const i of [...dropped].sort((a, b) => priority(seen, a) - priority(seen, b) || a - b)) {
    kept.add(i);
    if (total() > seconds + 1e-9) kept.delete(i);
    else dropped.delete(i);
  }
  grow(seen, doses, kept, total, seconds);
  const stages = seen.map(({ stage, dose, pace }, i): FittedStage => {
    const chosen = doses[i] ?? dose;
    const alone = sessionStretches([{ ...(seen[i] as StageSeen), dose: chosen }], session).at(-1)?.end ?? 0;
    const canGrow = grown(chosen).length > 0;
    const why: FitWhy | null = dropped.has(i)
      ? { code: 'left-out', values: { priority: stage.priority } }
      : canGrow && questionsOf(chosen, pace).length === 0
        ? { code: 'no-time-left', values: {} }
        : null;
    return {
      id: stage.id,
      name: stage.name,
      kept: kept.has(i),
      dose: printDose(atEnd(chosen, 'low')),
      seconds: kept.has(i) ? alone : 0,
      why,
    };
  });
  return { stages, total: total(), available: seconds, asks: [], hopeless: null };
}

const priority = (seen: readonly StageSeen[], i: number): number => seen[i]?.stage.priority ?? 3;

const within = (seen: readonly StageSeen[], doses: readonly Dose[], kept: ReadonlySet<number>): StageSeen[] =>
  seen.flatMap((one, i) => (kept.has(i) ? [{ ...one, dose: doses[i] ?? one.dose }] : []));

function grow(seen: readonly StageSeen[], doses: Dose[], kept: ReadonlySet<number>, total: () => number, seconds: number): void {
  for (const wanted of [1, 2, 3]) {
    const turn = [...kept].filter((i) => priority(seen, i) === wanted).sort((a, b) => a - b);
    let grew = true;
    while (grew) {
      grew = false;
      for (const i of turn) {
        const before = doses[i] as Dose;
        for (const next of grown(before)) {
          doses[i] = next;
          if (total() <= seconds + 1e-9) {
            grew = true;
            break;
          }
          doses[i] = before;
        }
      }
    }
  }
}

function asksOf(seen: readonly StageSeen[], { settings }: Pick<Session, 'settings'>): FitAsk[] {
  const asks = seen.flatMap(({ stage, questions, doseErrors }): FitAsk[] => [
    ...questions.map((code): FitAsk => ({ code, values: { stage: stage.name } })),
    ...doseErrors.map((error): FitAsk => ({ code: 'dose', values: { stage: stage.name, error } })),
  ]);
  return seen.length > 1 && settings.change === null ? [...asks, { code: 'change', values: {} }] : asks;
}

function shortestOf(seen: readonly StageSeen[], session: Pick<Session, 'settings'>): FittedSession['hopeless'] {
  const times = seen.map((one) => ({ stage: one.stage.name, seconds: sessionStretches([one], session).at(-1)?.end ?? 0 }));
  return times.reduce((a, b) => (b.seconds < a.seconds ? b : a));
}
