import type { Frames } from './frames.js';

/** When some frames of a clip were, and how many it has: what is left of its times where the clip itself is not there. */
export interface Stamps {
  readonly frames: number;
  /** The place of a frame and its time, seconds from the first frame in the clip's own time; both growing, the first and the last among them. */
  readonly at: readonly (readonly [frame: number, seconds: number])[];
}

/**
 * The times of these frames and of those before them, which is all that their moments are made of.
 * @param wanted places of frames; those that the clip does not have are left out.
 * @example stampsOf([0, 0.04, 0.08, 0.12], [2]).at // [[0, 0], [1, 0.04], [2, 0.08], [3, 0.12]]
 */
export function stampsOf(frames: Frames, wanted: readonly number[]): Stamps {
  const places = new Set([0, frames.length - 1, ...wanted, ...wanted.map((frame) => frame - 1)]);
  const at = [...places]
    .sort((a, b) => a - b)
    .flatMap((frame): [number, number][] => {
      const seconds = frames[frame];
      return seconds === undefined ? [] : [[frame, seconds]];
    });
  return { frames: frames.length, at };
}

/**
 * The times of all frames of a clip of which some are known: those as they are, what lies between evenly spread.
 * @example framesFrom({ frames: 4, at: [[0, 0], [3, 0.12]] }) // [0, 0.04, 0.08, 0.12]
 */
export function framesFrom({ frames, at }: Stamps): Frames {
  const all: number[] = [];
  at.forEach(([frame, seconds], i) => {
    const [before, from] = at[i - 1] ?? [frame, seconds];
    for (let k = before + 1; k < frame; k++) all[k] = from + ((seconds - from) * (k - before)) / (frame - before);
    all[frame] = seconds;
  });
  return all.slice(0, frames);
}
