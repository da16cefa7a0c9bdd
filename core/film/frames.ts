/** Times of a clip's frames, seconds from its first, as its container has them; growing. */
export type Frames = readonly number[];

/** When something was seen first: between the frame before and that frame. Seconds. */
export interface Moment {
  /** The middle between the two. */
  readonly at: number;
  /** The truth lies within so much of it. */
  readonly within: number;
}

/**
 * Frames of a clip with as many pictures a second throughout.
 * @param slow how many times slower than life it plays.
 * @example framesAt(100, 3) // [0, 0.01, 0.02]
 */
export const framesAt = (rate: number, count: number, slow = 1): Frames => Array.from({ length: count }, (_, k) => k / (rate * slow));

/**
 * An event that is first seen in a frame was between that frame and the one before: the middle, and half of what lies between.
 * @param frame its place in the clip, from 1 on: nothing is known of what was before the first.
 * @throws RangeError where there is no such frame, or none before it.
 * @example seenFirst([0, 0.02, 0.06], 2) // { at: 0.04, within: 0.02 }
 */
export function seenFirst(frames: Frames, frame: number): Moment {
  const [before, now] = [frames[frame - 1], frames[frame]];
  if (before === undefined || now === undefined) throw new RangeError(`There is no frame ${frame} with one before it.`);
  return { at: (before + now) / 2, within: (now - before) / 2 };
}

/** Two stamps nearer to each other than this are one, seconds. */
const SAME = 1e-6;

/**
 * The frame that is seen at a time: the last that has come by then; the first before that.
 * @param seconds in the clip's own time.
 * @example frameAt([0, 0.04, 0.08], 0.05) // 1
 */
export function frameAt(frames: Frames, seconds: number): number {
  let [low, high] = [0, Math.max(0, frames.length - 1)];
  while (low < high) {
    const middle = Math.ceil((low + high) / 2);
    if ((frames[middle] ?? 0) <= seconds + SAME) low = middle;
    else high = middle - 1;
  }
  return low;
}

/**
 * The frame whose time is nearest.
 * @param seconds in the clip's own time.
 * @example frameNearest([0, 0.04, 0.08], 0.03) // 1
 */
export function frameNearest(frames: Frames, seconds: number): number {
  const before = frameAt(frames, seconds);
  const [one, other] = [frames[before] ?? 0, frames[before + 1]];
  return other !== undefined && other - seconds < seconds - one ? before + 1 : before;
}
