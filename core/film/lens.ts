import type { Vec } from '../body/vec.js';

/**
 * How a camera bends straight lines, by one term about the middle of the picture (division model, Fitzgibbon 2001): what lies r from the
 * middle lay r / (1 + bend · r²) without it, r in half diagonals. Negative of most phones: lines bulge outwards.
 */
export interface Lens {
  /** The middle of the picture, and half its diagonal, pixels. */
  readonly centre: Vec;
  readonly half: number;
  readonly bend: number;
}

/** @example lensOf({ width: 1920, height: 1080 }, 0).centre // { x: 960, y: 540 } */
export const lensOf = ({ width, height }: { readonly width: number; readonly height: number }, bend: number): Lens => ({
  centre: { x: width / 2, y: height / 2 },
  half: Math.hypot(width, height) / 2,
  bend,
});

/** Where a point of the picture would lie without the lens: in half diagonals from the middle. */
export function straight({ centre, half, bend }: Lens, p: Vec): Vec {
  const [x, y] = [(p.x - centre.x) / half, (p.y - centre.y) / half];
  const by = 1 + bend * (x * x + y * y);
  return { x: x / by, y: y / by };
}

/** The pixel of a point that is given without the lens: the other way round, in closed form. NaN where the lens shows none. */
export function bent({ centre, half, bend }: Lens, p: Vec): Vec {
  const r2 = p.x * p.x + p.y * p.y;
  // The smaller root of bend · r · d² − d + r = 0, written so that nothing is divided by a bend of nought.
  const by = 2 / (1 + Math.sqrt(1 - 4 * bend * r2));
  return { x: centre.x + half * by * p.x, y: centre.y + half * by * p.y };
}
