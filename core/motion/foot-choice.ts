import { otherSide, type Side } from '../body/foot.js';
import { sizeOf, type Posture } from '../body/stance.js';
import { dot, normalised, sub, wayOf } from '../body/vec.js';
import type { FootRef } from '../language/ast.js';

/** Below this share of the stance's longer side the feet count as level along a bearing (common practice, no source). */
const LEVEL_SHARE = 0.2;
/** Bearings within this many degrees of straight ahead or back follow the lead, the rear or the playing foot. */
const STRAIGHT = 30;

/**
 * The foot nearest to the direction of travel: the one whose mark lies further along the bearing
 * (degrees from the facing line). When the two are level the trade's rule decides.
 */
export function nearFoot(posture: Posture, bearing: number, playing: Side): Side {
  const { feet } = posture;
  const along = dot(sub(feet.right, feet.left), wayOf(posture.heading + bearing));
  const size = sizeOf(feet, posture.heading);
  const longer = Math.max(Math.abs(size.width), Math.abs(size.leftAhead));
  if (Math.abs(along) >= LEVEL_SHARE * longer) return along > 0 ? 'right' : 'left';
  const b = normalised(bearing);
  if (Math.abs(b) <= STRAIGHT) return posture.lead ?? playing;
  if (Math.abs(b) >= 180 - STRAIGHT) return posture.lead === null ? playing : otherSide(posture.lead);
  return b > 0 ? 'right' : 'left';
}

/** The foot a word means now. 'lead' and 'rear' in a square stance mean the playing and the other foot. */
export function footOf(ref: FootRef, posture: Posture, bearing: number, playing: Side): Side {
  switch (ref) {
    case 'left':
    case 'right':
      return ref;
    case 'playing':
      return playing;
    case 'other':
      return otherSide(playing);
    case 'lead':
      return posture.lead ?? playing;
    case 'rear':
      return otherSide(posture.lead ?? playing);
    case 'outside':
    case 'inside': {
      // The side of the floor in play is the side one goes to; straight ahead or back it is the playing side.
      const b = normalised(bearing);
      const outside = Math.abs(b) < 1e-9 || Math.abs(b) > 180 - 1e-9 ? playing : b > 0 ? 'right' : 'left';
      return ref === 'outside' ? outside : otherSide(outside);
    }
    case 'near':
      return nearFoot(posture, bearing, playing);
    case 'far':
      return otherSide(nearFoot(posture, bearing, playing));
  }
}
