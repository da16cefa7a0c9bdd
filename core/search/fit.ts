import type { Placing } from '../judge/area.js';
import { ceilingOf, outsideOf } from '../judge/placing.js';
import { simulate, type Script, MOST_MOVES } from '../motion/simulate.js';
import type { Performer } from '../motion/simulation.js';
import { repeated } from './repeat.js';

/** Most repetitions that are tried, and the range of scales. */
const MOST_REPETITIONS = 100;
const SCALES = { least: 0.1, most: 3 } as const;

/** How a pattern fits its floor. */
export interface Fit {
  /** Whether one repetition as written stays inside. */
  readonly fits: boolean;
  /** Largest factor on all sizes at which one repetition stays inside; null when even the smallest leaves. */
  readonly scale: number | null;
  /** Whole repetitions as written before a foot leaves; null: it never did in as many as were tried. */
  readonly repetitions: number | null;
  /** The same with every second repetition to the other side. */
  readonly alternating: number | null;
  readonly tried: number;
}

const inside = (script: Script, performer: Performer, placing: Placing): boolean => {
  const sim = simulate(script, performer);
  return outsideOf(sim, placing).length === 0 && ceilingOf(sim, placing) === null;
};

/** Largest scale and repetition counts with which a pattern stays on its floor. */
export function fitOnFloor(script: Script, performer: Performer, placing: Placing): Fit {
  const once = simulate(script, performer);
  const tried = Math.max(1, Math.min(MOST_REPETITIONS, Math.floor(MOST_MOVES / Math.max(1, once.moves.length))));
  // Each repetition takes the same branches: of others there would be more moves, or fewer.
  const taken = once.choices.map((one) => one.taken);
  const choices = Array.from({ length: tried }, () => taken).flat();
  const stays = (alternating: boolean): number | null => {
    const sim = simulate(repeated(script, tried, 1, alternating), performer, { choices });
    const first = outsideOf(sim, placing)[0];
    return first === undefined ? null : Math.max(0, Math.floor(first.move / Math.max(1, once.moves.length)));
  };
  return {
    fits: inside(script, performer, placing),
    scale: largestScale(script, performer, placing),
    repetitions: stays(false),
    alternating: stays(true),
    tried,
  };
}

/** Found by halving: a pattern that fits at a scale fits at smaller ones, as far as its words of size allow. */
function largestScale(script: Script, performer: Performer, placing: Placing): number | null {
  const fits = (scale: number): boolean => inside(repeated(script, 1, scale), performer, placing);
  if (fits(SCALES.most)) return SCALES.most;
  if (!fits(SCALES.least)) return null;
  let low: number = SCALES.least;
  let high: number = SCALES.most;
  for (let i = 0; i < 20; i++) {
    const middle = (low + high) / 2;
    if (fits(middle)) low = middle;
    else high = middle;
  }
  return low;
}
