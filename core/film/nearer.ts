/** How a camera would have to stand for places to be known more closely: so much of the way away, or so many times as high. */
export interface Nearer {
  readonly away: number;
  readonly higher: number;
}

/** What feet are measured for asks for so much, metres (common practice, no source). */
export const WANTED = 0.02;

/**
 * Where a camera had to stand that places on the floor were known to so much: what a pixel hides along the floor grows with the square of
 * how far away it is, and shrinks with how high the camera stands (similar triangles: distance² / (focal length × height)). First order, and
 * for a camera that looks along the floor rather than down at it.
 * @param within to how much they are known now, metres.
 * @returns null where that is enough.
 * @example nearer(0.08)?.away // 0.5
 */
export const nearer = (within: number, wanted = WANTED): Nearer | null =>
  within <= wanted ? null : { away: Math.sqrt(wanted / within), higher: within / wanted };
