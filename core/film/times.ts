import { SPLIT_WINDOWS, STRIKE_WINDOWS, type Window } from '../judge/timing-findings.js';
import { heldOn, type HeldChoices } from '../judge/schools.js';
import { driftOf, type Drift } from './drift.js';
import { againstWindow, between, ofSeveral, type Judged, type Repeats, type Several, type Took } from './difference.js';
import { seenFirst, type Frames } from './frames.js';
import type { Attempt, Mark, MarkKind } from './marks.js';

/** Times that are taken of an attempt. */
export const TIMES = ['split', 'in-air', 'first-step', 'step', 'strike', 'answer', 'way-back'] as const;
export type TimeName = (typeof TIMES)[number];

/** A time of one attempt, and how it stands to its window; null where it has none. */
export interface Timed {
  readonly attempt: number;
  readonly time: TimeName;
  readonly took: Took;
  readonly window: readonly [number, number] | null;
  readonly judged: Judged | null;
}

export interface AllTimes {
  readonly times: readonly Timed[];
  /** The same of all attempts. */
  readonly over: readonly (Several & { readonly time: TimeName; readonly drift: Drift | null })[];
}

const mark = (marks: Attempt, ...kinds: readonly MarkKind[]): Mark | null =>
  kinds.map((kind) => marks.find((one) => one.kind === kind)).find((one) => one !== undefined) ?? null;

/** The foot that came down nearest to the strike: with it, or for it. */
function landing(marks: Attempt, strike: Mark | null): Mark | null {
  const feet = marks.filter(({ kind }) => kind === 'left-down' || kind === 'right-down');
  if (strike === null) return null;
  const near = ({ frame }: Mark): number => Math.abs(frame - strike.frame);
  return feet.sort((a, b) => near(a) - near(b))[0] ?? null;
}

/** The first foot that comes down after a mark. */
const downAfter = (marks: Attempt, from: Mark | null): Mark | null =>
  marks.find(({ kind, frame }) => from !== null && frame > from.frame && (kind === 'left-down' || kind === 'right-down')) ?? null;

const edges = ({ from, to }: Window): readonly [number, number] => [from, to];

/** From which mark to which a time goes, and the window of schools that it is judged by: the one that the engine judges by. */
function spans(
  marks: Attempt,
  choices: HeldChoices,
): readonly (readonly [TimeName, Mark | null, Mark | null, readonly [number, number] | null])[] {
  const [ball, own] = [mark(marks, 'contact', 'release'), mark(marks, 'own-contact')];
  const split = heldOn('split-timing', choices).option;
  const strike = heldOn('strike-window', choices).option;
  // A ball that is fed is waited for at its release, whatever holds of one that is hit.
  const by = ball?.kind === 'release' && split !== 'off' ? 'release' : split;
  return [
    ['split', ball, mark(marks, 'split-down'), by === 'off' ? null : edges(SPLIT_WINDOWS[by])],
    ['in-air', mark(marks, 'split-up'), mark(marks, 'split-down'), null],
    ['first-step', mark(marks, 'split-down'), mark(marks, 'first-step'), null],
    ['step', mark(marks, 'first-step'), downAfter(marks, mark(marks, 'first-step')), null],
    ['strike', landing(marks, own), own, strike === 'off' ? null : edges(STRIKE_WINDOWS[strike])],
    ['answer', ball, own, null],
    ['way-back', mark(marks, 'back-begun'), mark(marks, 'back'), null],
  ];
}

/**
 * The times of attempts: split against the ball, in the air, first step after it, how long that step takes, strike after its landing, answer, way back.
 * @param frames of the clip. @param repeats how well its marks are made again (s).
 */
export function timesOf(frames: Frames, attempts: readonly Attempt[], repeats: Repeats, choices: HeldChoices = {}): AllTimes {
  const times = attempts.flatMap((marks, i) =>
    spans(marks, choices).flatMap(([time, from, to, window]): Timed[] => {
      if (from === null || to === null) return [];
      const took = between(seenFirst(frames, from.frame), seenFirst(frames, to.frame), repeats);
      const frame = took.frames;
      return [{ attempt: i + 1, time, took, window, judged: window && againstWindow(took, window, frame) }];
    }),
  );
  const over = TIMES.flatMap((time) => {
    const took = times.flatMap((one) => (one.time === time ? [one.took] : []));
    const [seconds, least] = [took.map((one) => one.seconds), Math.max(0, ...took.map(({ sd }) => sd))];
    const all = ofSeveral(seconds, least);
    return all === null ? [] : [{ time, ...all, drift: driftOf(seconds, least) }];
  });
  return { times, over };
}
