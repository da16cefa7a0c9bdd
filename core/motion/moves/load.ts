import type { Side } from '../../body/foot.js';
import { scale, wayOf } from '../../body/vec.js';
import { hop, onTheSpot, stamp, weightShift } from '../loading.js';
import { FLIGHT, SPLIT_FLIGHT, USUAL_TIME } from '../sizes.js';
import { split, splitSeconds } from '../split.js';
import { type Doing, type FamilyOf, bearingOf, leading, near, footOr, sized, usually } from './doing.js';

/** The foot with less weight on it; of two alike the playing one, so that who plays with the other hand does the same. */
function lighter({ before, playing, engine }: Doing): Side {
  if (before.leftShare === 0.5 && engine >= 2) return playing;
  return before.leftShare > 0.5 ? 'right' : 'left';
}

/** Loading the legs where one stands, or with one foot put out. */
export const LOAD: FamilyOf<'load'> = {
  split: (doing) => {
    const style = doing.act.style ?? 'low hop';
    const seconds = usually(doing, splitSeconds(style), SPLIT_FLIGHT[style]);
    const { act, before } = doing;
    if (act.foot === null && act.bearing === null && act.size === null) return split(before, style, seconds);
    const by = scale(wayOf(before.heading + bearingOf(doing)), sized(doing, 'small', 'gather'));
    return split(before, style, seconds, { foot: footOr(doing, near(doing)), by });
  },
  bounce: (doing) => onTheSpot(doing.before, usually(doing, USUAL_TIME.bounce)),
  'heel raise': (doing) => onTheSpot(doing.before, usually(doing, USUAL_TIME.heelRaise)),
  'weight shift': (doing) => weightShift(doing.before, footOr(doing, lighter(doing)), usually(doing, USUAL_TIME.weightShift)),
  stamp: (doing) => stamp(doing.before, footOr(doing, leading(doing)), usually(doing, USUAL_TIME.stamp)),
  'preload hop': (doing) => hop(doing.before, usually(doing, USUAL_TIME.preloadHop, FLIGHT.hop), FLIGHT.hop),
};
