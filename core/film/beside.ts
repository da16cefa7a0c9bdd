import type { Took } from './difference.js';
import { frameAt, type Frames } from './frames.js';
import { MARKS, type Attempt, type MarkKind } from './marks.js';
import { TIMES, type Timed, type TimeName } from './times.js';

/** An attempt of a clip, to be looked at beside others. */
export interface Beside {
  /** Of its clip, in life's time. */
  readonly frames: Frames;
  readonly attempt: Attempt;
}

/** Seconds that are looked at before the first mark of an attempt, and after its last. */
const AROUND = 0.3;

/** When an attempt is looked at, seconds of its clip: from a little before its first mark until a little after its last. */
export function spanOfAttempt(frames: Frames, attempt: Attempt): readonly [from: number, to: number] {
  const [first, last] = [attempt[0], attempt.at(-1)];
  const when = (frame: number | undefined): number => frames[frame ?? 0] ?? 0;
  return [Math.max(0, when(first?.frame) - AROUND), Math.min(frames.at(-1) ?? 0, when(last?.frame) + AROUND)];
}

/** Marks that all of some attempts have, in the order of an attempt: they can be joined at these. */
export const sharedMarks = (all: readonly Beside[]): MarkKind[] =>
  MARKS.filter((kind) => all.length > 0 && all.every(({ attempt }) => attempt.some((mark) => mark.kind === kind)));

/** The frame in which a mark is seen first; null where the attempt has none. A foot that comes down again is taken the first time. */
const joint = ({ attempt }: Beside, at: MarkKind): number | null => attempt.find(({ kind }) => kind === at)?.frame ?? null;

/**
 * From when to when attempts that are joined at a mark are looked at, seconds from it: from the earliest of their first marks to the
 * latest of their last, and a little around; no further than one of them has film.
 */
export function spanOf(all: readonly Beside[], at: MarkKind): readonly [from: number, to: number] {
  const spans = all.flatMap((one) => {
    const mark = joint(one, at);
    if (mark === null) return [];
    const [zero, [from, to]] = [one.frames[mark] ?? 0, spanOfAttempt(one.frames, one.attempt)];
    return [[from - zero, to - zero] as const];
  });
  return [Math.min(0, ...spans.map(([from]) => from)), Math.max(0, ...spans.map(([, to]) => to))];
}

/**
 * The frame that an attempt shows so many seconds from the mark at which it is joined to others; null where it has no such mark.
 * @example frameBeside({ frames: [0, 0.1, 0.2, 0.3], attempt: [{ kind: 'contact', frame: 2 }] }, 'contact', -0.1) // 1
 */
export function frameBeside(one: Beside, at: MarkKind, seconds: number): number | null {
  const mark = joint(one, at);
  return mark === null ? null : frameAt(one.frames, (one.frames[mark] ?? 0) + seconds);
}

/** How a time of one attempt stands to that of another: by so much longer (s), give or take; and whether the films tell it from none. */
export interface Longer {
  readonly by: number;
  readonly within: number;
  readonly told: boolean;
}

/**
 * How much longer a time took than another one. What the frames hide of each adds up, for it may be anything; what a marker is off by
 * twice adds up in squares.
 */
export function longer(than: Took, took: Took): Longer {
  const [by, around] = [took.seconds - than.seconds, than.frames + took.frames + Math.hypot(than.marks, took.marks)];
  return { by, within: around, told: Math.abs(by) > around };
}

/** The same time of attempts side by side: one an attempt, null where it has none; each but the first against the first. */
export interface TimeBeside {
  readonly time: TimeName;
  readonly each: readonly ({ readonly took: Took; readonly longer: Longer | null } | null)[];
}

/** Times of attempts by name. @param all of each attempt, its times. */
export const timesBeside = (all: readonly (readonly Timed[])[]): TimeBeside[] =>
  TIMES.flatMap((time) => {
    const took = all.map((times) => times.find((one) => one.time === time)?.took ?? null);
    if (took.every((one) => one === null)) return [];
    const [first] = took;
    return [{ time, each: took.map((one, i) => one && { took: one, longer: i > 0 && first ? longer(first, one) : null }) }];
  });
