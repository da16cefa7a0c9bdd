import type { Stood } from './foot.js';
import type { Frames } from './frames.js';

const HEADS = ['n', 'foot', 'frame', 'seconds', 'right_m', 'ahead_m', 'within_m', 'toe_deg', 'toe_within_deg'] as const;

/**
 * Measured feet as the cells of a table: one a row, in the order of their frames. Right and ahead are of the middle of the floor, metres;
 * each place lies within so much of it 19 times in 20; the toe is turned so many degrees clockwise from ahead, and left open where that is
 * not known closely enough.
 * @example feetCells([0, 0.04], [])[0]?.[4] // 'right_m'
 */
export const feetCells = (frames: Frames, feet: readonly Stood[]): string[][] => [
  [...HEADS],
  ...feet.map(({ foot, frame, place, toe }, i) => [
    String(i + 1),
    foot,
    String(frame),
    (frames[frame] ?? 0).toFixed(4),
    place.at.x.toFixed(3),
    place.at.y.toFixed(3),
    place.within.toFixed(3),
    toe ? toe.value.toFixed(1) : '',
    toe ? toe.within.toFixed(1) : '',
  ]),
];
