import type { HeldChoices } from '../judge/schools.js';
import { calibrated, type Calibration, type NoCalibration, type Picture, type Tapped } from './calibration.js';
import { repeatsOf, type Repeats } from './difference.js';
import { stepLength, stood, type Footprint, type Stood } from './foot.js';
import { seenFirst, type Frames } from './frames.js';
import { attemptsOf, outOfOrder, type Mark, type OutOfOrder } from './marks.js';
import type { Measure } from './place.js';
import { timesOf, type AllTimes } from './times.js';

/** What was marked and tapped in a clip. */
export interface MarkedClip {
  readonly frames: Frames;
  readonly marks: readonly Mark[];
  /** Some of them made again. */
  readonly again: readonly Mark[];
  readonly picture: Picture;
  /** By how many pixels a tap is off at most; null: as is usual. */
  readonly tap: number | null;
  readonly points: readonly Tapped[];
  readonly prints: readonly Footprint[];
}

export interface FilmReport extends AllTimes {
  readonly attempts: number;
  readonly repeats: Repeats;
  readonly outOfOrder: readonly OutOfOrder[];
  /** Null where no point was tapped. */
  readonly floor: Pick<Calibration, 'residuals' | 'bad' | 'checked'> | NoCalibration | null;
  readonly feet: readonly Stood[];
  /** From each place of a foot to the next one of the same foot. */
  readonly steps: readonly { readonly foot: Stood['foot']; readonly from: number; readonly to: number; readonly length: Measure }[];
}

/** How well marks are made again: each with the nearest one of its kind. */
export function repeatsIn({ frames, marks, again }: Pick<MarkedClip, 'frames' | 'marks' | 'again'>): Repeats {
  const twice = again.flatMap(({ kind, frame }): [number, number][] => {
    const [first] = marks.filter((one) => one.kind === kind).sort((a, b) => Math.abs(a.frame - frame) - Math.abs(b.frame - frame));
    return first ? [[seenFirst(frames, first.frame).at, seenFirst(frames, frame).at]] : [];
  });
  return repeatsOf(twice);
}

/**
 * What can be measured of a clip.
 * @param choices by which its times are judged. @param fought whether somebody is fought in it.
 * @throws RangeError where a mark is on a frame that the clip does not have.
 */
export function filmReport(clip: MarkedClip, choices: HeldChoices = {}, fought = false): FilmReport {
  const attempts = attemptsOf(clip.marks);
  const repeats = repeatsIn(clip);
  const found = clip.points.length === 0 ? null : calibrated(clip.points, clip.picture, clip.tap ?? undefined);
  const floor = found && !('code' in found) ? found : null;
  const prints = [...clip.prints].sort((a, b) => a.frame - b.frame);
  return {
    attempts: attempts.length,
    repeats,
    outOfOrder: outOfOrder(attempts, fought),
    ...timesOf(clip.frames, attempts, repeats, choices),
    floor: found && !('code' in found) ? { residuals: found.residuals, bad: found.bad, checked: found.checked } : found,
    feet: floor ? prints.map((print) => stood(floor, print)) : [],
    steps: floor ? stepsOf(floor, prints) : [],
  };
}

function stepsOf(floor: Calibration, prints: readonly Footprint[]): FilmReport['steps'] {
  return prints.flatMap((print, i) => {
    const next = prints.slice(i + 1).find(({ foot }) => foot === print.foot);
    return next ? [{ foot: print.foot, from: print.frame, to: next.frame, length: stepLength(floor, print, next) }] : [];
  });
}
