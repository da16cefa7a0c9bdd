import { SPLIT_WINDOWS, STRIKE_WINDOWS, type Window } from '../judge/timing-findings.js';
import { heldOn, type Held, type HeldChoices } from '../judge/schools.js';
import { driftOf, type Drift } from './drift.js';
import { againstWindow, between, ofSeveral, type Judged, type Repeats, type Several, type Took } from './difference.js';
import { seenFirst, type Frames } from './frames.js';
import type { Attempt, Mark, MarkKind } from './marks.js';

/** Times that are taken of an attempt. */
export const TIMES = [
  ...['split', 'in-air', 'reaction', 'first-step', 'hand', 'step', 'strike-took', 'strike', 'answer', 'after-bounce', 'way-back'],
] as const;
export type TimeName = (typeof TIMES)[number];

/** A time of one attempt, and how it stands to its window; null where it has none. */
export interface Timed {
  readonly attempt: number;
  readonly time: TimeName;
  readonly took: Took;
  readonly window: readonly [number, number] | null;
  readonly judged: Judged | null;
  /** Whose window that is. */
  readonly held: HeldBy | null;
}
/** What counts where schools differ, and who says so. */
type HeldBy = Pick<Held, 'topic' | 'option' | 'by'>;

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

/** How long before its foot a hand may begin that begins first, seconds (common practice, no source; as far as its hit may come). */
const HAND_WINDOW: Window = { from: 0, to: 0.5 };

/** Which of two marks comes first, where there are any. */
const sooner = (one: Mark | null, other: Mark | null): Mark | null =>
  one && other ? (one.frame <= other.frame ? one : other) : (one ?? other);

/** A mark, if it comes no earlier than another one. */
const notBefore = (one: Mark | null, other: Mark | null): Mark | null => (one && other && one.frame >= other.frame ? one : null);

/** A window, and whose it is. */
type HeldWindow = readonly [Window, HeldBy] | null;

/** From which mark to which a time goes, and the window of schools that it is judged by: the one that the engine judges by. */
function spans(marks: Attempt, choices: HeldChoices): readonly (readonly [TimeName, Mark | null, Mark | null, HeldWindow])[] {
  const [ball, own] = [mark(marks, 'contact', 'release'), mark(marks, 'own-contact')];
  const [cue, hand, foot] = [mark(marks, 'cue'), mark(marks, 'strike-begun'), mark(marks, 'first-step')];
  const split = heldOn('split-timing', choices);
  const strike = heldOn('strike-window', choices);
  // A ball that is fed is waited for at its release, whatever holds of one that is hit.
  const fed = ball?.kind === 'release' && split.option !== 'off' && split.option !== 'release';
  const by = fed ? 'release' : split.option;
  const whose: HeldBy = fed ? { topic: 'split-timing', option: by, by: 'usual' } : split.held;
  const splits: HeldWindow = by === 'off' ? null : [SPLIT_WINDOWS[by], whose];
  const strikes: HeldWindow = strike.option === 'off' ? null : [STRIKE_WINDOWS[strike.option], strike.held];
  return [
    ['split', ball, mark(marks, 'split-down'), splits],
    ['in-air', mark(marks, 'split-up'), mark(marks, 'split-down'), null],
    ['reaction', cue, notBefore(sooner(hand, foot), cue), null],
    ['first-step', mark(marks, 'split-down'), foot, null],
    ['hand', hand, foot, strike.option === 'hand-first' ? [HAND_WINDOW, strike.held] : null],
    ['step', foot, downAfter(marks, foot), null],
    ['strike-took', hand, own, null],
    ['strike', landing(marks, own), own, strikes],
    // Who strikes first answers nothing.
    ['answer', ball, notBefore(own, ball), null],
    ['after-bounce', mark(marks, 'bounce'), own, null],
    ['way-back', mark(marks, 'back-begun'), mark(marks, 'back'), null],
  ];
}

/**
 * The times of attempts: split against the ball, in the air, what moves first after the opponent, first step after the split, hand before
 * the foot, how long step and strike take, strike after its landing, answer, after the bounce, way back.
 * @param frames of the clip. @param repeats how well its marks are made again (s).
 */
export function timesOf(frames: Frames, attempts: readonly Attempt[], repeats: Repeats, choices: HeldChoices = {}): AllTimes {
  const times = attempts.flatMap((marks, i) =>
    spans(marks, choices).flatMap(([time, from, to, by]): Timed[] => {
      if (from === null || to === null) return [];
      const took = between(seenFirst(frames, from.frame), seenFirst(frames, to.frame), repeats);
      if (by === null) return [{ attempt: i + 1, time, took, window: null, judged: null, held: null }];
      const [{ from: low, to: high }, { topic, option, by: who }] = by;
      const judged = againstWindow(took, [low, high], took.frames);
      return [{ attempt: i + 1, time, took, window: [low, high], judged, held: { topic, option, by: who } }];
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
