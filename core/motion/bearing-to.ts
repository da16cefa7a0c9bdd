import { originOf, type Posture } from '../body/stance.js';
import { normalised, sub, type Vec } from '../body/vec.js';

/** Degrees from the facing line to a point, (−180, 180]. */
export function bearingTo(posture: Posture, point: Vec): number {
  const way = sub(point, originOf(posture.feet));
  return normalised((Math.atan2(way.x, way.y) * 180) / Math.PI - posture.heading);
}
