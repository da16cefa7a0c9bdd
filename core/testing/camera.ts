import type { Vec } from '../body/vec.js';
import type { Picture } from '../film/calibration.js';
import { bent, lensOf } from '../film/lens.js';

/** A camera that is known: where it stands and where it looks (m, the third is up), its focal length (pixels) and the lens's bend. */
export interface Camera {
  readonly at: readonly [number, number, number];
  readonly to: readonly [number, number, number];
  readonly focal: number;
  readonly picture: Picture;
  readonly bend: number;
}

type Three = readonly [number, number, number];
const minus = (a: Three, b: Three): Three => [a[0] - b[0], a[1] - b[1], a[2] - b[2]];
const dot = (a: Three, b: Three): number => a[0] * b[0] + a[1] * b[1] + a[2] * b[2];
const cross = (a: Three, b: Three): Three => [a[1] * b[2] - a[2] * b[1], a[2] * b[0] - a[0] * b[2], a[0] * b[1] - a[1] * b[0]];
const unit = (a: Three): Three => {
  const length = Math.sqrt(dot(a, a));
  return [a[0] / length, a[1] / length, a[2] / length];
};

/** The pixel of a place on the floor, as a pinhole with a lens sees it. */
export function sees({ at, to, focal, picture, bend }: Camera, { x, y }: Vec): Vec {
  const ahead = unit(minus(to, at));
  const right = unit(cross(ahead, [0, 0, 1]));
  const down = cross(ahead, right);
  const way = minus([x, y, 0], at);
  const lens = lensOf(picture, bend);
  const scale = focal / lens.half / dot(way, ahead);
  return bent(lens, { x: dot(way, right) * scale, y: dot(way, down) * scale });
}
