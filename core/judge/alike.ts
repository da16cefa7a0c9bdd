import type { FootAt } from '../body/foot.js';
import { originOf } from '../body/stance.js';
import { sub, turned, type Vec } from '../body/vec.js';
import type { SimMove } from '../motion/simulation.js';

/**
 * Digits behind the point up to which two moves are the same: a tenth of a micrometre, of a microsecond. Finer than that, places a
 * kilometre off and times after hours differ by their rounding.
 */
const DIGITS = 7;

/**
 * What a move looks like to whoever stands in its stance: the same for all moves that differ only in when and where they are done,
 * and which way they face. Sides are not exchanged.
 */
function shapeOf({ step, before, after, actions, start, end, means, moving }: SimMove): string {
  const origin = originOf(before.feet);
  const numbers: number[] = [];
  const place = (p: Vec): void => {
    const { x, y } = turned(sub(p, origin), -before.heading);
    numbers.push(x, y);
  };
  const foot = (at: FootAt): void => {
    place(at);
    numbers.push(at.toe - before.heading);
  };
  foot(before.feet.left);
  foot(before.feet.right);
  numbers.push(before.leftShare, after.heading - before.heading, end - start);
  const words: unknown[] = [step.act.word, before.lead, moving, means.join('+')];
  for (const one of actions) {
    foot(one.from);
    foot(one.to);
    numbers.push(one.start - start, one.end - start, (one.airborneUntil ?? start) - start);
    if (one.about) place(one.about);
    if (one.bow) {
      const bow = turned(one.bow, -before.heading);
      numbers.push(bow.x, bow.y);
    }
    words.push(one.foot, one.kind, one.about !== undefined, one.bow !== undefined);
  }
  // Minus nought is nought.
  return `${words.join(' ')} ${numbers.map((n) => Math.round(n * 10 ** DIGITS) + 0).join(' ')}`;
}

const shapes = new WeakMap<SimMove, string>();

/**
 * Does something with each move once for all that are alike: what a line repeats costs nothing more. What comes out must speak of
 * times since the move's start, and of no place.
 * @example simulate(parse('split 3'), { body: bodyOf({}), school: schoolOf('square-ready'), lead: null, playing: 'right' }).moves.map(onceForAlike(({ index }) => index)) // [0, 0, 0]
 */
export function onceForAlike<T>(work: (move: SimMove) => T): (move: SimMove) => T {
  const known = new Map<string, T>();
  return (move) => {
    const shape = shapes.get(move) ?? shapeOf(move);
    shapes.set(move, shape);
    const there = known.get(shape);
    if (there !== undefined) return there;
    const made = work(move);
    known.set(shape, made);
    return made;
  };
}
