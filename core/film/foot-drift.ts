import type { Side } from '../body/foot.js';
import { driftOf, type Drift } from './drift.js';
import type { Stood } from './foot.js';
import type { Attempt } from './marks.js';
import { TWO_WAYS } from './place.js';

/** How the place of one landing changes from attempt to attempt: to the right, and ahead; metres. */
export interface FootDrift {
  readonly foot: Side;
  /** Which landing of that foot in an attempt: 1 for the first. */
  readonly landing: number;
  readonly right: Drift;
  readonly ahead: Drift;
}

/**
 * Whether landings drift over attempts: the first of the left foot, the second, and so on, each over those attempts that have it; of four
 * or more. A foot belongs to the attempt that was begun last before it came down.
 */
export function footDrifts(attempts: readonly Attempt[], feet: readonly Stood[]): FootDrift[] {
  const begins = attempts.map((marks) => marks[0]?.frame ?? Infinity);
  const landings = new Map<string, Stood[]>();
  const seen = new Map<string, number>();
  for (const one of [...feet].sort((a, b) => a.frame - b.frame)) {
    const attempt = begins.filter((begin) => begin <= one.frame).length;
    if (attempt === 0) continue;
    const of = `${attempt} ${one.foot}`;
    const n = (seen.get(of) ?? 0) + 1;
    seen.set(of, n);
    const key = `${one.foot} ${n}`;
    landings.set(key, [...(landings.get(key) ?? []), one]);
  }
  return [...landings.entries()].flatMap(([key, all]): FootDrift[] => {
    const [first] = all;
    const along = (axis: 'x' | 'y'): Drift | null =>
      driftOf(
        all.map(({ place }) => place.at[axis]),
        Math.sqrt(all.reduce((sum, { place }) => sum + (axis === 'x' ? place.ellipse.xx : place.ellipse.yy), 0) / all.length) / TWO_WAYS,
      );
    const [right, ahead] = [along('x'), along('y')];
    return first && right && ahead ? [{ foot: first.foot, landing: Number(key.split(' ')[1]), right, ahead }] : [];
  });
}
